"""Between which days a rule may be, and how far from other products."""

from core.course.request import Anchor, AnchorKind, TimingRule
from core.course.season import Season

OXIDISER_APART_DAYS = 3
"""Between an oxidiser and live cultures, unless a rule says otherwise: by then a peroxide is spent
in water with roots (from memory; growers say "never in the same week")."""


def counts_from_harvest(rule: TimingRule) -> bool:
    """Whether a bound of a rule is counted from the day of harvest."""
    anchors = [anchor for anchor in (rule.begins, rule.ends) if anchor is not None]
    by_anchor = any(anchor.of is AnchorKind.HARVEST for anchor in anchors)
    return by_anchor or rule.until_days_before_harvest is not None


def bounds_of(rule: TimingRule, season: Season) -> tuple[int | None, int | None]:
    """The first and last day of a rule; no first while that is not known, no last where none is."""
    begins = 0 if rule.begins is None else _anchored(rule.begins, season)
    first = None if begins is None else max(begins, rule.from_day, 0)
    ends = [] if rule.ends is None else [_anchored(rule.ends, season)]
    if rule.until_days_before_harvest is not None:
        ends.append(
            _anchored(Anchor(AnchorKind.HARVEST, days=-rule.until_days_before_harvest), season)
        )
    known = [end for end in ends if end is not None]
    first = None if first is None else _first_holding(rule, first, season)
    if first is not None and rule.for_days is not None and rule.then_every_days is None:
        known.append(first + rule.for_days - 1)
    return first, min(known, default=None)


def _first_holding(rule: TimingRule, first: int, season: Season) -> int:
    """The first day from there on whose stage the rule is for; that day itself where none comes."""
    days = range(first, season.last + 1) if rule.only_stages else ()
    return next((day for day in days if season.by_day[day].column.stage in rule.only_stages), first)


def _anchored(anchor: Anchor, season: Season) -> int | None:
    """A day counted from something; None while that is not known."""
    found: int | None = 0
    if anchor.of is AnchorKind.HARVEST:
        harvest = season.request.harvest
        found = None if harvest is None else season.request.day(harvest)
    elif anchor.of is AnchorKind.STAGE:
        columns = season.laid.columns
        found = next(
            (column.first for column in columns if column.column.stage == anchor.name), None
        )
    elif anchor.of is AnchorKind.SIGN:
        found = season.laid.day_of_sign(anchor.name, season.request)
    return None if found is None else found + anchor.days


def apart_from(rule: TimingRule, season: Season) -> dict[str, int]:
    """Days from other products: as the rule wants, as theirs want, and what kills cultures."""
    found: dict[str, int] = {}

    def keep(other: str, days: int) -> None:
        if other != rule.product:
            found[other] = max(found.get(other, 0), days, 1)

    own, cultures = rule.product, season.cultures
    oxidisers = season.oxidisers
    enemies = oxidisers if own in cultures else cultures if own in oxidisers else frozenset()
    for apart in rule.apart_from:
        for other in _named(apart.product, apart.role, season):
            keep(other, apart.days)
    for another in season.request.rules:
        for apart in another.apart_from:
            if own in _named(apart.product, apart.role, season):
                keep(another.product, apart.days)
    for enemy in enemies - set(found):
        keep(enemy, OXIDISER_APART_DAYS)
    return found


def _named(product: str | None, role: object, season: Season) -> list[str]:
    if product is not None:
        return [product]
    return [key for key, one in season.products.items() if one.role is role]
