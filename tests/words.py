"""What a message, an error or a caution says, in words."""

import re
from collections.abc import Iterator
from contextlib import contextmanager
from typing import Protocol

import pytest

from core.errors import InputError
from core.messages import Message
from core.wording import PLAIN, Manner, wording


class _Tells(Protocol):
    @property
    def message(self) -> Message: ...


def words_of(thing: _Tells, manner: Manner = PLAIN) -> str:
    """The sentence of whatever has a message."""
    return wording(thing.message, manner)


@contextmanager
def refuses(pattern: str) -> Iterator[pytest.ExceptionInfo[InputError]]:
    """What is done within is refused, with such words."""
    with pytest.raises(InputError) as refused:
        yield refused
    assert re.search(pattern, words_of(refused.value)), words_of(refused.value)
