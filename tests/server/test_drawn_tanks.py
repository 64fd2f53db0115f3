"""Vessels of every shape over the API: handbook volumes, both tapes, levels by litres, and none that
cannot be."""

from collections.abc import Callable
from math import pi
from typing import Any

import pytest
from hypothesis import HealthCheck, given, settings
from hypothesis import strategies as st

from server.tanks.models import Tank
from tests.lanes import drawn
from tests.server.conftest import Yard

Lengths = dict[str, float]

# Volumes of solids, in cm³ up to a level: Bronshtein's Handbook of Mathematics, 3.3.4, from memory.
HELD: dict[str, tuple[Lengths, Callable[[Lengths, float], float]]] = {
    "box": (
        {"length": 80, "width": 60, "height": 50},
        lambda of, level: of["length"] * of["width"] * level,
    ),
    "upright_cylinder": (
        {"diameter": 57, "height": 85},
        lambda of, level: pi * of["diameter"] ** 2 / 4 * level,
    ),
    "bucket": (
        {"bottom": 26, "top": 30, "height": 32},
        lambda of, level: _frustum(
            of["bottom"], of["bottom"] + (of["top"] - of["bottom"]) * level / of["height"], level
        ),
    ),
    "channel": (
        {"length": 360, "width": 10, "height": 6},
        lambda of, level: of["length"] * of["width"] * level,
    ),
    "cone_bottomed": (
        {"diameter": 60, "cone": 30, "height": 100},
        lambda of, level: (
            _frustum(
                0, of["diameter"] * min(level, of["cone"]) / of["cone"], min(level, of["cone"])
            )
            + pi * of["diameter"] ** 2 / 4 * max(level - of["cone"], 0)
        ),
    ),
}


def _frustum(one: float, other: float, height: float) -> float:
    return pi * height / 12 * (one**2 + one * other + other**2)


def vessel(shape: str, level: float, **more: object) -> dict[str, Any]:
    lengths = {name: str(length) for name, length in HELD[shape][0].items()}
    return {"name": shape, "shape": shape, "lengths": lengths, "level": str(level), **more}


def measure(yard: Yard, *vessels: dict[str, Any], unit: str = "cm", **fill: object) -> Any:
    told = {"joined": {"unit": unit, "vessels": vessels}, **({"fill": fill} if fill else {})}
    return yard.send("POST", f"/api/grows/{yard.grow.pk}/tank-drawing", told)


def litres(answer: dict[str, Any]) -> float:
    return float(answer["litres"]["value"])


@settings(max_examples=drawn(12, 40), suppress_health_check=[HealthCheck.function_scoped_fixture])
@given(st.sampled_from(sorted(HELD)), st.integers(1, 100), st.integers(1, 8))
def test_a_vessel_holds_what_the_handbook_says(
    neighbour: Yard, shape: str, percent: int, count: int
) -> None:
    lengths, held = HELD[shape]
    level = lengths["height"] * percent / 100
    status, told = measure(neighbour, vessel(shape, level, count=count))
    assert status == 200, told
    assert litres(told) == pytest.approx(count * held(lengths, level) / 1000, rel=1e-3, abs=1e-3)
    [drawn] = told["vessels"]
    assert drawn["freeboard_cm"] == pytest.approx(lengths["height"] - level, abs=0.01)
    # what is wet stays inside, and up to the level
    assert max(y for _, y in drawn["water"]) == pytest.approx(level, abs=0.02)
    assert max(x for x, _ in drawn["water"]) <= max(x for x, _ in drawn["outline"]) + 0.01


@settings(max_examples=drawn(8, 25), suppress_health_check=[HealthCheck.function_scoped_fixture])
@given(st.sampled_from(sorted(HELD)), st.integers(2, 98))
def test_a_level_found_by_litres_holds_those_litres(
    neighbour: Yard, shape: str, percent: int
) -> None:
    lengths, held = HELD[shape]
    wanted = held(lengths, lengths["height"]) * percent / 100 / 1000
    _, told = measure(neighbour, vessel(shape, 1), vessel=0, volume=f"{wanted:.3f} L")
    # the tape shows tenths of a millimetre
    thickness = litres(told) / float(told["vessels"][0]["level"]) * 0.01
    assert litres(told) == pytest.approx(wanted, rel=1e-3, abs=2 * thickness)


def test_inches_and_centimetres_measure_the_same_tank(neighbour: Yard) -> None:
    inches = vessel("box", 16) | {"lengths": {"length": "32", "width": "24", "height": "20"}}
    cm = vessel("box", 40.64) | {"lengths": {"length": "81.28", "width": "60.96", "height": "50.8"}}
    one, other = measure(neighbour, inches, unit="in")[1], measure(neighbour, cm)[1]
    assert litres(one) == pytest.approx(litres(other), abs=0.01)
    # 32 · 24 · 16 cubic inches of 16.387064 mL: NIST SP 811
    assert litres(one) == pytest.approx(32 * 24 * 16 * 0.016387064, abs=0.01)
    assert (one["vessels"][0]["level"], other["vessels"][0]["level"]) == ("16", "40.64")


def test_what_only_runs_stands_outside_and_a_film_holds_little(neighbour: Yard) -> None:
    sump = vessel("box", 40)
    channel = vessel("channel", 5, count=4, runs=True)
    status, told = measure(neighbour, sump, channel)
    assert (status, told["standing_shown"]) == (200, "192 L")
    assert litres(told) == pytest.approx(192 + 72)
    film = measure(neighbour, sump, vessel("channel", 0.3, count=4, runs=True, film=True))[1]
    assert 192 < litres(film) < litres(told)


def test_the_water_touches_the_plug_or_it_does_not(neighbour: Yard) -> None:
    touching = [measure(neighbour, vessel("bucket", level, plug="24"))[1]["vessels"][0]["touches_plug"]
                for level in (23, 24, 25)]  # fmt: skip
    assert touching == [False, True, True]
    assert measure(neighbour, vessel("bucket", 25))[1]["vessels"][0]["touches_plug"] is None


@pytest.mark.parametrize(
    "wrong",
    [
        {"level": "51"},
        {"level": "-1"},
        {"level": "NaN"},
        {"level": "1e400"},
        {"lengths": {"length": "0", "width": "60", "height": "50"}},
        {"lengths": {"length": "80", "width": "60"}},
        {"lengths": {"length": "80", "width": "60", "height": "50", "diameter": "3"}},
        {"lengths": {"length": "1e9", "width": "60", "height": "50"}},
        {"count": 0},
        {"count": 10**9},
        {"shape": "sphere"},
        {"plug": "Infinity"},
    ],
)
def test_no_vessel_that_cannot_be_is_measured_or_kept(
    neighbour: Yard, wrong: dict[str, object]
) -> None:
    status, refused = measure(neighbour, {**vessel("box", 40), **wrong})
    assert status == 422, refused
    assert refused["error"]["message"]
    assert refused["error"]["where"].startswith("joined")
    joined = {"unit": "cm", "vessels": [{**vessel("box", 40), **wrong}]}
    path = f"/api/grows/{neighbour.grow.pk}/tanks/{neighbour.tank.pk}"
    assert neighbour.send("PATCH", path, {"joined": joined})[0] == 422
    kept = Tank.objects.get(pk=neighbour.tank.pk)
    assert (kept.joined, kept.litres) == (None, 50)


def test_no_vessel_beyond_those_that_are_there_is_filled(neighbour: Yard) -> None:
    for fill in ({"vessel": 1, "volume": "10 L"}, {"vessel": 0, "volume": "0 L"},
                 {"vessel": 0, "volume": "many"}, {"vessel": -1, "volume": "10 L"}):  # fmt: skip
        status, refused = measure(neighbour, vessel("box", 40), **fill)
        assert (status, refused["error"]["where"].split(".")[0]) == (422, "fill"), fill
