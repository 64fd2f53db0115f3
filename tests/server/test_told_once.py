"""What is told twice counts once: retried acts, and two people who tell one thing."""

from collections.abc import Callable

import pytest

from server.grows.models import HeardAct
from server.seasons.models import Season, SeasonEntry
from server.shelf.models import Bottle, CalibrationEntry, Meter, Product
from server.tanks.timeline import TimeLineEntry
from tests.server.conftest import Yard

KEY = "0f8e2c4a-retry"


def _reading(yard: Yard) -> tuple[str, object]:
    return f"tanks/{yard.tank.pk}/readings", {"ec": "1.2", "topped_up": "5 L"}


def _hold(yard: Yard) -> tuple[str, object]:
    season = begun(yard)
    return f"seasons/{season.pk}/told", {"kind": "hold", "on": "2026-03-05", "days": 3}


def _received(yard: Yard) -> tuple[str, object]:
    product = Product.objects.filter(grow=yard.grow)[0]
    return f"products/{product.pk}/bottles", {"size": "500", "count": 2}


def _calibrated(yard: Yard) -> tuple[str, object]:
    meter = Meter.objects.create(grow=yard.grow, name="pen", kind="pen", every_days=30)
    points = [{"standard": "4", "read": "4.1"}, {"standard": "7", "read": "7"}]
    return f"meters/{meter.pk}/calibrations", {"measures": "ph", "points": points}


def begun(yard: Yard) -> Season:
    return Season.objects.create(
        grow=yard.grow, tank=yard.tank, version=yard.version, started_on="2026-03-01",
        plan={"first_column": "w1"},
    )  # fmt: skip


RETRIED = [
    (_reading, TimeLineEntry, 2), (_hold, SeasonEntry, 1), (_received, Bottle, 2),
    (_calibrated, CalibrationEntry, 1),
]  # fmt: skip


@pytest.mark.parametrize(
    ("act", "kept", "many"), RETRIED, ids=lambda one: getattr(one, "__name__", "")
)
def test_a_retried_act_is_one(
    neighbour: Yard, act: Callable[[Yard], tuple[str, object]], kept: type, many: int
) -> None:
    path, told = act(neighbour)
    before = kept._base_manager.filter(grow=neighbour.grow).count()
    answers = []
    for key in (KEY, KEY, "another-act"):
        answer = neighbour.client.post(
            f"/api/grows/{neighbour.grow.pk}/{path}", told, "application/json",
            headers={"Once": key},
        )  # fmt: skip
        assert answer.status_code in (200, 201), answer.content
        answers.append(answer.json())
        found = kept._base_manager.filter(grow=neighbour.grow).count()
        assert found == before + (2 * many if key != KEY else many)
    assert HeardAct.objects.count() == 2


def test_a_reading_that_was_not_kept_is_kept_when_the_reader_is_sure(neighbour: Yard) -> None:
    at = f"/api/grows/{neighbour.grow.pk}/tanks/{neighbour.tank.pk}/readings"
    for sure, status in ((False, 200), (True, 201)):
        answer = neighbour.client.post(
            at, {"ec": "40", "sure": sure}, "application/json", headers={"Once": KEY}
        )
        assert answer.status_code == status, answer.content


def test_of_two_who_tell_a_season_the_second_is_shown_the_first(neighbour: Yard) -> None:
    path = f"/api/grows/{neighbour.grow.pk}/seasons/{begun(neighbour).pk}/told"
    hold = {"kind": "hold", "on": "2026-03-05", "days": 3, "seen": 0}
    status, course = neighbour.send("POST", path, hold)
    assert status == 200
    status, refused = neighbour.send("POST", path, hold)
    assert (status, refused["error"]["code"]) == (409, "changed_meanwhile")
    assert "heron" in refused["error"]["message"]
    seen = max(one["id"] for one in course["told"])
    assert neighbour.send("POST", path, {**hold, "seen": seen})[0] == 200


def test_a_season_that_was_ended_meanwhile_keeps_its_end(neighbour: Yard) -> None:
    path = f"/api/grows/{neighbour.grow.pk}/seasons/{begun(neighbour).pk}"
    running = {"ended_on": None}
    assert neighbour.send("PATCH", path, {"ended_on": "2026-03-20", "seen": running})[0] == 200
    assert neighbour.send("PATCH", path, {"ended_on": "2026-03-20", "seen": running})[0] == 200
    assert neighbour.send("PATCH", path, {"ended_on": "2026-03-25", "seen": running})[0] == 409
    assert str(Season.objects.get(grow=neighbour.grow).ended_on) == "2026-03-20"


def test_a_bottle_that_a_mix_drew_from_is_not_filled_up_again(neighbour: Yard) -> None:
    path, told = _received(neighbour)
    _, stock = neighbour.send("POST", f"/api/grows/{neighbour.grow.pk}/{path}", told)
    bottle = stock["bottles"][0]
    at = f"/api/grows/{neighbour.grow.pk}/{path}/{bottle['id']}"
    Bottle.objects.filter(pk=bottle["id"]).update(left=380)
    status, refused = neighbour.send("PATCH", at, {"left": "495", "seen_left": bottle["left"]})
    assert (status, refused["error"]["where"]) == (409, "left")
    assert "380" in refused["error"]["message"]
    assert neighbour.send("PATCH", at, {"left": "375", "seen_left": "380"})[0] == 200
