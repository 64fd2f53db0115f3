"""What a process keeps at hand between requests."""

from collections import OrderedDict
from threading import Lock
from typing import Generic, TypeVar

_Key = TypeVar("_Key")
_Value = TypeVar("_Value")


class Memory(Generic[_Key, _Value]):
    """The things used last, so many at most; safe between threads.

    >>> two = Memory[str, int](2)
    >>> [two.put(name, at) for at, name in enumerate("abc")]
    [0, 1, 2]
    >>> two.get("a"), two.get("c")
    (None, 2)
    """

    def __init__(self, most: int) -> None:
        self._most = most
        self._kept: OrderedDict[_Key, _Value] = OrderedDict()
        self._lock = Lock()

    def get(self, key: _Key) -> _Value | None:
        """What is kept under a key; None if nothing is, or not any more."""
        with self._lock:
            if key in self._kept:
                self._kept.move_to_end(key)
            return self._kept.get(key)

    def put(self, key: _Key, value: _Value) -> _Value:
        """Keep something; it is given back."""
        with self._lock:
            self._kept[key] = value
            self._kept.move_to_end(key)
            if len(self._kept) > self._most:
                self._kept.popitem(last=False)
        return value

    def clear(self) -> None:
        """Forget everything."""
        with self._lock:
            self._kept.clear()
