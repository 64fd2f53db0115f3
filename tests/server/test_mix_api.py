"""The recompute request: what is typed comes back as a pour sheet and its drawing."""

import pytest
from django.db import connection
from django.test.utils import CaptureQueriesContext

from server.charts.store import charts_in_memory
from server.planning.snapshot import snapshots_in_memory
from tests.server.conftest import Yard


def test_a_typed_mix_becomes_a_sheet(yard: Yard) -> None:
    status, answer = yard.plan(column="w5", volume="425 L", reading="0.52")
    assert status == 200
    pours = {pour["product"]: pour for pour in answer["sheet"]["pours"]}
    assert list(pours) == ["glasswort", "limpet", "one", "two", "wrack", "tide"]
    assert pours["one"]["amount"] == {"value": "714", "unit": "mL"}
    assert pours["glasswort"]["amount"]["value"] == "127.5"
    assert answer["conventions"] == {
        "followed": "on_top", "on_top": "1.72 to 1.92", "all_in": "1.20 to 1.40"
    }  # fmt: skip
    assert answer["climb"]["end_shown"] == "1.78"  # by the labels; the chart says 1.82
    assert {riser["basis"] for riser in answer["climb"]["risers"]} == {"label"}
    assert all(r["low"] <= r["level"] <= r["high"] for r in answer["climb"]["risers"])
    assert answer["climb"]["read_at"] == 6


def test_each_part_may_go_through_a_bucket_in_ones_own_unit(yard: Yard) -> None:
    asked = {"column": "w5", "volume": "425 L", "reading": "0.52"}
    neat = yard.plan(**asked)[1]["sheet"]["pours"]
    assert {pour["premix"] for pour in neat} == {None}
    by_bucket = yard.plan(**asked, bucket="3 gal US")[1]["sheet"]["pours"]
    assert [pour["amount"] for pour in by_bucket] == [pour["amount"] for pour in neat]
    # what is alkaline throws the lime of hard water out where there is little of it
    clouds = {pour["product"] for pour in by_bucket if not pour["premix"]["is_clear"]}
    assert clouds == {"glasswort", "wrack"}
    for typed in ("500 L", "a pail", "0"):
        status, refused = yard.plan(**asked, bucket=typed)
        assert (status, refused["error"]["where"]) == (422, "bucket")


def test_units_are_each_persons_own(yard: Yard) -> None:
    path = f"/api/grows/{yard.grow.pk}/units"
    wanted = {"volume": "gal_uk", "reading": "ppm 700", "spoons": "us"}
    assert yard.send("PUT", path, wanted)[0] == 200
    status, answer = yard.plan(volume="20", reading="350")
    assert status == 200
    assert answer["litres"] == "90.9"
    assert answer["climb"]["unit"] == "ppm (700)"
    assert answer["climb"]["floor_shown"] == "350"
    assert yard.listed("tanks")[0]["volume"] == "93.49 gal UK"
    assert yard.listed("waters")[0]["reading"] == "364"
    assert yard.send("PUT", path, {**wanted, "reading": "ppm"})[0] == 422


@pytest.mark.parametrize(
    ("changes", "code", "where"),
    [
        ({"volume": "20 tubs"}, "unknown_unit", "volume"),
        ({"volume": "0 L"}, "volume_out_of_range", "volume"),
        ({"volume": "x" * 61}, "wrong_type", "volume"),
        ({"strength": "0.8"}, "ambiguous_strength", "strength"),
        ({"reading": "350 ppm"}, "ppm_without_scale", "reading"),
        ({"column": "w99"}, "unknown_column", "column"),
        ({"overrides": [{"product": "one", "strength": "lots"}]}, "not_a_number", "overrides.one"),
        ({"convention": "my own"}, "not_a_choice", "convention"),
        ({"tank": "one"}, "wrong_type", "tank"),
    ],
)
def test_bad_input_says_what_and_where(
    yard: Yard, changes: dict[str, object], code: str, where: str
) -> None:
    status, answer = yard.plan(**changes)
    assert (status, answer["error"]["code"], answer["error"]["where"]) == (422, code, where)
    assert answer["error"]["message"]


def test_text_that_is_not_json_has_the_same_shape_of_error(yard: Yard) -> None:
    path = f"/api/grows/{yard.grow.pk}/mix"
    answer = yard.client.post(path, "{", content_type="application/json")
    assert (answer.status_code, answer.json()["error"]["code"]) == (400, "not_json")


@pytest.mark.parametrize("first", [True, False])
def test_queries_are_few_and_do_not_grow(yard: Yard, first: bool) -> None:
    if first:
        snapshots_in_memory.clear()
    else:
        yard.plan()
    with CaptureQueriesContext(connection) as queries:
        assert yard.plan()[0] == 200
    # Session, person and membership; what the grow has is looked up once at each of its stamps.
    assert len(queries) == (9 if first else 3)
    charts_in_memory.clear()
