"""Volumes as people say them of a tank: “half”, “2/3 of the tank”, “to the 40 cm mark”."""

import re
from collections.abc import Callable
from dataclasses import dataclass
from fractions import Fraction

from core.errors import InputError
from core.messages import Message
from core.quantities.dose_units import Gallon
from core.quantities.typed import parse_volume
from core.quantities.typed_numbers import single_number, tidy_text
from core.quantities.units import Volume, VolumeUnit

_CM = {"mm": Fraction(1, 10), "cm": Fraction(1), "in": Fraction("2.54"), '"': Fraction("2.54")}
_SHARES = {
    "full": Fraction(1), "half": Fraction(1, 2), "third": Fraction(1, 3),
    "quarter": Fraction(1, 4), "fifth": Fraction(1, 5),
}  # fmt: skip
_TANK = r"(?:tank|reservoir|res|barrel|tub|tote|drum|bucket)"
_OF_TANK = re.compile(rf"(?:full|(?:of )?(?:the |a |my )?{_TANK}(?: full)?|of it)")
_WORD = re.compile(
    rf"(?:the |a |one )?(?:whole )?(full|half|third|quarter|fifth|{_TANK})(?: (.+))?"
)
_TIMES = re.compile(r"(two|three|four|[2-4]) (thirds?|quarters?|fifths?)(?: (.+))?")
_COUNTS = {"two": 2, "three": 3, "four": 4}
_MARK = re.compile(r"(?:the )?(.+?) ?(mm|cm|in(?:ch(?:es)?)?|\")(?: (?:mark|line|level|deep))?")
_MORE = re.compile(r"(?:top(?:ping|ped)?[ -]?up|top off|add|\+)\s*(?:by |with |of )?(.*)|(.+) more")


@dataclass(frozen=True, slots=True)
class TankMeant:
    """The tank that a volume is said of.

    Args:
        whole: all its water.
        at_level: its water at a level in cm; None where nobody has told its shape.
    """

    whole: Volume
    at_level: Callable[[Fraction], Volume] | None = None


def parse_tank_volume(
    text: str,
    *,
    gallon: Gallon | None = None,
    unit: VolumeUnit | None = None,
    tank: TankMeant | None = None,
) -> Volume:
    """A volume of water in a tank: as `parse_volume`, a share of the tank, or a mark on it.

    >>> tub = TankMeant(Volume(Fraction(90)))
    >>> [int(parse_tank_volume(text, tank=tub).litres) for text in ("half", "2/3 of the tank")]
    [45, 60]

    Args:
        text: what was typed.
        gallon, unit: as for `parse_volume`.
        tank: the tank; None while there is none.

    Raises:
        InputError: as for `parse_volume`; a share or a mark of a tank that is not known; what may
            be a share or litres; water that is added to what is in the tank.
    """
    said = re.sub(r"^(?:fill(?:ed)? )?(?:up )?to ", "", tidy_text(text, Message("typed.volume")))
    if more := _MORE.fullmatch(said):
        added = (more[1] or more[2] or "").strip()
        raise InputError("volume_unclear.added", text=text.strip(), added=added or "…")
    share = _share(said)
    if share is not None:
        if tank is None:
            raise InputError("volume_unclear.no_tank", text=text.strip())
        if not 0 < share <= 1:
            raise InputError("volume_unclear.beyond", text=text.strip())
        return Volume(tank.whole.litres * share)
    if mark := _MARK.fullmatch(said):
        return _at_mark(text, mark, tank)
    volume = parse_volume(said, gallon=gallon, unit=unit)
    is_bare = re.fullmatch(r"[\d.,/ -]+", said)
    if unit is not None and is_bare and volume.in_unit(unit) < 1:
        words = {VolumeUnit.GAL_US: "US gal", VolumeUnit.GAL_UK: "UK gal"}.get(unit, "L")
        what = "volume_unclear.bare" if tank else "volume_unclear.small"
        raise InputError(what, text=said, unit=words)
    return volume


def _share(said: str) -> Fraction | None:
    """The share of a tank that words tell; None where they tell no share."""
    share, of = _share_in_words(said) or _share_in_figures(said) or (None, "")
    return None if of and not _OF_TANK.fullmatch(of) else share


def _share_in_words(said: str) -> tuple[Fraction, str] | None:
    """“Half a tank”, “two thirds”: the share, and what it is said to be of."""
    if word := _WORD.fullmatch(said):
        return _SHARES.get(word[1], Fraction(1)), word[2] or ""
    if times := _TIMES.fullmatch(said):
        count = _COUNTS.get(times[1]) or int(times[1])
        return count * _SHARES[times[2].removesuffix("s")], times[3] or ""
    return None


def _share_in_figures(said: str) -> tuple[Fraction, str] | None:
    """“60 %”, “2/3 of the tank”; a bare figure is a volume."""
    if not re.match(r"[\d.,]", said):
        return None
    value, rest = single_number(said, Message("typed.volume"))
    if rest.startswith("%"):
        return value / 100, rest.removeprefix("%").strip()
    return (value, rest) if rest else None


def _at_mark(text: str, mark: re.Match[str], tank: TankMeant | None) -> Volume:
    if tank is None or tank.at_level is None:
        raise InputError("volume_unclear.no_shape", text=text.strip())
    level, rest = single_number(mark[1], Message("typed.volume"))
    if rest:
        raise InputError("unknown_unit.volume", text=text.strip())
    volume = tank.at_level(level * _CM[mark[2][:2]])
    if volume.litres <= 0:
        raise InputError("volume_unclear.beyond", text=text.strip())
    return volume
