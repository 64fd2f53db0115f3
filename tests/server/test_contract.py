"""The API keeps its own document: every answer fits it, and nothing sent makes the server fail."""

import errno
import json
import sys
from enum import Enum
from typing import Any

import jsonschema
import psycopg
import pytest
from django.db import OperationalError, connection
from django.test import Client
from hypothesis import HealthCheck, given, settings
from hypothesis import strategies as st
from pydantic import BaseModel

from core.chart import Chart as CoreChart
from core.formats import FeedChart
from server.charts.models import ChartVersion
from server.charts.store import publish_chart
from server.routes import api
from server.tanks.models import WaterSource
from tests.core.test_charts import charts
from tests.lanes import drawn
from tests.server.at_the_bench import START, begin, event, finish
from tests.server.conftest import SMALL_CHART, Yard
from tests.server.test_storage import stored

DOCUMENT: dict[str, Any] = json.loads(json.dumps(api.get_openapi_schema()))
IN_ONE_TRANSACTION = settings(
    max_examples=drawn(10, 40), suppress_health_check=[HealthCheck.function_scoped_fixture]
)


def _operational(cause: Exception) -> OperationalError:
    """As Django raises what the database said."""
    error = OperationalError(str(cause))
    error.__cause__ = cause
    return error


def fits(method: str, path: str, status: int, answer: object) -> None:
    """Check an answer against what the document says for that status."""
    responses = DOCUMENT["paths"][path][method]["responses"]
    assert str(status) in responses, (status, answer)
    schema = responses[str(status)]["content"]["application/json"]["schema"]
    jsonschema.validate(
        answer,
        {**schema, "components": DOCUMENT["components"]},
        cls=jsonschema.Draft202012Validator,
    )


def test_the_committed_document_is_the_one_served() -> None:
    from launch.places import WEB

    assert json.loads((WEB / "openapi.json").read_text()) == DOCUMENT


def test_no_two_shapes_of_the_api_have_one_name() -> None:
    """In the document the second would stand for both, and no type checker tells."""
    named: dict[str, set[str]] = {}
    for module in [
        one for name, one in sys.modules.items() if name.startswith(("server.", "core."))
    ]:
        for shape in vars(module).values():
            if isinstance(shape, type) and issubclass(shape, (BaseModel, Enum)):
                named.setdefault(shape.__name__, set()).add(
                    f"{shape.__module__}.{shape.__qualname__}"
                )
    told = DOCUMENT["components"]["schemas"]
    assert len(told) > 100
    assert {
        name: places for name, places in named.items() if name in told and len(places) > 1
    } == {}


def test_answers_fit_the_document(yard: Yard) -> None:
    at = f"/api/grows/{yard.grow.pk}"
    asked: list[tuple[str, str, object]] = [
        ("get", "/api/session", {}),
        ("get", "/api/grows/{grow_id}", {}),
        ("get", "/api/grows/{grow_id}/tanks", {}),
        ("get", "/api/grows/{grow_id}/waters", {}),
        ("get", "/api/grows/{grow_id}/charts", {}),
        ("post", "/api/grows/{grow_id}/mix", yard.mix(column="w5")),
        ("post", "/api/grows/{grow_id}/mix", yard.mix(reading="", convention="all_in")),
        ("post", "/api/grows/{grow_id}/mix", yard.mix(volume="lots")),
        ("post", "/api/grows/{grow_id}/mix", yard.mix(tank=0)),
        ("post", "/api/grows/{grow_id}/waters", {"name": "Well", "kind": "well"}),
        ("post", "/api/grows/{grow_id}/waters", {"name": "", "kind": "well"}),
        ("post", "/api/grows/{grow_id}/charts", SMALL_CHART),
        ("post", "/api/grows/{grow_id}/charts", {}),
        ("get", "/api/grows/{grow_id}/shelf", {}),
        ("post", "/api/grows/{grow_id}/products", {"name": "Kelp", "role": "additive"}),
        ("post", "/api/grows/{grow_id}/products", {"name": "Kelp", "role": "fish"}),
        ("put", "/api/grows/{grow_id}/vessels", {"vessels": [VESSEL]}),
        ("put", "/api/grows/{grow_id}/vessels", {"vessels": [{**VESSEL, "mark": "0"}]}),
        ("put", "/api/grows/{grow_id}/ranges", {"ranges": {"Ca": {"low": "80", "high": "150"}}}),
        ("put", "/api/grows/{grow_id}/ranges", {"ranges": {"Ca": {"low": "lots", "high": "1"}}}),
        ("post", "/api/grows/{grow_id}/mix", yard.mix(column="w5", split=True, hard_forms=True)),
        ("put", "/api/grows/{grow_id}/units", {"volume": "L", "reading": "CF", "spoons": "us"}),
        ("post", "/api/session/demo", {}),
        ("delete", "/api/session", {}),
    ]
    for method, path, body in asked:
        where = path.replace("/api/grows/{grow_id}", at)
        status, answer = yard.send(method.upper(), where, body)
        fits(method, path, status, answer)


def test_answers_at_the_bench_fit_the_document_too(yard: Yard) -> None:
    bench = begin(yard)
    one = "/api/grows/{grow_id}/mixes/{mix_id}"
    other = yard.mix(**{**START, "column": "w99"})
    heap = {"events": [event("read", "read-water", "0.5")]}
    odd = {"events": [event("read", "read-water", "40")]}
    asked: list[tuple[str, str, object]] = [
        ("get", "/api/grows/{grow_id}/mixes", {}),
        ("post", "/api/grows/{grow_id}/mixes", yard.mix(**START)),
        ("post", "/api/grows/{grow_id}/mixes", other),
        ("get", one, {}),
        ("post", f"{one}/events", heap),
        ("post", f"{one}/events", odd),
        ("post", f"{one}/events", {"events": [{"id": "short"}]}),
        ("post", f"{one}/pen", {"seconds": 40}),
        ("get", f"{one}/record", {}),
        ("delete", one, {}),
    ]
    for method, path, body in asked:
        where = path.format(grow_id=yard.grow.pk, mix_id=bench["id"])
        status, answer = yard.send(method.upper(), where, body)
        fits(method, path, status, answer)
    again = begin(yard)
    over = finish(yard, again)
    fits("post", f"{one}/events", 200, over)
    path = one.format(grow_id=yard.grow.pk, mix_id=again["id"])
    fits("get", f"{one}/record", 200, yard.client.get(f"{path}/record").json())


VESSEL = {"vessel": "cylinder", "capacity": "100", "mark": "2"}
values = st.none() | st.booleans() | st.integers() | st.floats() | st.text(max_size=20)
json_values = values | st.lists(values, max_size=3) | st.dictionaries(st.text(max_size=5), values)
typed = st.text(max_size=70) | st.from_regex(r"[0-9]{1,7}([.,][0-9]{1,4})? ?(L|gal|EC|ppm|%)?")


@IN_ONE_TRANSACTION
@given(
    st.dictionaries(
        st.sampled_from(["tank", "water", "version_id", "column", "volume", "strength", "reading", "end",
                         "convention", "overrides", "calmag", "silica", "live", "rows", "blend",
                         "between", "split", "hard_forms", "acid", "stood", "temperature",
                         "acknowledged", "more"]),
        json_values | typed,
    )
)  # fmt: skip
def test_whatever_is_sent_is_answered_in_shape(yard: Yard, changes: dict[str, object]) -> None:
    body = json.dumps({**yard.mix(column="w5"), **changes})
    path = f"/api/grows/{yard.grow.pk}/mix"
    answer = yard.client.post(path, body, content_type="application/json")
    fits("post", "/api/grows/{grow_id}/mix", answer.status_code, answer.json())


@IN_ONE_TRANSACTION
@given(st.text(max_size=160), st.text(max_size=210))
def test_any_name_and_password_is_answered_in_shape(username: str, password: str) -> None:
    body = json.dumps({"username": username, "password": password})
    answer = Client().post("/api/session", body, content_type="application/json")
    assert answer.status_code in (401, 422, 429)
    assert set(answer.json()["error"]) == {"code", "message", "where"}


@IN_ONE_TRANSACTION
@given(charts())
def test_any_chart_comes_back_from_the_database_as_published(
    neighbour: Yard, of: CoreChart
) -> None:
    version = publish_chart(neighbour.grow, FeedChart.of(of))
    assert stored(version).chart == CoreChart(
        version.chart.name, of.medium, of.readings, of.rows_are_order,
        of.products, of.columns, of.doses,
    )  # fmt: skip


@pytest.mark.parametrize("path", ["/api/nothing", "/api/grows/x/tanks"])
def test_unknown_addresses_of_the_api_are_not_the_page(yard: Yard, path: str) -> None:
    answer = yard.client.get(path)
    assert answer.status_code in (404, 422)
    assert set(answer.json()["error"]) == {"code", "message", "where"}
    assert answer.headers["Cache-Control"] == "no-store"


@pytest.mark.parametrize(
    ("body", "kind", "status"),
    [
        (b"{", "application/json", 400), (b"\xff\xfe", "application/json", 400),
        (b"a=1", "application/x-www-form-urlencoded", 400), (b"", "multipart/form-data", 400),
        (b"--x\r\n", "multipart/form-data; boundary=", 400), (b"[]", "application/json", 422),
        (b"<a/>", "text/xml", 400), (b" " * 2_600_000, "application/json", 413),
        (b'{"a": NaN}', "application/json", 422), (b"[" * 100_000, "application/json", 400),
    ],
)  # fmt: skip
def test_every_malformed_body_gets_the_one_error(
    yard: Yard, body: bytes, kind: str, status: int
) -> None:
    for path in ("mix", "waters", "charts", "products"):
        address = f"/api/grows/{yard.grow.pk}/{path}"
        answer = yard.client.generic("POST", address, body, content_type=kind)
        assert set(answer.json()["error"]) == {"code", "message", "where"}, path
        assert answer.status_code in (status, 422), path
        fits("post", f"/api/grows/{{grow_id}}/{path}", answer.status_code, answer.json())


def test_the_chart_is_read_with_one_query_whatever_its_size(
    yard: Yard, django_assert_num_queries: Any
) -> None:
    assert connection.vendor == "postgresql"
    version = ChartVersion.objects.select_related("grow").get(pk=yard.version.pk)
    with django_assert_num_queries(1):
        stored(version)


@pytest.mark.parametrize(
    ("error", "status"),
    [
        (OSError(errno.ENOSPC, "No space left on device"), 507),
        (_operational(psycopg.errors.DiskFull("could not extend file")), 507),
        (_operational(psycopg.errors.AdminShutdown("terminating connection")), 503),
    ],
)
def test_a_full_disk_and_a_lost_database_are_no_fault_of_ours(
    yard: Yard, monkeypatch: pytest.MonkeyPatch, error: Exception, status: int
) -> None:
    def fail(*_: object, **__: object) -> None:
        raise error

    monkeypatch.setattr(WaterSource, "save", fail)
    path = "/api/grows/{grow_id}/waters"
    where = path.format(grow_id=yard.grow.pk)
    answered, answer = yard.send("POST", where, {"name": "Well", "kind": "well"})
    fits("post", path, answered, answer)
    assert answered == status
