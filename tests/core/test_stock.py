"""Several bottles of one product."""

from datetime import date, timedelta
from fractions import Fraction

import pytest
from hypothesis import given
from hypothesis import strategies as st

from core.errors import InputError
from core.stock import Bottle, BottleState, days_left, draw, oldest_first

TODAY = date(2026, 3, 14)
_days = st.none() | st.integers(-400, 400).map(lambda n: TODAY + timedelta(days=n))


@st.composite
def bottles(make: st.DrawFn) -> list[Bottle]:
    return [
        Bottle(
            str(key), Fraction(make(st.integers(0, 10**6)), 1000), make(_days), make(_days),
            make(_days), make(st.none() | st.integers(1, 900)),
        )
        for key in range(make(st.integers(0, 6)))
    ]  # fmt: skip


@given(bottles(), st.fractions(0, 5000))
def test_nothing_is_drawn_twice_or_lost(shelf: list[Bottle], amount: Fraction) -> None:
    drawn = draw(shelf, amount)
    held = {one.key: one.left for one in shelf}
    assert sum((part for _, part in drawn.amounts), drawn.short) == amount
    assert all(0 < part <= held[key] for key, part in drawn.amounts)
    assert drawn.short == max(amount - sum(held.values()), 0)
    # a bottle is used up before the next is taken
    assert all(part == held[key] for key, part in drawn.amounts[:-1])


def test_opened_comes_before_closed_and_what_goes_off_before_what_lasts() -> None:
    closed = Bottle("closed", Fraction(9), received=date(2025, 1, 1))
    opened = Bottle("opened", Fraction(9), opened=date(2026, 3, 1))
    sooner = Bottle("sooner", Fraction(9), opened=date(2026, 3, 10), keeps_days=14)
    empty = Bottle("empty", Fraction(0), opened=date(2025, 1, 1))
    printed = Bottle("printed", Fraction(9), best_before=date(2026, 6, 1))
    order = [one.key for one in oldest_first([closed, empty, printed, opened, sooner])]
    assert order == ["sooner", "opened", "printed", "closed", "empty"]
    earlier = Bottle("earlier", Fraction(9), opened=date(2026, 2, 1), received=date(2026, 1, 9))
    newer = Bottle("newer", Fraction(9), received=date(2025, 6, 1))
    order = [one.key for one in oldest_first([newer, opened, closed, earlier])]
    assert order == ["earlier", "opened", "closed", "newer"]


@pytest.mark.parametrize(
    ("days", "state"), [(-1, "off"), (0, "soon_off"), (14, "soon_off"), (15, "good")]
)
def test_a_bottle_is_told_of_two_weeks_before_it_goes_off(days: int, state: str) -> None:
    last = TODAY + timedelta(days=days)
    assert Bottle("a", Fraction(1), best_before=last).state(TODAY) == state
    opened = Bottle("a", Fraction(1), opened=last - timedelta(days=90), keeps_days=90)
    assert (opened.good_until, opened.state(TODAY)) == (last, state)
    assert Bottle("a", Fraction(0), best_before=last).state(TODAY) is BottleState.EMPTY
    assert Bottle("a", Fraction(1)).state(TODAY) is BottleState.GOOD


def test_how_long_it_lasts_follows_from_the_last_month() -> None:
    weekly = [(TODAY - timedelta(days=days), Fraction(100)) for days in (21, 14, 7)]
    assert days_left(Fraction(300), weekly, TODAY) == 21
    assert days_left(Fraction(0), weekly, TODAY) == 0
    assert days_left(Fraction(300), weekly[:1], TODAY) is None
    assert days_left(Fraction(300), weekly[1:], TODAY) == 21  # of two days it follows
    older = [(TODAY - timedelta(days=days), Fraction(9000)) for days in (30, 31, 300)]
    assert days_left(Fraction(300), [*weekly, *older], TODAY) == 21
    assert days_left(Fraction(300), [(TODAY, Fraction(1))] * 4, TODAY) is None
    today = [(TODAY, Fraction(100)), (TODAY - timedelta(days=8), Fraction(100))]
    assert days_left(Fraction(300), today, TODAY) == 12
    nothing = [(on, Fraction(0)) for on, _ in weekly]
    assert days_left(Fraction(300), nothing, TODAY) is None


@pytest.mark.parametrize(
    ("wrong", "where"),
    [
        ({"left": Fraction(-1)}, "left"),
        ({"keeps_days": 0}, "keeps_days"),
        ({"keeps_days": 3651}, "keeps_days"),
        ({"opened": date(206, 3, 1)}, "opened"),
        ({"received": date(1949, 12, 31)}, "received"),
        ({"best_before": date(2151, 1, 1)}, "best_before"),
    ],
)
def test_no_bottle_is_like_that(wrong: dict[str, object], where: str) -> None:
    with pytest.raises(InputError) as refused:
        Bottle("a", **{"left": Fraction(1), **wrong})  # type: ignore[arg-type]
    assert refused.value.where == where


def test_a_bottle_keeps_for_ten_years_at_most_and_within_all_years() -> None:
    old = Bottle("a", Fraction(0), date(1950, 1, 1), date(1950, 1, 1), date(2150, 12, 31), 3650)
    assert old.good_until == date(1950, 1, 1) + timedelta(days=3650)


def test_what_is_dated_tomorrow_is_no_pace() -> None:
    today = date(2027, 3, 10)
    used = [(today - timedelta(days=10), Fraction(50)), (today - timedelta(days=5), Fraction(50))]
    assert days_left(Fraction(100), used, today) == 10
    assert (
        days_left(Fraction(100), [*used, (today + timedelta(days=1), Fraction(900))], today) == 10
    )
