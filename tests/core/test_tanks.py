"""What tanks hold: shapes against integrals, worked figures, known doses against simulated tanks."""

import json
from datetime import UTC, datetime, timedelta
from fractions import Fraction
from itertools import pairwise
from math import acos, pi, sqrt
from random import Random

import pytest
from hypothesis import given
from hypothesis import strategies as st
from scipy.integrate import quad

from core.errors import InputError
from core.formats import document_of
from core.formats.tank import SHAPES, ShapeName, TankDocument, lengths_of
from core.headless import tank_text
from core.quantities import Reading, Volume
from core.tanks import (
    Box,
    Bucket,
    Channel,
    ConeBottomed,
    LyingCylinder,
    Part,
    Shape,
    Tray,
    UprightCylinder,
    by_buckets,
    by_dose,
    by_flow,
    by_meter,
    drawn_down,
    measure_tank,
)
from core.tanks.first_fill import FirstFill
from core.tanks.shapes import below_level, film_along, widest

F = Fraction
lengths = st.floats(2, 300)
shares = st.floats(0.01, 1)


@st.composite
def shapes(draw: st.DrawFn) -> Shape:
    """Any vessel that can be."""
    a, b, c, d, e = (draw(lengths) for _ in range(5))
    slope = draw(st.sampled_from([0.0, 0.02, 0.5])) * a
    return draw(st.sampled_from([
        Box(a, b, c), UprightCylinder(a, b), LyingCylinder(b, a, slope), Channel(a, b, c, slope),
        ConeBottomed(a, b, b + c, draw(st.sampled_from([0.0, a / 4]))), Bucket(a, b, c), Tray(a, b, c, d, e),
    ]))  # fmt: skip


def area_at(shape: Shape, height: float) -> float:
    """cm² of a level cut so far above the lowest point: written a second time, from the shape alone."""
    match shape:
        case Box():
            return shape.length * shape.width
        case UprightCylinder():
            return pi * shape.diameter**2 / 4
        case ConeBottomed():
            share = min(height / shape.cone, 1)
            return pi / 4 * (shape.outlet + (shape.diameter - shape.outlet) * share) ** 2
        case Bucket():
            return pi / 4 * (shape.bottom + (shape.top - shape.bottom) * height / shape.height) ** 2
        case Tray():
            up = height / shape.height
            return (shape.bottom_length * (1 - up) + shape.top_length * up) * (
                shape.bottom_width * (1 - up) + shape.top_width * up
            )
    raise AssertionError(shape)


def litres_by_integral(shape: Shape, level: float) -> float:
    """By SciPy: level cuts from the floor up, or cuts across what lies along its length."""
    if isinstance(shape, Channel | LyingCylinder):
        across = sqrt(shape.length**2 - shape.slope**2) if shape.slope else shape.length

        def cut(x: float) -> float:
            deep = min(max(level - shape.slope * x / across, 0), shape.height)
            if isinstance(shape, Channel):
                return shape.width * deep
            r = shape.diameter / 2
            return r * r * acos((r - deep) / r) - (r - deep) * sqrt(max(2 * r * deep - deep**2, 0))

        dry = min(across, across * level / shape.slope) if shape.slope else across
        return float(quad(cut, 0, dry, limit=200)[0]) / 1000
    return float(quad(lambda h: area_at(shape, h), 0, level, limit=200,
                      points=[shape.cone] if isinstance(shape, ConeBottomed) and shape.cone < level else None)[0]) / 1000  # fmt: skip


@given(shapes(), shares)
def test_what_a_shape_holds_is_its_integral(shape: Shape, share: float) -> None:
    level = shape.height * share
    assert shape.litres(level) == pytest.approx(litres_by_integral(shape, level), rel=1e-4)


@given(shapes(), st.integers(1, 9))
def test_a_level_and_its_litres_lead_to_each_other(shape: Shape, count: int) -> None:
    levels = [shape.height * step / 8 for step in range(9)]
    held = [shape.litres(level) for level in levels]
    assert all(one < other for one, other in pairwise(held))
    part = Part("it", shape, 0, count)
    assert [part.level_holding(one * count) for one in held[1:]] == pytest.approx(
        levels[1:], rel=1e-6, abs=1e-6
    )
    assert part.level_holding(held[-1] * count * 2) == pytest.approx(shape.height)


@pytest.mark.parametrize(
    ("shape", "level", "litres"),
    [
        # 231 cubic inches are a US gallon (NIST Handbook 44): a box of 7 by 11 by 3 inches
        (Box(7 * 2.54, 11 * 2.54, 3 * 2.54), 3 * 2.54, 3.785411784),
        # a drum of 22.5 by 33.5 inches inside is sold as one of 55 US gal (common practice: 57.7)
        (UprightCylinder(57.15, 85.09), 85.09, 218.27),
        # half a pipe is half of its circle
        (LyingCylinder(10, 400), 5, pi * 25 / 2 * 400 / 1000),
        # three quarters up it, level: its circle but for r² (π/3 − √3/4), by hand
        (LyingCylinder(20, 400), 15, (pi * 100 - 100 * (pi / 3 - sqrt(3) / 4)) * 400 / 1000),
        (LyingCylinder(20, 400), 5, 100 * (pi / 3 - sqrt(3) / 4) * 400 / 1000),
        # a cone holds a third of its cylinder
        (ConeBottomed(60, 30, 90), 30, pi * 900 * 30 / 3 / 1000),
        # a round bucket of 26 to 30 cm by 32 cm: (26² + 26·30 + 30²) π·32/12
        (Bucket(26, 30, 32), 32, 19.738),
        # a wedge whose water just reaches the upper end is half of its box
        (Channel(300, 10, 5, 3), 3, sqrt(300**2 - 9) * 3 / 2 * 10 / 1000),
        # with the upper end under water it is as deep as in the middle of its run
        (Channel(300, 10, 8, 3), 5, sqrt(300**2 - 9) * (5 + 2) / 2 * 10 / 1000),
        (Channel(300, 10, 5, 3), 1, sqrt(300**2 - 9) / 3 / 2 * 10 / 1000),
    ],
)  # fmt: skip
def test_worked_figures(shape: Shape, level: float, litres: float) -> None:
    assert shape.litres(level) == pytest.approx(litres, rel=1e-4)


def test_joined_vessels_are_summed_and_say_what_stays_dry() -> None:
    parts = [
        Part("Header", Box(80, 60, 50), 44),
        Part("Buckets", Box(30, 30, 32), 24, count=8, plug=24.0),
        Part("Channels", Channel(360, 10, 5, 6), 0.3, count=3, is_film=True, runs=True, plug=0.5),
    ]
    tank = measure_tank(parts)
    assert [one.litres for one in tank.parts] == [F("211.2"), F("172.8"), F("3.24")]
    assert (tank.volume.litres, tank.standing.litres) == (F("387.24"), F(384))
    assert [one.freeboard for one in tank.parts] == [6, 8, 4.7]
    assert [one.touches_plug for one in tank.parts] == [None, True, False]
    assert tank.parts[0].rim == 240


@pytest.mark.parametrize(
    ("shape", "outline"),
    [
        (Box(60, 40, 30), ((0, 0), (60, 0), (60, 30), (0, 30))),
        (UprightCylinder(50, 90), ((0, 0), (50, 0), (50, 90), (0, 90))),
        # a length of 5 that falls by 3 reaches over 4
        (LyingCylinder(10, 500, 300), ((0, 0), (400, 300), (400, 310), (0, 10))),
        (Channel(500, 12, 6, 300), ((0, 0), (400, 300), (400, 306), (0, 6))),
        (Channel(500, 12, 6), ((0, 0), (500, 0), (500, 6), (0, 6))),
        (ConeBottomed(100, 40, 160, 10),
         ((0, 40), (45, 0), (55, 0), (100, 40), (100, 160), (0, 160))),
        (Bucket(24, 30, 36), ((3, 0), (27, 0), (30, 36), (0, 36))),
        (Bucket(30, 24, 36), ((0, 0), (30, 0), (27, 36), (3, 36))),
        (Tray(100, 50, 110, 60, 8), ((5, 0), (105, 0), (110, 8), (0, 8))),
    ],
)  # fmt: skip
def test_a_vessel_is_drawn_as_it_is_cut(shape: Shape, outline: tuple[tuple[float, float]]) -> None:
    for point, expected in zip(shape.section(), outline, strict=True):
        assert point == pytest.approx(expected)


def test_a_film_is_as_thick_as_it_is_deep() -> None:
    """Square to the floor, so more upwards: a depth of 0.4 on a floor of 3 in 5 is 0.5 upwards."""
    sloped = film_along(Channel(500, 12, 6, 300).section(), 0.4)
    assert sloped == ((0, 0), (pytest.approx(400), 300), (pytest.approx(400), 300.5), (0, 0.5))
    assert film_along(Channel(500, 12, 6).section(), 0.4)[2:] == ((500, 0.4), (0, 0.4))
    assert Channel(500, 12, 6, 300).film(0.4) == pytest.approx(2.4)
    moved = film_along(((100, 0), (500, 300), (500, 306), (100, 6)), 0.4)
    assert moved[2:] == ((500, pytest.approx(300.5)), (100, pytest.approx(0.5)))
    assert LyingCylinder(10, 500, 300).film(5) == pytest.approx(pi * 25 / 2 * 500 / 1000)


def test_the_widest_outline_is_as_wide_as_its_furthest_point() -> None:
    outlines = [Box(60, 40, 30).section(), Bucket(24, 30, 36).section()]
    assert (widest(outlines), widest(outlines[1:]), widest([])) == (60, 30, 0)


@given(shapes(), shares)
def test_what_is_wet_is_drawn_below_the_level_and_inside(shape: Shape, share: float) -> None:
    level = shape.height * share
    outline = shape.section()
    wet = below_level(outline, level)
    assert max(y for _, y in wet) == pytest.approx(level)
    assert min(x for x, _ in wet) >= min(x for x, _ in outline) - 1e-9
    assert max(x for x, _ in wet) <= max(x for x, _ in outline) + 1e-9
    assert below_level(outline, max(y for _, y in outline)) == outline


@pytest.mark.parametrize(
    ("changes", "code", "where"),
    [
        ({"level": "51"}, "above_the_rim", "vessels[0].level"),
        ({"lengths": {"length": "80", "width": "60"}}, "missing", "vessels[0].lengths.height"),
        ({"lengths": {"length": "80", "width": "60", "height": "50", "slope": "1"}}, "unknown_length",
         "vessels[0].lengths.slope"),
        ({"lengths": {"length": "0", "width": "60", "height": "50"}}, "length_out_of_range",
         "vessels[0].length"),
        ({"film": True}, "no_film", "vessels[0].is_film"),
        ({"runs": True}, "nothing_stands", "parts"),
        ({"level": "0"}, "volume_out_of_range", "parts"),
        ({"shape": "channel", "lengths": {"length": "5", "width": "6", "height": "50", "slope": "5"}},
         "too_steep", "vessels[0].slope"),
        ({"shape": "cone_bottomed", "lengths": {"diameter": "5", "cone": "60", "height": "50"}},
         "cone_too_high", "vessels[0].cone"),
    ],
)  # fmt: skip
def test_a_vessel_that_cannot_be_is_refused_with_its_place(
    changes: dict[str, object], code: str, where: str
) -> None:
    vessel = {"name": "Header", "shape": "box", "level": "44",
              "lengths": {"length": "80", "width": "60", "height": "50"}}  # fmt: skip
    told = {"format": "brisk-measure/tank", "version": 1, "vessels": [{**vessel, **changes}]}
    with pytest.raises(InputError) as refused:
        measure_tank(document_of(TankDocument, told).parts())
    assert (refused.value.code, refused.value.where) == (code, where)


def test_a_cone_may_be_as_high_as_its_tank_and_its_hole_as_wide() -> None:
    whole = measure_tank([Part("Cone", ConeBottomed(50, 60, 60, 50), 60)])
    assert float(whole.volume.litres) == pytest.approx(pi * 25**2 * 60 / 1000, abs=0.001)
    for shape in (ConeBottomed(50, 60.1, 60), ConeBottomed(50, 20, 60, 50.1)):
        with pytest.raises(InputError) as refused:
            measure_tank([Part("Cone", shape, 30)])
        assert refused.value.code == "cone_too_high"


def test_a_cubic_metre_in_centimetres_is_a_thousand_litres() -> None:
    told = {"format": "brisk-measure/tank", "version": 1, "vessels": [
        {"name": "Cube", "shape": "box", "lengths": dict.fromkeys(("length", "width", "height"), "100"),
         "level": "100"}]}  # fmt: skip
    for unit in ({}, {"unit": "cm"}):
        assert json.loads(tank_text(json.dumps(told | unit).encode()))["litres"] == "1000"


def test_inches_are_as_long_as_they_are() -> None:
    told = {"format": "brisk-measure/tank", "version": 1, "unit": "in", "vessels": [
        {"name": "Gallon", "shape": "box", "lengths": {"length": "7", "width": "11", "height": "3"},
         "level": "3", "count": 5}]}  # fmt: skip
    found = json.loads(tank_text(json.dumps(told).encode()))
    assert found["litres"] == "18.927"  # 5 US gal of 3.785411784 L
    assert (found["format"], found["standing_litres"]) == ("brisk-measure/tank-volume", "18.927")
    # 3 of 4 inches, to a plug at 3 inches and to one a tenth above it, while the pump rests
    for plug, touches in ((None, None), ("3", True), ("3.1", False)):
        vessel = {"name": "Header", "shape": "channel", "level": "3", "runs": True, "plug": plug,
                  "lengths": {"length": "7", "width": "11", "height": "4", "slope": "0"}}  # fmt: skip
        still = told["vessels"][0] | {"name": "Still", "count": 1}
        [first, _] = json.loads(
            tank_text(json.dumps(told | {"vessels": [vessel, still]}).encode())
        )["vessels"]
        assert (first["name"], first["touches_plug"]) == ("Header", touches)
        assert (first["litres"], first["rim_litres"]) == ("3.785", "5.047")
        assert first["freeboard_cm"] == pytest.approx(2.54)


def test_each_shape_names_what_is_measured_of_it() -> None:
    assert set(SHAPES) == set(ShapeName)
    assert lengths_of(ShapeName.PIPE) == ("diameter", "length", "slope")


# Other ways to know it


def test_buckets_meters_and_flow() -> None:
    assert by_buckets(F("42.5"), Volume(F(10))).volume.litres == 425
    assert by_buckets(F("2.5"), Volume(F("0.2"))).volume.litres == F("0.5")
    metered = by_meter(Volume(F(1200)), Volume(F(1625)))
    # OIML R 49, accuracy class 2: 2 % either way
    assert (metered.low.litres, metered.volume.litres, metered.high.litres) == (F("416.5"), 425, F("433.5"))  # fmt: skip
    assert by_flow(Volume(F(10)), F(30), F(20)).volume.litres == 400
    assert by_flow(Volume(F(10)), F("0.5"), F("0.5")).volume.litres == 600
    for wrong in (lambda: by_meter(Volume(F(5)), Volume(F(5))), lambda: by_flow(Volume(F(1)), F(0), F(1)),
                  lambda: by_buckets(F(0), Volume(F(10)))):  # fmt: skip
        with pytest.raises(InputError):
            wrong()


@pytest.mark.parametrize(
    ("seconds", "minutes", "where"), [("0", "20", "seconds"), ("30", "0", "minutes")]
)
def test_a_flow_without_a_time_is_refused_at_the_one_that_lacks(
    seconds: str, minutes: str, where: str
) -> None:
    with pytest.raises(InputError) as refused:
        by_flow(Volume(F(10)), F(seconds), F(minutes))
    assert (refused.value.code, refused.value.where) == ("no_time", where)


def test_a_known_dose_recovers_a_simulated_volume_within_its_band() -> None:
    """Pens off by their last digit and by half a percent of scale, vessels by 1 %, labels by 3 %."""
    chance = Random(11)  # noqa: S311 -- the same runs each time
    hits = 0
    for _ in range(100):
        litres, lift = chance.uniform(5, 2000), chance.uniform(0.2, 1.5)
        per_ml = chance.uniform(0.3, 2.5)
        poured = lift * litres / per_ml
        amount = F(poured / (1 + chance.uniform(-0.01, 0.01))).limit_denominator(10**6)
        scale = 1 + chance.uniform(-0.005, 0.005)
        before = 0.4 * scale + chance.uniform(-0.01, 0.01)
        after = (0.4 + lift) * scale + chance.uniform(-0.01, 0.01)
        label = per_ml * (1 + chance.uniform(-0.03, 0.03))
        readings = [Reading(F(round(one, 2)).limit_denominator(100)) for one in (before, after)]
        known = by_dose(amount, *readings, lambda per_l, k=label: float(per_l) * k)  # type: ignore[misc]
        hits += known.low.litres <= F(litres) <= known.high.litres
        assert (known.high.litres - known.low.litres) / known.volume.litres < F(1, 5)
    assert hits >= 95


def test_a_dose_of_potassium_chloride_tells_the_volume() -> None:
    """0.7455 g/L conduct 1.4083 mS/cm more than pure water at 25 °C (IEC 60746-3: 1.4083)."""
    strong = by_dose(F(5), Reading(F("0.2")), Reading(F("1.2")), lambda per_l: float(per_l) * 20)
    assert float(strong.volume.litres) == pytest.approx(100)
    known = by_dose(F("74.55"), Reading(F(0)), Reading(F("1.408")), lambda per_l: float(per_l) * 1.4083 / 0.7455)  # fmt: skip
    assert float(known.volume.litres) == pytest.approx(100, rel=1e-3)


@pytest.mark.parametrize(
    ("amount", "after", "code"),
    [("0", "1.5", "amount_out_of_range"), ("5", "0.55", "lifted_too_little"),
     ("5", "0.3", "lifted_too_little"), ("5", "59", "lifted_too_far")],
)  # fmt: skip
def test_a_dose_that_tells_nothing_is_refused(amount: str, after: str, code: str) -> None:
    with pytest.raises(InputError) as refused:
        by_dose(F(amount), Reading(F("0.5")), Reading(F(after)), lambda per_l: float(per_l) * 0.5)
    assert refused.value.code == code


# What the pump draws down


@given(st.integers(10, 500), st.integers(1, 300), st.integers(0, 80), st.integers(1, 300))
def test_what_is_mixed_for_stands_right_after_plain_water(
    standing: int, outside: int, source: int, above: int
) -> None:
    water, target = Reading(F(source, 100)), Reading(F(source + above, 100))
    found = drawn_down(target, water, Volume(F(standing + outside)), Volume(F(standing)))
    assert found is not None
    mixed = (found.mix_to.ms_cm * standing + water.ms_cm * outside) / (standing + outside)
    assert mixed == target.ms_cm == found.stands_at.ms_cm
    assert found.topped_up.litres == outside


def test_80_litres_at_1_5_and_20_of_plain_water_at_0_are_1_2() -> None:
    """Common practice, as a worked example."""
    found = drawn_down(Reading(F("1.2")), Reading(F(0)), Volume(F(100)), Volume(F(80)))
    assert found is not None
    assert found.mix_to == Reading(F("1.5"))
    assert drawn_down(Reading(F(1)), Reading(F(0)), Volume(F(9)), Volume(F(9))) is None
    assert drawn_down(Reading(F(1)), Reading(F(0)), Volume(F(2)), Volume(F(1))) is not None
    with pytest.raises(InputError):
        drawn_down(Reading(F(1)), Reading(F(0)), Volume(F(9)), Volume(F(10)))


def test_a_new_system_is_looked_at_once_a_drip_had_time_to_show() -> None:
    """A drip at a joint shows within an hour or two (common practice)."""
    filled = datetime(2027, 3, 28, 0, 30, tzinfo=UTC)
    fill = FirstFill(filled)
    assert fill.look_at == datetime(2027, 3, 28, 1, 30, tzinfo=UTC)
    assert fill.is_due(fill.look_at)
    assert not fill.is_due(fill.look_at - timedelta(seconds=1))


@pytest.mark.parametrize("level", [2, 6, 10, 13, 20])
def test_a_pipe_that_falls_holds_what_scipy_integrates(level: float) -> None:
    pipe = LyingCylinder(20, 400, 6)
    assert pipe.litres(level) == pytest.approx(litres_by_integral(pipe, level), rel=1e-4)


def test_each_way_to_know_a_volume_is_sure_to_its_own_share() -> None:
    """Our own defaults for buckets and flow, OIML R 49 for a meter."""
    ways = {
        F("0.03"): by_buckets(F(10), Volume(F(10))),
        F("0.02"): by_meter(Volume(F(0)), Volume(F(100))),
        F("0.05"): by_flow(Volume(F(10)), F(60), F(10)),
    }
    for share, known in ways.items():
        assert known.volume.litres == 100
        assert (known.low.litres, known.high.litres) == (100 * (1 - share), 100 * (1 + share))


@pytest.mark.parametrize(("cm", "fits"), [(0, False), (1, True), (10_000, True), (10_001, False)])
def test_a_vessel_is_up_to_a_hundred_metres_long(cm: int, fits: bool) -> None:
    if fits:
        assert Part("it", Box(cm, 10, 10), 5).shape == Box(cm, 10, 10)
        return
    with pytest.raises(InputError):
        Part("it", Box(cm, 10, 10), 5)


@pytest.mark.parametrize(("count", "fits"), [(0, False), (1, True), (500, True), (501, False)])
def test_up_to_five_hundred_vessels_are_alike(count: int, fits: bool) -> None:
    if fits:
        assert Part("it", Box(10, 10, 10), 5, count).count == count
        return
    with pytest.raises(InputError):
        Part("it", Box(10, 10, 10), 5, count)


@pytest.mark.parametrize("amount", ["0.5", "1", "250"])
def test_any_dose_that_lifts_enough_tells_the_volume(amount: str) -> None:
    """1 mL lifts a litre by 2 mS/cm, and the reading rose by half of one: 4 L for each mL."""
    known = by_dose(F(amount), Reading(F("0.5")), Reading(F(1)), lambda per_l: 2 * float(per_l))
    assert float(known.volume.litres) == pytest.approx(4 * float(amount), rel=1e-6)


def test_a_tenth_of_a_millisiemens_is_lift_enough() -> None:
    known = by_dose(F(5), Reading(F("0.5")), Reading(F("0.6")), lambda per_l: float(per_l) * 0.5)
    assert float(known.volume.litres) == pytest.approx(25, rel=1e-6)
