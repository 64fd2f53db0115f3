"""The few letters on a bottle's paper label."""

from collections.abc import Iterator

from core.errors import InputError


def new_tag(name: str, taken: set[str]) -> str:
    """Two letters or digits for a paper label, unlike those in `taken`; three once two are taken.

    Raises:
        InputError: there are more products than labels.

    >>> new_tag("Glasswort", set()), new_tag("Marram Two", set()), new_tag("Glasswort", {"Gl"})
    ('Gl', 'MT', 'Gs')
    """
    tags = (_upper(wish[0]) + wish[1:] for wish in _wishes(name))
    free = next((tag for tag in tags if tag not in taken), None)
    if free is None:
        raise InputError("too_many_or_few.letters")
    return free


def _wishes(name: str) -> Iterator[str]:
    """The first letters of two words, the first with each other letter, a digit, then anything."""
    words = "".join(c if c.isalnum() else " " for c in name).split()
    letters = "".join(words) or "X"
    if len(words) > 1:
        yield words[0][0] + words[1][0]
    yield from [letters[0] + letter for letter in letters[1:]] or [letters[0]]
    yield from (letters[0] + digit for digit in "23456789")
    yield from (first + rest for rest in _LONGER for first in letters[0] + _PLAIN)


_PLAIN = "0123456789ABCDEFGHIJKLMNOPQRSTUVWXYZ"
_LONGER = (*_PLAIN, *(a + b for a in _PLAIN for b in _PLAIN))


def _upper(letter: str) -> str:
    """A capital, unless that would be two letters, as of ß."""
    return letter.upper() if len(letter.upper()) == 1 else letter
