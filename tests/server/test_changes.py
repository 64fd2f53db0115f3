"""Who changed what: kept as it is edited, by whom, and told to nobody else's grow."""

from typing import Any

import pytest

from server.changes.models import ChangeEntry
from server.grows.models import Membership
from server.shelf.models import Product
from server.tanks.models import Tank, WaterSource
from tests.server.conftest import Yard


def changes(yard: Yard, **asked: object) -> dict[str, Any]:
    """What was changed, the newest first."""
    found: dict[str, Any] = yard.client.get(f"/api/grows/{yard.grow.pk}/changes", asked).json()
    return found


def told(yard: Yard, **asked: object) -> list[tuple[str, str, str, list[tuple[str, str, str]]]]:
    """Of each: what became of it, its kind and name, and each field before and behind."""
    return [
        (one["what"], one["kind"], one["name"],
         [(line["field"], line["before"], line["after"]) for line in one["fields"]])
        for one in changes(yard, **asked)["items"]
    ]  # fmt: skip


def test_an_edit_keeps_who_made_it_and_what_stood_there(neighbour: Yard) -> None:
    at = f"/api/grows/{neighbour.grow.pk}"
    neighbour.send("PATCH", f"{at}/tanks/{neighbour.tank.pk}", {"volume": "120 L", "crop": "Mint"})
    neighbour.send("PATCH", f"{at}/waters/{neighbour.water.pk}", {"disinfectant": "chlorine"})
    product = Product.objects.get(grow=neighbour.grow, name="Part A")
    label = {"analysis": {"N_nitrate": "5", "Ca": "7"}}
    neighbour.send("PUT", f"{at}/products/{product.pk}", {"label": label, "price": "12.5"})
    before = str(neighbour.tank.litres)
    assert told(neighbour)[1:3] == [
        ("changed", "water", "Tap", [("disinfectant", "", "chlorine")]),
        ("changed", "tank", "Tub", [("crop", "", "Mint"), ("litres", before, "120")]),
    ]  # fmt: skip
    lines = {field: (was, now) for field, was, now in told(neighbour)[0][3]}
    assert lines["label.analysis.Ca"] == ("", "7")
    assert lines["price"] == ("", "12.5")
    assert {one["by"] for one in changes(neighbour)["items"]} == {neighbour.person.get_username()}
    assert [one[1] for one in told(neighbour, tank=neighbour.tank.pk)] == ["tank"]
    assert [one[1] for one in told(neighbour, product=product.pk)] == ["product"]


def test_what_is_added_and_removed_is_told_and_what_nobody_does_is_not(neighbour: Yard) -> None:
    ChangeEntry.objects.all().delete()
    at = f"/api/grows/{neighbour.grow.pk}"
    meter = neighbour.send("POST", f"{at}/meters", {"name": "Wand", "kind": "ec_wand"})[1]
    neighbour.send("DELETE", f"{at}/meters/{meter['id']}", {})
    vessels = [{"vessel": "syringe", "capacity": "10", "mark": "1"}]
    neighbour.send("PUT", f"{at}/vessels", {"vessels": vessels})
    neighbour.send("PUT", f"{at}/vessels", {"vessels": vessels})  # the same again is no change
    Tank.objects.filter(pk=neighbour.tank.pk).get().save()
    WaterSource.objects.create(grow=neighbour.grow, name="Butt", kind="rain")
    assert told(neighbour) == [
        ("changed", "vessels", "on the bench", [("vessels", "", "syringe 10")]),
        ("removed", "meter", "Wand", []),
        ("added", "meter", "Wand", []),
    ]


def test_an_entry_outlives_what_it_was_of_and_goes_with_its_grow(neighbour: Yard) -> None:
    at = f"/api/grows/{neighbour.grow.pk}"
    made = neighbour.send(
        "POST", f"{at}/tanks", {"name": "Trough", "volume": "5 L", "water": neighbour.water.pk}
    )[1]
    neighbour.send("PUT", f"{at}/tanks/{made['id']}/archived", {"archived": True})
    assert (
        neighbour.send("DELETE", f"{at}/tanks/{made['id']}/for-good", {"name": "Trough"})[0] == 200
    )
    assert [(one[0], one[2]) for one in told(neighbour)][:3] == [
        ("removed", "Trough"), ("changed", "Trough"), ("added", "Trough"),
    ]  # fmt: skip
    grow = neighbour.grow.pk
    assert neighbour.send("DELETE", f"{at}/for-good", {"name": neighbour.grow.name})[0] == 200
    assert not ChangeEntry.objects.filter(grow_id=grow).exists()


def test_edits_are_paged_and_another_grows_thing_is_not_there(yard: Yard, neighbour: Yard) -> None:
    for number in range(45):
        neighbour.send(
            "PATCH",
            f"/api/grows/{neighbour.grow.pk}/tanks/{neighbour.tank.pk}",
            {"crop": f"Mint {number}"},
        )
    first = changes(neighbour)
    second = changes(neighbour, before=first["before"])
    shown = [one["fields"][0]["after"] for one in (*first["items"], *second["items"])]
    assert shown == [f"Mint {number}" for number in reversed(range(45))]
    assert second["before"] is None
    answer = neighbour.client.get(f"/api/grows/{neighbour.grow.pk}/changes", {"tank": yard.tank.pk})
    assert answer.status_code == 404


@pytest.mark.parametrize("role", ["mixer", "viewer"])
def test_a_role_that_is_changed_is_told(neighbour: Yard, yard: Yard, role: str) -> None:
    member = Membership.objects.create(grow=neighbour.grow, person=yard.person, role="owner")
    at = f"/api/grows/{neighbour.grow.pk}/people/{member.pk}"
    assert neighbour.send("PATCH", at, {"role": role})[0] == 200
    assert told(neighbour)[0][3] == [("role", "owner", role)]
