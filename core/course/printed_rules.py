"""Rules of timing that a leaflet prints in words, offered to a season; nothing is taken unasked.

What is not understood whole is not offered: it stays a note. "Every second watering" is one, since
nobody counts waterings by days.
"""

import re
from collections.abc import Iterator, Sequence
from dataclasses import dataclass

from core.chart import Product, Stage
from core.course.request import Occasion, TimingRule

_NUMBERS = {
    "a": 1, "one": 1, "two": 2, "three": 3, "four": 4, "five": 5, "six": 6, "seven": 7,
    "eight": 8, "ten": 10, "second": 2, "other": 2, "2nd": 2, "third": 3, "3rd": 3, "fourth": 4,
}  # fmt: skip
_WORD = "|".join(sorted(_NUMBERS, key=len, reverse=True))
_COUNT = rf"(?P<count>\d{{1,3}}|{_WORD})"
_UNIT = r"(?P<unit>days?|weeks?|wks?)"

_EVERY = (
    re.compile(rf"\b(?:every|each) (?:{_COUNT} )?{_UNIT}\b"),
    re.compile(rf"\b(?:once|1x|1 ?×|one time) (?:in |per |a |every ){_COUNT}? ?{_UNIT}\b"),
    re.compile(r"\b(?P<word>daily|weekly|fortnightly)\b"),
)
_WORDS = {"daily": 1, "weekly": 7, "fortnightly": 14}
_LAST = (
    re.compile(rf"\b(?:not|never|no|nothing|none|stop)\b.*\b(?:last|final) {_COUNT} {_UNIT}\b"),
    re.compile(
        rf"\b(?:until|up to|stop|ends?|not within)\b ?{_COUNT} {_UNIT} before (?:the )?harvest"
    ),
)
_FROM = re.compile(r"\b(?:from|starting(?: in| with| from)?|as of) (?:week|wk) (?P<week>\d{1,2})\b")
_ONLY = re.compile(
    r"\b(?:only|just) (?:in|during|for|while) (?P<stages>[a-z ,/&-]+)|(?P<alone>[a-z]+) only\b"
)
_NOT_DAYS = re.compile(r"\b(?:watering|irrigation|feeding|feed|refill|fill|reservoir|mix)s?\b")
"""What some leaflets count by instead of days."""

_STAGES = {
    "seedling": Stage.SEEDLING, "seedlings": Stage.SEEDLING, "propagation": Stage.SEEDLING,
    "leaf": Stage.LEAF, "vegetative": Stage.LEAF, "veg": Stage.LEAF, "growth": Stage.LEAF,
    "grow": Stage.LEAF, "flower": Stage.FLOWER, "flowering": Stage.FLOWER, "bloom": Stage.FLOWER,
    "ripening": Stage.RIPEN, "ripen": Stage.RIPEN, "fruiting": Stage.FLOWER,
}  # fmt: skip


@dataclass(frozen=True, slots=True)
class PrintedRule:
    """A rule that a leaflet prints.

    Args:
        rule: as it is understood.
        note: the words that say so.
    """

    rule: TimingRule
    note: str


def printed_rules(notes: Sequence[str], products: Sequence[Product]) -> tuple[PrintedRule, ...]:
    """The rules that notes print of products which they name; of each the first.

    >>> from core.chart import Form, Role
    >>> scour = Product("sc", "Scour", Role.ENZYME, Form.LIQUID)
    >>> [found] = printed_rules(["Scour: every 14 days, not in the last 2 weeks"], [scour])
    >>> found.rule.every_days, found.rule.until_days_before_harvest
    (14, 14)
    """
    found: dict[str, PrintedRule] = {}
    for note in notes:
        for product in _named(note, products):
            rule = _rule(product, note)
            if rule is not None:
                found.setdefault(product.key, PrintedRule(rule, note))
    return tuple(found.values())


def _named(note: str, products: Sequence[Product]) -> Iterator[Product]:
    """The products that a note names; a longer name before a part of it."""
    left = note.lower()
    for product in sorted(products, key=lambda one: len(one.name), reverse=True):
        name = re.compile(rf"(?<!\w){re.escape(product.name.lower())}(?!\w)")
        if name.search(left):
            left = name.sub(" ", left)
            yield product


def _rule(product: Product, note: str) -> TimingRule | None:
    said = re.sub(r"\s+", " ", note.lower().replace(product.name.lower(), " "))
    until, rest = _days_in(said, _LAST)
    every, rest = _days_in(rest, _EVERY)
    stages, rest = _only_stages(rest)
    begins = _FROM.search(rest)
    if (every is None and until is None) or _NOT_DAYS.search(rest):
        return None
    return TimingRule(
        product=product.key,
        every_days=every,
        from_day=(int(begins["week"]) - 1) * 7 if begins and int(begins["week"]) else 0,
        only_stages=stages,
        until_days_before_harvest=until,
        occasion=Occasion.ANY,
    )


def _days_in(said: str, patterns: Sequence[re.Pattern[str]]) -> tuple[int | None, str]:
    """So many days, and the words without those that say it."""
    for pattern in patterns:
        if (found := pattern.search(said)) is None:
            continue
        told = found.groupdict()
        if word := told.get("word"):
            days = _WORDS[word]
        else:
            count = told["count"] or "1"
            days = int(count) if count.isdigit() else _NUMBERS[count]
            days *= 7 if told["unit"].startswith("w") else 1
        if 1 <= days <= 365:
            return days, said[: found.start()] + " " + said[found.end() :]
    return None, said


def _only_stages(said: str) -> tuple[frozenset[Stage], str]:
    found = _ONLY.search(said)
    if found is None:
        return frozenset(), said
    words = re.findall(r"[a-z]+", found["stages"] or found["alone"])
    stages = frozenset(_STAGES[word] for word in words if word in _STAGES)
    return stages, said[: found.start()] + " " + said[found.end() :]
