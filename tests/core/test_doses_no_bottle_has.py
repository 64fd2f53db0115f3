"""Printed doses that are probably none meet a stop at the plan, wherever a chart came from."""

from dataclasses import replace
from fractions import Fraction

from hypothesis import given
from hypothesis import strategies as st

from core.chart import Chart, Column, Role
from core.planning import MixRequest, PourSheet, plan_mix
from core.plausible import OF_ITS_BASE, SPIKE
from core.quantities import Volume
from tests.core.mixes import chart, codes, dose, product, water

# mL/L: what parts are printed at, hardly more than threefold from week to week (common practice).
DOSES = st.integers(20, 60).map(lambda tenths: Fraction(tenths, 10))
ROWS = st.lists(DOSES, min_size=3, max_size=8)
STOPS = {"dose_unlike_chart", "dose_beyond_any_feed"}


def of_rows(*rows: list[Fraction]) -> Chart:
    parts = [product(f"p{at}", Role.BASE, group="g", rank=at + 1) for at in range(len(rows))]
    doses = [
        dose(part.key, f"{float(value)} mL/L", column=f"w{week}")
        for part, row in zip(parts, rows, strict=True)
        for week, value in enumerate(row)
    ]
    columns = [Column(f"w{week}", f"Week {week}") for week in range(len(rows[0]))]
    return replace(chart(parts, []), columns=tuple(columns), doses=tuple(doses))


def mixed(of: Chart, week: int, strength: str = "1") -> PourSheet:
    litres, source = Volume(Fraction(100)), water("0.1")
    return plan_mix(MixRequest(of, f"w{week}", litres, Fraction(strength), water=source))


@given(ROWS, st.data())
def test_what_rises_and_falls_as_feed_does_meets_no_stop(
    row: list[Fraction], draw: st.DataObject
) -> None:
    week = draw.draw(st.integers(0, len(row) - 1))
    assert not codes(mixed(of_rows(row, row), week)) & STOPS


@given(ROWS, st.sampled_from(["0.25", "0.6", "1"]), st.booleans(), st.data())
def test_a_spike_is_a_stop_in_its_own_column_at_any_strength(
    row: list[Fraction], strength: str, rises: bool, draw: st.DataObject
) -> None:
    at = draw.draw(st.integers(1, len(row) - 2))
    beside = (row[at - 1], row[at + 1])
    row[at] = max(beside) * SPIKE if rises else min(beside) / SPIKE
    of = of_rows(row)
    sheet = mixed(of, at, strength)
    assert codes(sheet) & STOPS
    assert set(sheet.unacknowledged) & STOPS
    elsewhere = draw.draw(st.sampled_from([w for w in range(len(row)) if abs(w - at) > 1] or [at]))
    assert elsewhere == at or not codes(mixed(of, elsewhere)) & STOPS


@given(ROWS, st.data())
def test_a_part_at_many_times_another_of_its_base_is_a_stop(
    row: list[Fraction], draw: st.DataObject
) -> None:
    week = draw.draw(st.integers(0, len(row) - 1))
    scarce = [value / OF_ITS_BASE for value in row]
    assert codes(mixed(of_rows(row, scarce), week)) & STOPS
