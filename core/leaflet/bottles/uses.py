"""What a bottle is for, guessed from its name; every guess says its reason."""

import re
from collections.abc import Mapping, Sequence
from dataclasses import dataclass, replace

from core.chart import Role
from core.messages import Message

_ROLES: tuple[tuple[Role, str], ...] = (
    (Role.PH_ADJUSTER, r"ph ?(?:\+|-|up|down|plus|minus|adjust\w*)|(?:nitric|phosphoric|sulfuric"
                       r"|sulphuric"
                       r"|citric) acid|acid(?:ifier)?|potassium hydroxide|lye"),
    (Role.SILICA, r"silica\w*|silicon|silicate\w*|silicic|potassium silicate|si"),
    (Role.CALMAG, r"(?:ka|ca)lk? ?-? ?mag\w*|cal ?-? ?(?:&|and|\+)? ?-? ?mag\w*|calcium ?(?:-|&"
                  r"|and|\+)? ?magnesium|ca ?[-+/&] ?mg|mag ?-? ?cal"
                  r"|cal(?:cium)? (?:boost(?:er)?|supplement|plus)|cal"),
    (Role.MAGNESIUM, r"epsom\w*|magnesium\w*|mag|mgso4|bitter ?salt"),
    (Role.LIVE, r"bacteri\w*|microb\w*|myco\w*|trichoderma|bacill\w*|inocul\w*|beneficials?"
                r"|probiotic\w*"
                r"|cultures?|live|living|fungi|compost tea"),
    (Role.ENZYME, r"enzym\w*|\w*zymes?|zym"),
    (Role.BOOSTER, r"boost\w*|p ?[-/]? ?k(?: ?\d+(?:[-/]\d+)?)?|finisher|(?:bud|bloom|flower"
                   r"|fruit) (?:max|hard\w*|swell\w*"
                   r"|enhanc\w*|stimul\w*|explos\w*|power|builder)|ripen\w*|bulk\w*|0-\d+-\d+"
                   r"|late bloom|mkp"),
    (Role.BUFFER, r"buffer\w*|stabili[sz]er|alkalinity|bicarbonate"),
    (Role.ADDITIVE_ALKALINE, r"humates?|humic\w*|root (?:tonic|stim\w*)|alkaline"),
    (Role.ADDITIVE, r"peroxide|h2o2|oxidi[sz]er|hypochlor\w*|chlorine|clean(?:er|s)?|steril\w*"
                    r"|roots?|rooting|rhizo\w*|kelp|seaweed|algae?|fulvic\w*|amino\w*|vitamin\w*"
                    r"|sugar\w*"
                    r"|carb\w*|molasses|sweet\w*|wetting|surfactant|yucca|tonic|stimul\w*"
                    r"|vital\w*|additive"
                    r"|foliar|hormone\w*|b ?-? ?1|defen[cs]e"),
)  # fmt: skip
_BASE = re.compile(
    r"\b(?:micro\w*|macro\w*|gro|grow(?:th)?|bloom|flower|veg(?:etative)?|base|basic|nutrients?|feed"
    r"|food|fertili[sz]er"
    r"|calcium nitrate|hydro|core|leaf|fruit|npk|\d+-\d+-\d+|complete"
    r"|all[- ]in[- ]one"
    r"|potassium nitrate|one[- ]part|two[- ]part|solution)\b"
)
_PART = re.compile(
    # The stem ends before its blanks and dashes, so that a run of them is gone through once.
    r"^(?P<stem>|.*?[^ -])[ -]*(?:\(?\b(?:part|pt|bottle|no\.?|component)\.? ?)?"
    r"\b(?P<part>a|b|c|1|2|3|i|ii|iii|one|two|three)\)?$"
)
_MIDDLE_PART = re.compile(
    r"^(?P<stem>.*?)\b(?:part|pt|component)\.? ?(?P<part>a|b|c|1|2|3|i|ii|iii|one|two"
    r"|three)\b(?P<rest>.*)$"
)
_RANKS = {"a": 1, "1": 1, "i": 1, "one": 1, "b": 2, "2": 2, "ii": 2, "two": 2,
          "c": 3, "3": 3, "iii": 3, "three": 3}  # fmt: skip
_THREE = ((r"micro\w*", 1), (r"gro|grow\w*|veg\w*|leaf", 2), (r"bloom|flower|fruit", 3))
_DRY = re.compile(
    r"\b(?:powder\w*|salts?|crystals?|crystalline|granul\w*|dry|soluble|sulfate|sulphate|nitrate"
    r"|mkp"
    r"|monopotassium|flakes?|prills?|dust|wsp)\b"
)
_OXIDISER = re.compile(r"\b(?:peroxide|h2o2|oxidi[sz]er|hypochlor\w*|chlorine|ozone)\b")


@dataclass(frozen=True, slots=True)
class NameGuess:
    """What a name tells.

    Args:
        role, role_why: what it is for, and by which word.
        dry: whether it is called a powder or a salt.
        oxidiser: whether it is called a peroxide or the like.
        group, rank: for parts of a base.
        sure: whether a word of the name tells the role.
    """

    role: Role
    role_why: Message
    dry: bool = False
    oxidiser: bool = False
    group: str = ""
    rank: int = 0
    sure: bool = True


def guess_names(
    names: Sequence[str],
    *,
    hints: Mapping[int, str] | None = None,
    dosed: Mapping[int, float] | None = None,
) -> list[NameGuess]:
    """What each bottle of a chart is for.

    Args:
        names: as printed.
        hints: by place, what else the leaflet says of a row, such as a heading over it.
        dosed: by place, in which share of the columns it has a dose.
    """
    low = [_plain(name) for name in names]
    found = [_by_words(name, _plain((hints or {}).get(at, ""))) for at, name in enumerate(low)]
    _pair_parts(low, found)
    _take_for_base(found, dosed or {})
    return _grouped(low, found)


def _plain(name: str) -> str:
    return re.sub(r"\s+", " ", re.sub(r"[^a-z0-9+&/.\- ]", " ", name.lower())).strip()


def word_of_a_bottle(name: str) -> str | None:
    """The word of a name that says it is a bottle; None where no word does.

    An element alone is as well what water or feed holds, and "Feed" or "Flower" alone may be
    anything that is counted.

    >>> word_of_a_bottle("Tide boost"), word_of_a_bottle("Kelpie"), word_of_a_bottle("Calcium")
    ('boost', None, None)
    """
    low = _plain(name)
    if _ALONE_SAYS_NOTHING.fullmatch(low):
        return None
    if found := adjuster_in(name):
        return found
    if (role := _role_in(low)) and role[0] is not Role.PH_ADJUSTER:
        return role[1]
    if base := _BASE.search(low):
        return base[0]
    named = _MIDDLE_PART.match(low) or re.search(r"\b(?:part|pt|component)\.? ?[abc123]\b", low)
    return named[0] if named else None


_ALONE_SAYS_NOTHING = re.compile(
    r"feed|food|solution|hydro|leaf|fruit|flower|veg|core|nutrients?|complete|macros?|micros"
    r"|cal|calcium|mag|magnesium|si|silicon|chlorine|alkalinity|bicarbonate|roots?|live|living"
    r"|algae?|acid|foliar|culture|vital\w*|sugars?|(?:n ?[-/]? ?)?p ?[-/]? ?k|ripen\w*|growth"
)


def adjuster_in(name: str) -> str | None:
    """What a name says of raising or lowering pH, such as "ph down"; None where it says nothing."""
    words = r"ph ?(?:up|down|plus|minus|adjust(?:er|ment)|raiser|lower(?:er)?)|ph ?[+-]$"
    words += r"|(?:nitric|phosphoric|sul(?:f|ph)uric|citric) acid|acidifier|potassium hydroxide"
    found = re.search(rf"(?<![a-z0-9])(?:{words})(?![a-z0-9])", _plain(name))
    return found[0] if found else None


def parts_of_a_base(names: Sequence[str]) -> set[str]:
    """Names that are A, B or C of one another, as the parts of a base are called.

    Numbers do not tell: pens, rooms and weeks have them, too.
    """
    stems: dict[str, set[str]] = {}
    lettered = {}
    for name in names:
        if (found := _PART.match(_plain(name))) and found["part"] in ("a", "b", "c"):
            lettered[name] = found["stem"]
            stems.setdefault(found["stem"], set()).add(found["part"])
    return {name for name, stem in lettered.items() if len(stems[stem]) > 1}


def _by_words(name: str, hint: str) -> NameGuess:
    dry, oxidiser = bool(_DRY.search(name)), bool(_OXIDISER.search(name))
    if part := _part(name):
        stem, rank = part
        if not _role_in(stem):
            why = Message("guess.part", part=name[len(stem) :].strip(" -") or name)
            if rank:
                return NameGuess(
                    Role.BASE,
                    why,
                    dry,
                    oxidiser,
                    rank=rank,
                    sure=bool(_BASE.search(stem)) or "part" in name,
                )
    for text, whence in ((name, "guess.word"), (hint, "guess.heading")):
        if role := _role_in(text):
            return NameGuess(role[0], Message(whence, word=role[1]), dry, oxidiser)
        if base := _BASE.search(text):
            return NameGuess(Role.BASE, Message(whence, word=base[0]), dry, oxidiser)
    return NameGuess(Role.ADDITIVE, Message("guess.no_word"), dry, oxidiser, sure=False)


def _role_in(text: str) -> tuple[Role, str] | None:
    if re.search(r"\bcalcium nitrate\b|\bpotassium nitrate\b", text):
        return None
    for role, words in _ROLES:
        if found := re.search(rf"(?<![a-z0-9])(?:{words})(?![a-z0-9])", text):
            return role, found[0]
    return None


def _part(name: str) -> tuple[str, int] | None:
    """The stem of a name such as "grow a" or "part 1 bloom", and which part it is."""
    found = _MIDDLE_PART.match(name) or _PART.match(name)
    if not found:
        return None
    stem = f"{found['stem']} {found.groupdict().get('rest') or ''}".strip(" -")
    return stem, _RANKS[found["part"]]


def _pair_parts(names: Sequence[str], found: list[NameGuess]) -> None:
    """A lone "One" or "A" is no part of a base unless another part stands beside it."""
    stems: dict[str, set[int]] = {}
    for name in names:
        if part := _part(name):
            stems.setdefault(part[0], set()).add(part[1])
    for at, name in enumerate(names):
        part, guess = _part(name), found[at]
        if not part or guess.role is not Role.BASE or guess.sure:
            continue
        alone = len(stems[part[0]]) == 1
        if alone:
            found[at] = NameGuess(
                Role.ADDITIVE, Message("guess.no_word"), guess.dry, guess.oxidiser, sure=False
            )
        else:
            found[at] = replace(guess, role_why=Message("guess.beside"), sure=True)


MOSTLY = 0.5
"""A base is dosed in most of the columns: common practice."""


def _take_for_base(found: list[NameGuess], dosed: Mapping[int, float]) -> None:
    """Where no name tells which bottles are the base, those first rows that are dosed mostly."""
    if any(guess.role is Role.BASE for guess in found):
        return
    unknown = [at for at, guess in enumerate(found) if not guess.sure and not guess.oxidiser]
    often = [at for at in unknown if dosed.get(at, 0) >= MOSTLY][:3]
    for at in often:
        found[at] = replace(
            found[at],
            role=Role.BASE,
            role_why=Message("guess.mostly"),
        )


def _grouped(names: Sequence[str], found: list[NameGuess]) -> list[NameGuess]:
    """Groups and ranks of the bases: A with B, micro before grow before bloom."""
    made = list(found)
    bases = [at for at, guess in enumerate(found) if guess.role is Role.BASE]
    parts = _parts_with_another({at: part for at in bases if (part := _part(names[at]))})
    for at, (stem, rank) in parts.items():
        made[at] = replace(found[at], group=stem or "base", rank=rank)
    rest = [at for at in bases if at not in parts]
    for at, rank in zip(rest, _ranks_of_three([names[at] for at in rest]), strict=True):
        made[at] = replace(found[at], group="base", rank=rank)
    return made


def _parts_with_another(parts: Mapping[int, tuple[str, int]]) -> dict[int, tuple[str, int]]:
    """The parts of bases of which another part stands on the chart."""
    kinds: dict[str, set[int]] = {}
    for stem, rank in parts.values():
        kinds.setdefault(stem, set()).add(rank)
    return {at: part for at, part in parts.items() if len(kinds[part[0]]) > 1}


def _ranks_of_three(names: Sequence[str]) -> list[int]:
    """Ranks of bases without parts: where there is a micro it goes before grow and bloom.

    What is neither of the three then keeps its turn on the chart; without a micro none has a rank.
    """
    ranks = [
        max((rank for word, rank in _THREE if re.search(rf"\b(?:{word})\b", name)), default=0)
        for name in names
    ]
    return [rank or turn for turn, rank in enumerate(ranks, 1)] if 1 in ranks else [0] * len(ranks)
