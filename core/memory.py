"""What a process keeps at hand, by what it follows from: bounded in bytes."""

from collections.abc import Callable, Hashable
from contextlib import suppress
from threading import Lock
from typing import Generic, TypeVar

from cachetools import LRUCache

_Key = TypeVar("_Key", bound=Hashable)
_Value = TypeVar("_Value")

MEGABYTE = 1_000_000


class Memory(Generic[_Key, _Value]):
    """A cache that drops what was not used for longest, bounded in bytes; safe between threads.

    Args:
        most: bytes of all that is kept; what is heavier by itself is not kept at all.
        weigh: about how many bytes a key and its value take.

    >>> two = Memory[str, str](2 * 52, weigh=lambda key, value: 50 + len(key) + len(value))
    >>> [two.put(name, name.upper()) for name in "abc"]
    ['A', 'B', 'C']
    >>> two.get("a"), two.get("c")
    (None, 'C')
    >>> two.put("d", "heavier than all that may be kept" * 9)[:7], two.get("d")
    ('heavier', None)
    """

    def __init__(self, most: int, *, weigh: Callable[[_Key, _Value], int]) -> None:
        self._weigh = weigh
        self._kept: LRUCache[_Key, tuple[_Value, int]] = LRUCache(most, getsizeof=_weight)
        self._lock = Lock()

    def get(self, key: _Key) -> _Value | None:
        """What is kept under a key; None if nothing is, or not any more."""
        with self._lock:
            found = self._kept.get(key)
        return None if found is None else found[0]

    def put(self, key: _Key, value: _Value) -> _Value:
        """Keep something; it is given back."""
        weight = self._weigh(key, value)
        with self._lock, suppress(ValueError):  # heavier than all that may be kept
            self._kept.pop(key, None)
            self._kept[key] = (value, weight)
        return value

    def clear(self) -> None:
        """Forget everything."""
        with self._lock:
            self._kept.clear()


def _weight(kept: tuple[object, int]) -> int:
    return kept[1]
