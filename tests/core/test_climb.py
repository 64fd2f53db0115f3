"""The climb: pours in time, readings in the grower's unit."""

import pytest
from hypothesis import given
from hypothesis import strategies as st

from core.chart import Chart, Role
from core.planning.climb import POURING_MIN, draw_climb
from core.quantities import ReadingScale, ReadingUnit
from core.water import TargetConvention
from tests.core.mixes import chart, dose, ec, pair, plan, product, water
from tests.core.test_charts import any_mix, charts

SCALES = [ReadingScale(unit) for unit in ReadingUnit if unit is not ReadingUnit.PPM]
SCALES += [ReadingScale(ReadingUnit.PPM, scale) for scale in (500, 640, 700)]


@given(charts(), st.sampled_from(SCALES))
def test_time_runs_forward_and_every_wait_is_kept(of: Chart, scale: ReadingScale) -> None:
    sheet = any_mix(of)
    climb = draw_climb(sheet, scale)
    assert len(climb.risers) == len(sheet.pours)
    clock = 0
    for riser, pour in zip(climb.risers, sheet.pours, strict=True):
        clock += POURING_MIN
        assert (riser.place, riser.minute, riser.wait_min) == (pour.place, clock, pour.wait_min)
        clock += pour.wait_min
    assert climb.minutes == clock


@given(charts(), st.sampled_from(SCALES))
def test_levels_are_the_sheets_readings_in_that_unit(of: Chart, scale: ReadingScale) -> None:
    sheet = any_mix(of)
    climb = draw_climb(sheet, scale)
    assert sheet.source is not None
    assert climb.floor == sheet.source.in_unit(scale)
    for riser, pour in zip(climb.risers, sheet.pours, strict=True):
        wanted = pour.reading_after.in_unit(scale) if pour.reading_after else None
        assert riser.level == wanted


def test_an_empty_mix_ends_where_it_begins() -> None:
    sheet = plan(pair(target=ec("0.5")), convention=TargetConvention.ALL_IN, water=water("0.6"))
    climb = draw_climb(sheet, ReadingScale())
    assert (climb.risers, climb.minutes, climb.read_at) == ((), 0, 0)
    assert climb.end == climb.floor


@pytest.mark.parametrize(("roles", "read_at"), [
    ([Role.BASE], 1), ([Role.BASE, Role.LIVE], 1), ([Role.BASE, Role.PH_ADJUSTER, Role.LIVE], 1),
    ([Role.SILICA, Role.BASE, Role.BOOSTER], 3),
])  # fmt: skip
def test_meters_are_read_after_the_feed_and_before_cultures(
    roles: list[Role], read_at: int
) -> None:
    rows = [product(f"p{number}", role) for number, role in enumerate(roles)]
    sheet = plan(chart(rows, [dose(row.key, "1 mL/L") for row in rows], target=ec("1")))
    assert draw_climb(sheet, ReadingScale()).read_at == read_at


@pytest.mark.parametrize(("unit", "wide"), [(ReadingUnit.MS_CM, 2), (ReadingUnit.CF, 20)])
def test_the_band_is_as_wide_as_the_reading_is_unsure(unit: ReadingUnit, wide: int) -> None:
    sheet = plan(pair(target=ec("0.8")), water=water("0.2"))
    drawn = draw_climb(sheet, ReadingScale(unit))
    for riser, pour in zip(drawn.risers, sheet.pours, strict=True):
        assert riser.level is not None
        assert riser.low is not None
        assert riser.high is not None
        assert riser.low < riser.level < riser.high
        assert float(riser.high - riser.low) == pytest.approx(wide * pour.uncertainty, rel=0.01)
