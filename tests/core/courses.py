"""Charts, events and rules for tests of the course of a tank. All of it is invented."""

from collections.abc import Sequence
from dataclasses import replace
from datetime import date, timedelta
from fractions import Fraction

from hypothesis import strategies as st

from core.chart import Chart, Column, Dose, Medium, Product, Readings, Role, Stage
from core.course import (
    Apart,
    ChangeOut,
    Course,
    CourseRequest,
    Happening,
    HappeningKind,
    Occasion,
    Programme,
    TaskKind,
    TimingRule,
    plan_course,
)
from core.quantities import DoseUnit

START = date(2027, 3, 1)
STAGES = (Stage.SEEDLING, Stage.LEAF, Stage.LEAF, Stage.FLOWER, Stage.FLOWER, Stage.RIPEN)
KEYS = ("w1", "w2", "w3", "w4", "w5", "w6")
PRODUCTS = (
    Product("one", "Marram One", Role.BASE, group="m", rank=1),
    Product("glass", "Glasswort", Role.SILICA, scales=False),
    Product("mud", "Mudlark", Role.LIVE),
    Product("perox", "Clearwell", Role.ADDITIVE, oxidiser=True),
    Product("tide", "Second Tide", Role.BOOSTER),
)


def chart(
    days: Sequence[int | None] = (7,) * 6,
    *,
    pours: Sequence[str] = ("one",),
    stages: Sequence[Stage] = STAGES,
    name: str = "Marram",
) -> Chart:
    """A chart of some columns, in each of which the same products are poured."""
    columns = tuple(
        Column(key, f"Week {key[1:]}", length, stage)
        for key, length, stage in zip(KEYS, days, stages, strict=False)
    )
    doses = tuple(
        Dose(product, column.key, Fraction(1), Fraction(1), DoseUnit.ML_PER_L)
        for column in columns
        for product in pours
    )
    return Chart(name, Medium.WATER, Readings.ADDED, False, PRODUCTS, columns, doses)


def ask(**changes: object) -> CourseRequest:
    """A season of 20 weeks, changed by what a test says."""
    asked = CourseRequest(chart(), START, START + timedelta(days=140), read_every_days=None)
    return replace(asked, **changes)  # type: ignore[arg-type]


def after(day: int, kind: HappeningKind, **what: object) -> Happening:
    """What happened on a day counted from the start."""
    return Happening(START + timedelta(days=day), kind, **what)  # type: ignore[arg-type]


def spans(course: Course) -> list[tuple[str, int, int, bool]]:
    """Columns with their days and whether they are open."""
    return [(one.column.key, one.first, one.last, one.is_open) for one in course.columns]


def days_of(course: Course, product: str) -> list[int]:
    """On which days a product goes in, with a filling or alone."""
    return [(one.on - course.request.start).days for one in course.tasks if product in one.products]


def days_with(course: Course, *kinds: TaskKind) -> list[int]:
    """On which days there is something of a kind to do."""
    return [(one.on - course.request.start).days for one in course.tasks if one.kind in kinds]


COLUMN_DECISIONS = (
    HappeningKind.HOLD, HappeningKind.ADVANCE, HappeningKind.SET_BACK, HappeningKind.REPEAT,
    HappeningKind.STRETCH, HappeningKind.JUMP, HappeningKind.SIGN, HappeningKind.CHANGED_OUT,
)  # fmt: skip


@st.composite
def happenings(draw: st.DrawFn) -> Happening:
    """Anything that may have happened in the first months."""
    kind = draw(st.sampled_from(COLUMN_DECISIONS))
    held = st.none() | st.integers(1, 30)
    return after(
        draw(st.integers(0, 120)),
        kind,
        column=draw(st.sampled_from(KEYS)),
        days=draw(held if kind is HappeningKind.HOLD else st.integers(-20, 20)),
        sign=draw(st.sampled_from(["first flowers", "roots", "never seen"])),
    )


RULED = ("mud", "perox", "tide", "kelp", "zyme")


@st.composite
def rules(draw: st.DrawFn, product: str) -> TimingRule:
    """A rule of timing for a product."""
    others = [key for key in (*RULED, "one") if key != product]
    for_days = draw(st.none() | st.integers(1, 90))
    return TimingRule(
        product,
        every_days=draw(st.none() | st.integers(1, 40)),
        from_day=draw(st.integers(0, 60)),
        for_days=for_days,
        then_every_days=draw(st.none() | st.integers(1, 50)) if for_days else None,
        only_stages=frozenset(draw(st.lists(st.sampled_from(Stage), max_size=2))),
        until_days_before_harvest=draw(st.none() | st.integers(0, 40)),
        occasion=draw(st.sampled_from(Occasion)),
        apart_from=tuple(
            Apart(draw(st.integers(1, 6)), product=other)
            for other in draw(st.lists(st.sampled_from(others), max_size=2, unique=True))
        ),
    )


@st.composite
def ruled_seasons(draw: st.DrawFn) -> CourseRequest:
    """A year with up to five rules, change-outs and perhaps a harvest."""
    ruled = draw(st.lists(st.sampled_from(RULED), min_size=1, max_size=5, unique=True))
    lengths = draw(st.lists(st.integers(1, 90), min_size=6, max_size=6))
    return ask(
        chart=chart(
            lengths, pours=draw(st.sampled_from([("one",), ("one", "perox"), ("one", "mud")]))
        ),
        until=START + timedelta(days=365),
        rules=tuple(draw(rules(product)) for product in ruled),
        change_out=draw(st.none() | st.builds(ChangeOut, every_days=st.integers(1, 60))),
        harvest=draw(st.none() | st.integers(30, 360).map(lambda day: START + timedelta(days=day))),
        flush_days=draw(st.none() | st.integers(1, 20)),
        most_additions_a_day=draw(st.none() | st.integers(1, 3)),
    )


def living(**changes: object) -> CourseRequest:
    """A living tank, in which cultures and feed are poured."""
    return ask(programme=Programme.LIVING, chart=chart((3, 14), pours=("one", "mud")), **changes)


__all__ = ["after", "ask", "chart", "days_of", "days_with", "living", "plan_course", "spans"]
