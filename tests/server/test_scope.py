"""Another grow's objects are not there, by any path of the API."""

import io
import json
from datetime import date
from decimal import Decimal
from fractions import Fraction
from secrets import token_urlsafe

import pytest
from django.contrib.auth.models import User
from django.core.files.uploadedfile import SimpleUploadedFile
from django.test import Client
from django.utils import timezone
from PIL import Image
from pytest_django import Settings

from server.charts.models import LeafletPicture
from server.grows.models import Invitation, Membership
from server.guided.models import Mix
from server.guided.running import give_up
from server.routes import api
from server.seasons.models import Season, SeasonEntry
from server.shelf.models import Bottle, Meter, Product
from server.tanks.models import Tank, WaterBlend, WaterSource
from server.tanks.timeline import note_reading
from tests.server.conftest import SMALL_CHART, Yard


def _grow_paths() -> list[tuple[str, str]]:
    """Every method and path of the API that names a grow, taken from its own document."""
    return [
        (method.upper(), path)
        for path, methods in api.get_openapi_schema()["paths"].items()
        for method in methods
        if "{grow_id}" in path
    ]


PLAN = {"litres": "5", "source": None, "target": None, "added": None, "ph": ["5.5", "6.5"], "alkalinity": None,
        "acid": None, "chlorine_h": "0", "handles_acid": False, "settles": False, "pours": [],
        "vessels": [], "format": "brisk-measure/bench-plan", "version": 2, "total": None,
        "reported": False, "acid_need": None, "ph_expected": None, "phosphate": None,
        "alkali": None}  # fmt: skip
RECORD = {"litres": "5", "poured": [], "readings": [], "skipped": [], "people": [], "began": 0,
          "ended": 0, "minutes": 0, "ec": None, "ph": None, "look_again_h": 24, "use_by_days": 14,
          "change_out_days": 10}  # fmt: skip
REFUSED = {"pen", "brew", "for-good", "far-reading", "leak-look"}
"""What a grow without a pen, a living tank or a new system is refused, as a member too; and another
name."""

BODIES: dict[str, dict[str, object]] = {
    "mixes-done": {},
    "units": {"volume": "L", "reading": "CF", "spoons": "us"},
    "pace": {"pace": "brisk"}, "changes": {},
    "waters": {"name": "Well", "kind": "well"},
    "charts": {**SMALL_CHART, "name": "Smaller"},
    "order-preferences": {"calmag": "before_base", "silica": "after_buffer", "live": "last",
                "rows": "printed"},
    "ranges": {"ranges": {}},
    "shelf": {},
    "products": {"name": "Kelp", "role": "additive"},
    "{product_id}": {"left": "5"},
    "vessels": {"vessels": []},
    "{water_id}": {"kind": "well"},
    "{mix_id}": {},
    "events": {"events": []},
    "pen": {"seconds": 5},
    "record": {},
    "leaflet": {},
    "library": {},
    "charts-in-use": {},
    "{version_id}": {},
    "{chart_id}": {"maker": "Somebody"},
    "copy": {},
    "{key}": {},
    "file": {},
    "compared": {},
    "{picture_id}": {},
    "leaflets": {"leaflet": {
        "name": "Typed", "columns": [{"key": "w1", "label": "Week 1"}],
        "rows": [{"key": "a", "name": "Part A", "role": "base", "unit": "mL/L", "cells": ["2"]}],
    }},
    "leaflet-meaning": {"leaflet": {"name": "Typed"}},
    "people": {}, "invitations": {"role": "viewer"}, "{invitation_id}": {}, "leave": {},
    "{member_id}": {"role": "viewer"},
    "meters": {"name": "Wand", "kind": "ec_wand"}, "{meter_id}": {"every_days": 14},
    "calibrations": {"measures": "ph", "points": [{"standard": "7", "read": "7.1"}]},
    "{tank_id}": {"crop": "Mint"}, "archived": {"archived": False}, "archived-tanks": {},
    "drawing": {}, "tank-drawing": {"joined": {"vessels": [
        {"name": "Box", "shape": "box", "level": "5", "lengths": {"length": "9", "width": "9", "height": "9"}}
    ]}},
    "known-volume": {"way": "buckets", "count": "5", "volume": "10 L"},
    "course": {}, "split": {}, "brew": {}, "today": {}, "calendar": {}, "calendar.ics": {}, "{entry_id}": {},
    "preview": {"kind": "advance", "on": "2026-03-02"},
    "told": {"kind": "advance", "on": "2026-03-02"},
    "plan": {"plan": {"read_every_days": 2}, "seen": {"first_column": "w1"}},
    "{season_id}": {"ended_on": None},
    "corrections": {"changes": [{"what": "volume", "figure": "6 L"}], "why": "the mark", "seen": 0},
    "readings": {"ec": "0.9"},
    "water-lines": {}, "far-reading": {"entry": 1, "because": "pen_off"}, "printed-grade": {"grade": "4-2-6"},
    "{blend_id}": {}, "stock": {}, "bottles": {"size": "1000"}, "{bottle_id}": {"note": "x"}, "discarded": {"reason": "old"},
    "make-up": {"size": "1000"}, "made-up": {"size": "1000"}, "first-fill": {}, "leak-look": {"leaks": True},
    "archive": {}, "for-good": {"name": "another"},
    "tasks": {"task": "2026-03-01.mix.", "state": "skipped", "reason": "nobody was here"},
}  # fmt: skip

FORMS = ("read-table", "leaflet-pictures")
"""What is sent as a form with a file."""


def _form(name: str) -> dict[str, object]:
    made = io.BytesIO()
    Image.new("RGB", (9, 9)).save(made, "PNG")
    if name == "read-table":
        return {"text": "x,Week 1\nPart A ml/L,2"}
    return {"file": SimpleUploadedFile("leaflet.png", made.getvalue())}


def _started(yard: Yard) -> Mix:
    return Mix.objects.create(
        grow=yard.grow, tank=yard.tank, version=yard.version, label="Week 1", column="w1",
        strength=Decimal("0.5"),
        plan=PLAN, record=RECORD,
    )  # fmt: skip


def _season(yard: Yard) -> SeasonEntry:
    """Something that a season of this grow was told."""
    season = Season.objects.filter(grow=yard.grow).first() or Season.objects.create(
        grow=yard.grow,
        tank=yard.tank,
        version=yard.version,
        started_on=date(2026, 3, 1),
        plan={"first_column": "w1"},
    )
    told = {"grow": yard.grow, "season": season, "kind": "hold", "on": date(2026, 3, 1)}
    found = SeasonEntry.objects.filter(**told, taken_back_by=None).first()
    return found or SeasonEntry.objects.create(**told)


def _another(yard: Yard) -> Season:
    """A season of another tank, and one that goes with the first tank's."""
    first = _season(yard).season
    found = Season.objects.filter(grow=yard.grow, joined_on=None).exclude(pk=first.pk).first()
    if found:
        return found
    for name in ("Joined", "Other"):
        tank = Tank.objects.create(grow=yard.grow, name=name, litres=9, water=yard.water)
        joined = {"goes_with": first, "joined_on": first.started_on} if name == "Joined" else {}
        found = Season.objects.create(
            grow=yard.grow, tank=tank, version=yard.version, started_on=first.started_on,
            plan={"first_column": "w1"}, **joined,
        )  # fmt: skip
    assert found
    return found


def _ask(client: Client, method: str, path: str, yard: Yard) -> int:
    tank = {"name": "Trough", "volume": "5 L", "water": yard.water.pk}
    usual = {"version_id": yard.version.pk, "column": "w1", "strength": "50 %"}
    other = WaterSource.objects.get_or_create(grow=yard.grow, name="Butt", kind="rain")[0]
    note_reading(other, {"ec": Fraction("0.1")}, by=None)
    share = {"source": yard.water.pk, "other": other.pk, "wanted": "ec", "figure": "0.2"}
    mix = Mix.objects.filter(grow=yard.grow).first() or _started(yard)
    bodies = {**BODIES, "tanks": tank, "mix": yard.mix(), "{grow_id}": {}, "usual": usual,
              "share-of-water": share, "mixes": yard.mix(volume="7 L"),
              "seasons": {"version_id": yard.version.pk, "started_on": "2026-04-01", "first_column": "w1"}}  # fmt: skip
    if method == "POST" and path.rpartition("/")[2] in ("mixes", "first-fill"):
        give_up(mix)
    name = path.rpartition("/")[2]
    product = Product.objects.filter(grow=yard.grow)[0]
    told = _season(yard)
    if name == "blends":
        bodies[name] = {"name": f"Half {method} {token_urlsafe(4)}", "water": yard.water.pk, "parts": [{"water": other.pk, "share": "50 %"}]}  # fmt: skip
    if name == "seasons":
        Season.objects.filter(grow=yard.grow).update(ended_on=date(2026, 5, 9))
    if name == "joined-season":
        bodies[name] = {"season": _another(yard).pk, "on": "2026-03-03"}
    elif name == "tank-order":
        bodies[name] = {"tanks": [tank.pk for tank in Tank.objects.filter(grow=yard.grow)]}
    elif name == "split":
        _another(yard)
    elif name == "{season_id}" and method == "DELETE":  # of one that was told nothing
        told.season.entries.all().delete()
    member = Membership.objects.get_or_create(
        grow=yard.grow, person=User.objects.get_or_create(username="knot")[0]
    )[0]
    invitation = Invitation.objects.create(
        grow=yard.grow, role="viewer", digest=token_urlsafe(9), by=yard.person, ends_at=timezone.now(),
    )  # fmt: skip
    where = path.format(
        meter_id=Meter.objects.get_or_create(grow=yard.grow, name="Pen")[0].pk, member_id=member.pk, invitation_id=invitation.pk,
        season_id=told.season_id, entry_id=told.pk, grow_id=yard.grow.pk, tank_id=yard.tank.pk, water_id=yard.water.pk, product_id=product.pk,
        blend_id=WaterBlend.objects.create(grow=yard.grow, water=yard.water, name=token_urlsafe(9)).pk,
        bottle_id=Bottle.objects.create(grow=yard.grow, product=product, left=5).pk,
        mix_id=mix.pk, chart_id=yard.version.chart_id, version_id=yard.version.pk, key="samphire",
        picture_id=LeafletPicture.objects.get_or_create(grow=yard.grow, width=1, height=1)[0].pk,
    )  # fmt: skip
    if name in FORMS:
        return client.post(where, _form(name)).status_code
    where += {
        "file": "?kind=csv",
        "compared": f"?before={yard.version.pk}",
        "brew": "?task=x",
        "waters": "?column=w1" if "versions" in path else "",
    }.get(name, "")
    body = bodies[name]
    answer = client.generic(method, where, json.dumps(body), "application/json")
    if answer.streaming:
        b"".join(answer.streaming_content)
    return answer.status_code


def test_there_are_paths_to_try() -> None:
    assert len(_grow_paths()) >= 15


@pytest.mark.parametrize(("method", "path"), _grow_paths())
def test_a_stranger_finds_nothing_in_a_grow(
    yard: Yard, neighbour: Yard, method: str, path: str
) -> None:
    own = _ask(neighbour.client, method, path, neighbour)
    assert own == 422 if path.rpartition("/")[2] in REFUSED else own in (200, 201)
    assert _ask(yard.client, method, path, neighbour) == 404
    assert _ask(Client(), method, path, neighbour) == 401


def test_a_tank_is_not_filled_from_another_grows_water(yard: Yard, neighbour: Yard) -> None:
    tank = {"name": "Trough", "volume": "5 L", "water": neighbour.water.pk}
    assert yard.send("POST", f"/api/grows/{yard.grow.pk}/tanks", tank)[0] == 404


def test_parts_of_a_request_are_looked_up_in_the_grow_too(yard: Yard, neighbour: Yard) -> None:
    theirs = Product.objects.filter(grow=neighbour.grow)[0]
    mine = Product.objects.filter(grow=yard.grow)[0]
    at = f"/api/grows/{yard.grow.pk}"
    share = {"source": yard.water.pk, "other": neighbour.water.pk, "wanted": "ec", "figure": "0.4"}
    usual = {"version_id": neighbour.version.pk, "column": "w1", "strength": "50 %"}
    refused = [
        ("PUT", f"{at}/products/{theirs.pk}", {"left": "5"}),
        ("PUT", f"{at}/products/{mine.pk}", {"hard_form_of": theirs.pk}),
        ("PATCH", f"{at}/waters/{neighbour.water.pk}", {"kind": "well"}),
        ("POST", f"{at}/share-of-water", share),
        ("PATCH", f"{at}/tanks/{neighbour.tank.pk}/usual", usual),
        ("PATCH", f"{at}/tanks/{yard.tank.pk}/usual", usual),
    ]
    for method, path, body in refused:
        assert yard.send(method, path, body)[0] == 404, path
    blend = [{"water": neighbour.water.pk, "share": "20 %"}]
    assert yard.plan(blend=blend)[0] == 404


@pytest.mark.parametrize("name", ["tank", "water", "version_id"])
def test_another_grows_object_is_not_found_from_ones_own(
    yard: Yard, neighbour: Yard, name: str
) -> None:
    assert neighbour.plan()[0] == 200
    theirs = {"tank": neighbour.tank, "water": neighbour.water, "version_id": neighbour.version}[
        name
    ]
    status, answer = yard.plan(**{name: theirs.pk})
    assert (status, answer["error"]["code"]) == (404, "not_found")
    assert yard.plan(**{name: 10**9})[1] == answer  # no telling whether it exists elsewhere


def test_lists_show_ones_own_things_alone(yard: Yard, neighbour: Yard) -> None:
    assert [tank["name"] for tank in neighbour.listed("tanks")] == ["Tub"]
    assert [chart["name"] for chart in neighbour.listed("charts")] == ["Small"]


def test_the_demo_is_gone_where_it_is_not_served(yard: Yard, settings: Settings) -> None:
    settings.DEMO = False
    assert yard.plan()[0] == 404
    assert yard.client.get("/api/session").json()["grows"] == []
