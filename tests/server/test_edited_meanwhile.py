"""Two sheets that were opened at the same moment: of one field the second is told, of two fields
neither loses anything."""

from dataclasses import dataclass
from typing import Any

import pytest

from server.tanks.models import Tank, WaterSource
from tests.server.conftest import Yard


@dataclass(frozen=True)
class Case:
    """A field of a thing: as both saw it, as the first made it, as the second wants it."""

    place: str
    field: str
    seen: str | None
    first: str
    second: str

    def __str__(self) -> str:
        return f"{self.place.partition('/')[0]}-{self.field}"


CASES = [
    Case("tanks/{tank}", "name", "Tub", "Trough", "Basin"),
    Case("tanks/{tank}", "crop", "", "Mint", "Basil"),
    Case("tanks/{tank}", "grown_in", "water", "coir", "soil"),
    Case("tanks/{tank}", "system_kind", None, "film", "aeroponic"),
    Case("tanks/{tank}", "crop_kind", None, "leafy", "fruiting"),
    Case("waters/{water}", "disinfectant", None, "chlorine", "chloramine"),
    Case("waters/{water}", "treated_by", None, "carbon", "neutraliser"),
    Case("waters/{water}", "kind", "mains", "well", "rain"),
    Case("waters/{water}", "note", "", "cloudy", "clear"),
    Case("waters/{water}", "calcium", "", "68", "71"),
    Case("waters/{water}", "ph", "", "7.6", "7.2"),
]


def edit(yard: Yard, case: Case, to: str | None, *, over: str | None) -> tuple[int, Any]:
    path = case.place.format(tank=yard.tank.pk, water=yard.water.pk)
    told = {case.field: to, "seen": {case.field: over}}
    return yard.send("PATCH", f"/api/grows/{yard.grow.pk}/{path}", told)


def kept(yard: Yard) -> dict[str, Any]:
    """All that is stored of both, to see that a refused edit wrote nothing."""
    tank = Tank.objects.filter(pk=yard.tank.pk).values().get()
    water = WaterSource.objects.filter(pk=yard.water.pk).values().get()
    return {"tank": tank, "water": water}


@pytest.mark.parametrize("case", CASES, ids=str)
def test_the_second_is_told_what_stands_there(neighbour: Yard, case: Case) -> None:
    assert edit(neighbour, case, case.first, over=case.seen)[0] == 200
    before = kept(neighbour)
    status, refused = edit(neighbour, case, case.second, over=case.seen)
    assert (status, refused["error"]["code"]) == (409, "changed_meanwhile")
    said = refused["error"]["message"]
    assert f"is {case.first} now, you said {case.second}." in said
    assert kept(neighbour) == before


@pytest.mark.parametrize("case", CASES, ids=str)
def test_who_wants_what_stands_there_already_is_at_one_with_it(neighbour: Yard, case: Case) -> None:
    for _ in range(2):
        assert edit(neighbour, case, case.first, over=case.seen)[0] == 200
    assert edit(neighbour, case, case.second, over=case.first)[0] == 200


@pytest.mark.parametrize("case", CASES, ids=str)
def test_what_is_taken_away_again_is_as_it_was(neighbour: Yard, case: Case) -> None:
    before = kept(neighbour)
    assert edit(neighbour, case, case.first, over=case.seen)[0] == 200
    assert edit(neighbour, case, case.seen, over=case.first)[0] == 200
    after = kept(neighbour)
    for one in ("tank", "water"):
        assert {key: value for key, value in after[one].items() if not key.endswith("_at")} == {
            key: value for key, value in before[one].items() if not key.endswith("_at")
        }


@pytest.mark.parametrize("case", CASES, ids=str)
def test_another_field_is_edited_all_the_same(neighbour: Yard, case: Case) -> None:
    assert edit(neighbour, case, case.first, over=case.seen)[0] == 200
    others = [one for one in CASES if one.place == case.place and one.field != case.field]
    for other in others:
        status, answer = edit(neighbour, other, other.second, over=other.seen)
        assert status == 200, answer
    again = edit(neighbour, case, case.first, over=case.first)
    assert again[0] == 200


@pytest.mark.parametrize(
    ("place", "told", "shown"),
    [
        ("tanks/{tank}", {"volume": "61.5 L", "seen": {"litres": {"value": "49", "unit": "L"}}},
         "litres is 50 now, you said 61.5."),
        ("waters/{water}", {"reading": "0.625", "seen": {"ec": {"value": "0.2", "unit": "mS/cm"}}},
         "ec is 0.3 now, you said 0.625."),
        ("waters/{water}", {"calcium": "68.5", "seen": {"calcium": "60"}},
         "calcium is not known now, you said 68.5."),
        ("tanks/{tank}/usual",
         {"strength": "70 %", "seen": {"strength": {"value": "80", "unit": "%"}}},
         "strength is 50 % now, you said 70 %."),
        ("tanks/{tank}", {"water": "{other}", "seen": {"water": "{third}"}},
         "another water was chosen."),
    ],
)  # fmt: skip
def test_figures_are_told_as_they_are_written(
    neighbour: Yard, place: str, told: dict[str, Any], shown: str
) -> None:
    other, third = (
        WaterSource.objects.create(grow=neighbour.grow, name=name, kind="rain").pk
        for name in ("Butt", "Cistern")
    )
    if "water" in told:
        told = {"water": other, "seen": {"water": third}}
    path = place.format(tank=neighbour.tank.pk, water=neighbour.water.pk)
    status, refused = neighbour.send("PATCH", f"/api/grows/{neighbour.grow.pk}/{path}", told)
    assert status == 409, refused
    assert shown in refused["error"]["message"]
