"""Blends of waters that are kept by a name."""

import pytest

from server.tanks.models import WaterBlend, WaterSource
from tests.server.conftest import Yard


def keep(yard: Yard, **told: object) -> tuple[int, object]:
    return yard.send("POST", f"/api/grows/{yard.grow.pk}/blends", told)


def water(yard: Yard, name: str) -> int:
    return WaterSource.objects.get(grow=yard.grow, name=name).pk


def test_a_blend_is_kept_chosen_and_dropped(yard: Yard) -> None:
    mains, ro = water(yard, "Yard mains"), water(yard, "RO barrel")
    status, kept = keep(yard, name="A third", water=mains, parts=[{"water": ro, "share": "33,3 %"}])
    assert status == 201
    found = yard.client.get(f"/api/grows/{yard.grow.pk}").json()["blends"]
    assert found == kept
    third = next(one for one in found if one["name"] == "A third")
    assert third["parts"] == [{"water": ro, "share_shown": "33.3 %"}]
    # what is kept is what a mix takes: as typed, to the last digit
    parts = [{"water": one["water"], "share": one["share_shown"]} for one in third["parts"]]
    mixed = yard.plan(column="w5", water=third["water"], blend=parts)[1]
    typed = yard.plan(column="w5", water=mains, blend=[{"water": ro, "share": "33.3 %"}])[1]
    assert mixed["sheet"]["pours"] == typed["sheet"]["pours"]
    path = f"/api/grows/{yard.grow.pk}/blends/{third['id']}"
    assert yard.send("DELETE", path, {})[0] == 200
    assert yard.send("DELETE", path, {})[0] == 404


@pytest.mark.parametrize(
    ("share", "other", "code"),
    [
        ("100 %", "RO barrel", "share_out_of_range"),
        ("0 %", "RO barrel", "share_out_of_range"),
        ("half", "RO barrel", None),
        ("50 %", "Yard mains", "blend_unclear"),
    ],
)
def test_a_blend_that_is_none_is_refused(
    yard: Yard, share: str, other: str, code: str | None
) -> None:
    mains = water(yard, "Yard mains")
    parts = [{"water": water(yard, other), "share": share}]
    status, answer = keep(yard, name="Odd", water=mains, parts=parts)
    assert status == 422
    assert code in (None, answer["error"]["code"])  # type: ignore[index]
    assert not WaterBlend.objects.filter(name="Odd").exists()


def test_a_name_is_used_once_and_waters_are_ones_own(yard: Yard, neighbour: Yard) -> None:
    mains = water(yard, "Yard mains")
    parts = [{"water": water(yard, "RO barrel"), "share": "50 %"}]
    assert keep(yard, name="55 % RO", water=mains, parts=parts)[0] == 422
    theirs = [{"water": neighbour.water.pk, "share": "50 %"}]
    assert keep(yard, name="Theirs", water=mains, parts=theirs)[0] == 404
    assert keep(yard, name="Theirs", water=neighbour.water.pk, parts=parts)[0] == 404
