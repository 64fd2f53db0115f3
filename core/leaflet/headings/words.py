"""What stands above a column: weeks, days, dates, and stages in growers' words."""

import re
from calendar import month_abbr, month_name, monthrange
from dataclasses import dataclass
from functools import lru_cache

from core.chart import Stage
from core.leaflet.headings.dates import Day, read_day, read_span

_LARGEST = 366
"""A bare number above it is no week, and no number of days that a column may have."""

_STAGES: tuple[tuple[Stage, str], ...] = (
    (Stage.FLUSH, r"flush(?:ing|ed)?|rins(?:e|ing)|leach(?:ing)?|(?:plain|clear|clean) water"
                  r"|water only"),
    (Stage.TRANSITION, r"pre[- ]?flower(?:ing)?|pre[- ]?bloom(?:ing)?|transition(?:al)?|stretch"
                       r"|change(?:[- ]?over)?|switch|initiation"),
    (Stage.RIPEN, r"ripen(?:ing|s)?|ripe|matur(?:e|ation|ity|ing)|finish(?:ing|er)?|harvest(?:ing)?"
                  r"|senescence"),
    (Stage.SEEDLING, r"seedlings?|seeds?|cuttings?|clones?|cloning|propagation|germinat(?:ion|ing)"
                     r"|rooting|roots?|plugs?|sprouts?|nursery|starts?|rooted"),
    (Stage.LEAF, r"veg(?:etative|etation|gie|ging)?|grow(?:th|ing)?|leaf(?:y|ing)?|leaves"
                 r"|young plants?|establish(?:ment|ing|ed)?|juvenile|foliage"
                 r"|transplant(?:ed|ing|s)?"),
    (Stage.FLOWER, r"(?:flower|bloom|blossom)(?:s|ing)?|fruit(?:s|ing)?(?: (?:set|fill))?"
                   r"|bud(?:s|ding)?|generative|swell(?:ing)?|bulk(?:ing)?|cropping|truss(?:es)?"),
)  # fmt: skip
"""Stages by the words that leaflets have for them: common practice."""

_STAGE = re.compile("|".join(rf"(?P<{stage.name}>\b(?:{words})\b)" for stage, words in _STAGES))
_SEPARATOR = re.compile(r" ?(?:/|&|\+|,|\bto\b|\band\b| - |–|→) ?")
_NUMBERS = {
    word: number
    for number, word in enumerate(
        [
            "one",
            "two",
            "three",
            "four",
            "five",
            "six",
            "seven",
            "eight",
            "nine",
            "ten",
            "eleven",
            "twelve",
        ],
        1,
    )
}
_WEEK = r"(?:weeks?|wks?|w|woche|semaine|semana|settimana)\.?"
_TO = r"(?:-|–|—|−|\bto\b|\+|&|\band\b|/|,)"
_WEEKS = re.compile(
    rf"\b{_WEEK} ?(?:no\.?|nr\.?|#|:)? ?(?P<low>\d{{1,3}})(?:st|nd|rd|th)?"
    rf"(?: ?{_TO} ?(?:{_WEEK} ?)?(?P<high>\d{{1,3}})\b)?(?P<open> ?\+| ?→| and (?:after|on))?"
)
_NTH_WEEK = re.compile(rf"\b(\d{{1,3}})(?:st|nd|rd|th|\.) {_WEEK}(?![a-z])")
_WEEKS_LONG = re.compile(rf"\b(\d{{1,2}})(?: ?{_TO} ?(\d{{1,2}}))? ?(?:weeks?|wks?)\b")
_DAYS = re.compile(rf"\bdays? ?(\d{{1,3}}) ?{_TO} ?(?:day )?(\d{{1,3}})\b")
_MONTH = re.compile(r"\b(?:month|mth) ?(\d{1,2})\b|\b(\d{1,2})(?:st|nd|rd|th) month\b")
_MONTH_DAYS = 30
_MONTH_NAMES = {
    name.lower(): number
    for names in (month_name, month_abbr)
    for number, name in enumerate(names)
    if name
}
_DAYS_LONG = re.compile(r"\b(\d{1,3}) ?(?:days?|d)\b")
_DAY = re.compile(r"\bday ?(\d{1,3})\b")
_NUMBER = re.compile(
    r"(?P<low>\d{1,3})(?: ?(?:-|–|—|−|\bto\b|\+|&|\band\b) ?(?P<high>\d{1,3}))?(?P<open> ?\+)?"
)  # without a comma or a stroke: 2,5 and 1/2 are figures
_ORDINAL = re.compile(r"\b(?:phase|stage|step|period|block) ?(?:\d{1,2}|[ivx]+|[a-h])\b")
_BESIDE = re.compile(
    r"\b(?:early|earl?y|mid(?:dle)?|late|first|second|third|full|start|begin(?:ning)?|end|last"
    r"|phase|stage|period|in|of|the|on|to|and|week|weeks|plants?|onwards?|set|peak|main)\b"
    r"|\b(?:i{1,3}|iv|v|vi)\b|\d{1,3}(?:st|nd|rd|th)?|[^a-z0-9]"
)


@dataclass(frozen=True, slots=True)
class Heading:
    """What one cell above a column says.

    Args:
        text: as printed.
        weeks: first and last week.
        stage: of growth.
        days: how long it is.
        day: the day of a season it begins on.
        date: the day of a year it begins on.
        number: a bare number or range, which is a week where something says so.
        is_open: whether it goes on after its last week, as "Week 8+".
    """

    text: str
    weeks: tuple[int, int] | None = None
    stage: Stage | None = None
    days: int | None = None
    day: int | None = None
    date: Day | None = None
    number: tuple[int, int] | None = None
    is_open: bool = False

    @property
    def is_fine(self) -> bool:
        """Whether it stands for one column rather than for a group of them."""
        return any(one is not None for one in (self.weeks, self.days, self.day, self.date))


@lru_cache(maxsize=4096)
def read_heading(text: str) -> Heading | None:
    """What a heading says; None where it is none.

    >>> read_heading("Wk 3 + 4").weeks, read_heading("Late bloom").stage.value
    ((3, 4), 'flower')
    """
    if not text or len(text) > 80:
        return None
    low = _spelled(text)
    return (
        _of_a_date(text)
        or _of_numbers(text, low)
        or _of_a_length(text, low)
        or _of_a_stage(text, low)
    )


def _of_a_date(text: str) -> Heading | None:
    if date := read_day(text):
        return Heading(text, date=date)
    span = read_span(text)
    return Heading(text, date=span[0], days=span[1]) if span else None


def _of_numbers(text: str, low: str) -> Heading | None:
    found = _NUMBER.fullmatch(low)
    if found is None or int(found["low"]) > _LARGEST:
        return None
    numbers = _span(found["low"], found["high"])
    return Heading(text, number=numbers, is_open=bool(found["open"])) if numbers else None


def _of_a_length(text: str, low: str) -> Heading | None:
    """Weeks, days or a month, with the stage that stands beside them."""
    if low in _MONTH_NAMES:
        return Heading(text, days=monthrange(2001, _MONTH_NAMES[low])[1])
    weeks, days, day = _length(low)
    if not (weeks or days or day):
        return None
    return Heading(text, weeks, stage_in(low), days, day, is_open=_is_open(low))


def _of_a_stage(text: str, low: str) -> Heading | None:
    """A stage alone, or a phase that is numbered."""
    stage, rest = stage_in(low), re.sub(r"\([^)]*\)|\[[^]]*\]", " ", low)
    alone = stage and not _BESIDE.sub("", _STAGE.sub(" ", rest)).strip()
    return Heading(text, stage=stage) if alone or _ORDINAL.search(rest) else None


def _is_open(low: str) -> bool:
    found = _WEEKS.search(low)
    return bool(found and found["open"])


def _spelled(text: str) -> str:
    low = text.lower().replace("\u00a0", " ").strip(" .:")
    return re.sub(r"\b(?:week|wk) (\w+)\b", _with_digits, low)


def _with_digits(found: re.Match[str]) -> str:
    return f"week {_NUMBERS.get(found[1], found[1])}"


def _span(low: str, high: str | None) -> tuple[int, int] | None:
    span = int(low), int(high or low)
    return span if span[0] <= span[1] else None


def _length(low: str) -> tuple[tuple[int, int] | None, int | None, int | None]:
    """Weeks, days and first day that a heading in small letters tells."""
    weeks, days, day = None, None, None
    if found := _WEEKS.search(low):
        weeks = _span(found["low"], found["high"])
    elif found := _NTH_WEEK.search(low):
        weeks = _span(found[1], None)
    elif (found := _WEEKS_LONG.search(low)) and found[2] is None:
        days = int(found[1]) * 7
    if found := _DAYS.search(low):
        day, last = int(found[1]), int(found[2])
        days = last - day + 1 if last >= day else None
    elif found := _DAYS_LONG.search(low):
        days = int(found[1])
    elif found := _DAY.search(low):
        day = int(found[1])
    elif _MONTH.search(low):
        days = _MONTH_DAYS
    return weeks, days, day


def stage_in(text: str) -> Stage | None:
    """The stage that words name: of "fruit ripening" the last, of "seedling / veg" the first.

    >>> stage_in("fruit ripening").value, stage_in("seedling / early veg").value
    ('ripen', 'seedling')
    """
    for part in _SEPARATOR.split(re.sub(r"\b(pre) ?- ?", r"\1-", text.lower())):
        found = list(_STAGE.finditer(part))
        if found:
            return Stage[found[-1].lastgroup or ""]
    return None


_WEEK_CORNER = re.compile(rf"\b{_WEEK}(?![a-z])")
DAYS_ROW = re.compile(
    r"(?:days?|(?:stage |phase |growth )?(?:duration|length)|how long|days? long"
    r"|(?:days|weeks) (?:per|in|of) (?:each |the )?(?:stage|phase|period|column|week)"
    r"|(?:how many|(?:number|no\.?|nr\.?|#) of) (?:days|weeks))"
    r"(?:,? ?\(?(?:in )?(?:days?|d|weeks?|wks?)\)?)?"
)
"""The name of a row that tells how long each column is."""
COUNTS_WEEKS = re.compile(r"^(?!.*\bdays?\b).*\b(?:weeks?|wks?)\b")
"""Whether such a row counts weeks: "duration (weeks)", but not "days per week"."""
DATE_ROW = re.compile(r"(?:dates?|from|starts?|beginning|starting)(?: (?:on|date|from))?")
STAGE_ROW = re.compile(r"(?:growth |plant |growing )?(?:stages?|phases?|periods?)(?: of growth)?")


def says_weeks(text: str) -> bool:
    """Whether a corner or a row's name tells that the numbers beside it are weeks.

    >>> says_weeks("Week"), says_weeks("Week 2"), says_weeks("Weeks per stage")
    (True, False, False)
    """
    low = text.lower()
    is_length = DAYS_ROW.fullmatch(low.strip(" .:")) or re.search(r"\bper\b|duration|length", low)
    return bool(_WEEK_CORNER.search(low) and not re.search(r"\d", low) and not is_length)
