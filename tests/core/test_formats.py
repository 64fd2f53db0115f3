"""The open formats: schemas, examples, round trips, and errors that point at the place."""

import json
import subprocess
import sys
from copy import deepcopy
from decimal import Decimal
from pathlib import Path
from typing import Any

import jsonschema
import pytest
from hypothesis import given
from hypothesis import strategies as st

from core.errors import InputError
from core.formats import FeedChart, MixRequestDocument, document_of, read_json
from core.headless import plan_text

FORMATS = Path(__file__).parents[2] / "docs" / "formats"
EXAMPLE: dict[str, Any] = json.loads((FORMATS / "mix-request.example.json").read_text())


@pytest.mark.parametrize(
    "name", ["feed-chart", "mix-request", "pour-sheet", "mix-record", "rehearsal"]
)
def test_examples_fit_their_schemas(name: str) -> None:
    schema = json.loads((FORMATS / f"{name}.schema.json").read_text())
    jsonschema.Draft202012Validator.check_schema(schema)
    jsonschema.validate(
        json.loads((FORMATS / f"{name}.example.json").read_text()),
        schema,
        cls=jsonschema.Draft202012Validator,
    )


def test_a_request_with_shelf_and_lab_report_fits_and_is_judged() -> None:
    told = json.loads((FORMATS / "mix-request.with-shelf.example.json").read_text())
    schema = json.loads((FORMATS / "mix-request.schema.json").read_text())
    jsonschema.validate(told, schema, cls=jsonschema.Draft202012Validator)
    sheet = json.loads(plan_text(json.dumps(told).encode()))
    schema = json.loads((FORMATS / "pour-sheet.schema.json").read_text())
    jsonschema.validate(sheet, schema, cls=jsonschema.Draft202012Validator)
    assert [pour["turn"] for pour in sheet["pours"]] == ["whole", *["first"] * 2, *["second"] * 2]
    assert sheet["source"]["ec"] == "0.37"  # 0.7 × 0.52 + 0.3 × 0.02
    assert sheet["in_tank"]["acid"]["kind"] == "nitric"
    assert {one["element"] for one in sheet["in_tank"]["elements"] if one["own_range"]} == {"Ca"}


@pytest.mark.parametrize(
    ("change", "where"),
    [
        ({"shelf": {"products": [{"product": "one", "label": {"density": "9"}}]}},
         "shelf.products[0].label.density"),
        ({"shelf": {"acids": [{"key": "a", "name": "A", "acid": {"kind": "nitric"}}]}},
         "shelf.acids[0].acid"),
        ({"bench": [{"vessel": "jug", "capacity": "1", "mark": "2"}]}, "bench[0].mark"),
        ({"windows": {"Ca": {"low": "2", "high": "1"}}}, "windows.Ca.low"),
        ({"blend": [{"water": {}, "share": "0.5"}]}, "blend.parts"),
        ({"water": {"ph": "15"}, "blend": []}, "water.ph"),
        ({"between": {"column": "w1", "share": "2"}}, "between.share"),
    ],
)  # fmt: skip
def test_what_surrounds_a_mix_is_checked_too(change: dict[str, Any], where: str) -> None:
    told = json.loads((FORMATS / "mix-request.with-shelf.example.json").read_text())
    with pytest.raises(InputError) as refused:
        plan_text(json.dumps({**told, **change}).encode())
    assert refused.value.where == where


def test_the_example_sheet_is_what_comes_out() -> None:
    made = json.loads(plan_text(json.dumps(EXAMPLE).encode()))
    assert made == json.loads((FORMATS / "pour-sheet.example.json").read_text())
    assert [pour["amount"]["value"] for pour in made["pours"][1:]] == ["45", "45"]
    assert made["pours"][1]["printed"] == "2–3 tsp/gal (US)"


def test_a_chart_survives_writing_and_reading() -> None:
    chart = document_of(FeedChart, EXAMPLE["chart"]).chart()
    written = FeedChart.of(chart).model_dump_json()
    assert document_of(FeedChart, read_json(written.encode())).chart() == chart


def changed(path: str, value: object) -> dict[str, Any]:
    """The example with one value changed, or removed if the value is Ellipsis."""
    copy = deepcopy(EXAMPLE)
    at: Any = copy
    *steps, last = [int(part) if part.isdigit() else part for part in path.split(".")]
    for step in steps:
        at = at[step]
    if value is ...:
        del at[last]
    else:
        at[last] = value
    return copy


@pytest.mark.parametrize(
    ("path", "value", "code", "where"),
    [
        ("volume", ..., "missing", "volume"),
        ("volume.value", "0", "volume_out_of_range", "volume.value"),
        ("volume.value", "NaN", "not_a_number", "volume.value"),
        ("volume.unit", "gal", "not_a_choice", "volume.unit"),
        ("strength", "-1", "negative", "strength"),
        ("strenght", "1", "unknown_field", "strenght"),
        ("column", "w9", "unknown_column", "column"),
        ("water.reading.scale", ..., "ppm_without_scale", "water.reading.scale"),
        ("version", 2, "not_a_choice", "version"),
        ("chart.products.1.key", "one", "key_repeats", "chart.products[1].key"),
        ("chart.columns.0.ec.high", "0.1", "range_upside_down", "chart.columns[0].ec.low"),
        ("chart.columns.0.ph.high", "15", "ph_out_of_range", "chart.columns[0].ph.high"),
        ("chart.columns.0.days", 0, "days_out_of_range", "chart.columns[0].days"),
        ("chart.doses.0.product", "x", "unknown_product", "chart.doses[0].product"),
        ("chart.doses.0.column", "x", "unknown_column", "chart.doses[0].column"),
        ("chart.doses.1.product", "one", "two_doses_in_a_cell", "chart.doses[1]"),
        ("chart.doses.0.unit", "g/L", "unit_does_not_fit", "chart.doses[0].unit"),
        ("chart.doses.0.unit", ..., "dose_incomplete", "chart.doses[0]"),
        ("chart.doses.0.high", "1", "range_upside_down", "chart.doses[0].low"),
        ("chart.doses.0.low", "two", "not_a_number", "chart.doses[0].low"),
        ("chart.products.0.after", ["ghost"], "unknown_product", "chart.products[0].after"),
        ("chart.products", [], "too_many_or_few", "chart.products"),
    ],
)
def test_errors_point_at_the_place(path: str, value: object, code: str, where: str) -> None:
    with pytest.raises(InputError) as refused:
        document_of(MixRequestDocument, changed(path, value)).request()
    assert (refused.value.code, refused.value.where) == (code, where)
    if "doses.0" in path and code not in ("unknown_product", "unknown_column"):
        assert refused.value.message.startswith("Row Marram One, column Week 1: ")


@pytest.mark.parametrize(
    ("path", "value"),
    [
        ("volume", ...), ("volume.value", "NaN"), ("volume.value", "1e3"), ("volume.unit", "gal"),
        ("strength", "-1"), ("strength", -1), ("strenght", "1"), ("version", 2), ("column", ""),
        ("chart.doses.0.low", "two"), ("chart.products.0.role", "magic"), ("school", "mine"),
        ("chart.products.0.scales", "yes"), ("chart.products.0.rank", 1.5), ("end", None),
        ("chart.columns.0.ec.scale", 600), ("chart.products", [{}] * 61), ("chart.name", "a\nb"),
    ],
)  # fmt: skip
def test_what_the_schema_refuses_the_program_refuses(path: str, value: object) -> None:
    schema = json.loads((FORMATS / "mix-request.schema.json").read_text())
    validator = jsonschema.Draft202012Validator(schema)
    assert validator.is_valid(EXAMPLE)
    assert not validator.is_valid(changed(path, value))
    with pytest.raises(InputError):
        document_of(MixRequestDocument, changed(path, value))


@given(
    st.sampled_from(["volume.value", "strength", "chart.doses.0.low"]),
    st.decimals(0, 10**6, places=4),
)
def test_a_number_means_the_same_as_its_text(path: str, value: Decimal) -> None:
    as_text = document_of(MixRequestDocument, changed(path, f"{value:f}"))
    as_number = document_of(MixRequestDocument, changed(path, value))
    assert as_text == as_number


@pytest.mark.parametrize(
    "raw",
    [b"", b"{", b"\xff\xfe", b'{"a": NaN}', b'{"a": 1, "a": 2}', b"[" * 100_000, b"9" * 6_000,
     b" " * 2_000_001],
)  # fmt: skip
def test_hostile_text_is_refused(raw: bytes) -> None:
    with pytest.raises(InputError):
        read_json(raw)


json_values = st.recursive(
    st.none() | st.booleans() | st.integers() | st.text(max_size=8),
    lambda inner: (
        st.lists(inner, max_size=3) | st.dictionaries(st.text(max_size=8), inner, max_size=3)
    ),
    max_leaves=8,
)
PATHS = ["chart", "chart.doses", "chart.doses.0.low", "chart.columns.0.ec", "volume", "water",
         "overrides", "chart.products.0", "customs", "end"]  # fmt: skip


@given(st.sampled_from(PATHS), json_values)
def test_no_json_value_anywhere_raises_anything_else(path: str, value: object) -> None:
    try:
        plan_text(json.dumps(changed(path, value)).encode())
    except InputError as refused:
        assert refused.message


def headless(*words: str, given: bytes = b"") -> subprocess.CompletedProcess[bytes]:
    return subprocess.run(
        [sys.executable, "-m", "core.headless", *words],
        input=given,
        capture_output=True,
        check=False,
        cwd=FORMATS.parents[1],
    )


def test_headless_prints_a_sheet_or_an_error_and_never_both() -> None:
    good = headless("plan", str(FORMATS / "mix-request.example.json"))
    assert (good.returncode, good.stderr) == (0, b"")
    assert json.loads(good.stdout)["format"] == "brisk-measure/pour-sheet"
    bad = headless("plan", "-", given=json.dumps(changed("volume.value", "0")).encode())
    assert (bad.returncode, bad.stdout) == (2, b"")
    assert json.loads(bad.stderr)["error"]["where"] == "volume.value"
    missing = headless("plan", "/nowhere.json")
    assert missing.returncode == 2
    assert json.loads(missing.stderr)["error"]["code"] == "cannot_read"
