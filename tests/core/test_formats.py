"""The open formats: schemas, examples, round trips, and errors that point at the place."""

import json
import subprocess
import sys
from collections import Counter
from copy import deepcopy
from decimal import Decimal
from fractions import Fraction
from pathlib import Path
from random import Random
from typing import Any

import jsonschema
import pytest
from hypothesis import given
from hypothesis import strategies as st

from core.chart import Stage
from core.chemistry import AcidKind, Element
from core.errors import InputError
from core.formats import FeedChart, MixRequestDocument, document_of, read_json
from core.formats.course_request import CourseRequestDocument
from core.formats.in_tank import InTankDocument
from core.formats.leaflets.draft import ChartDraftDocument
from core.formats.schemas import write_schemas
from core.formats.shelf import AlkaliOnShelfDocument
from core.headless import main, plan_text, rehearse_text
from core.leaflet import TableRequest, read_table
from core.limits import LARGEST_BYTES
from core.quantities import Reading
from core.windows import element_windows
from tests.core.labels import acid_on_shelf, labelled
from tests.core.mixes import F, ec, pair, plan, water
from tests.lanes import drawn
from tests.words import refuses, words_of

FORMATS = Path(__file__).parents[2] / "docs" / "formats"
EXAMPLE: dict[str, Any] = json.loads((FORMATS / "mix-request.example.json").read_text())


def test_the_schemas_are_those_of_the_program(tmp_path: Path) -> None:
    write_schemas(tmp_path)
    written = {path.name: path.read_text() for path in tmp_path.iterdir()}
    assert written == {name: (FORMATS / name).read_text() for name in written}
    kept = {path.name for path in FORMATS.glob("*.schema.json")}
    assert kept - set(written) == {"grow-archive.schema.json"}  # the server's own


@pytest.mark.parametrize(
    "name",
    [
        "feed-chart",
        "mix-request",
        "pour-sheet",
        "mix-record",
        "rehearsal",
        "chart-draft",
        "course-request",
        "course",
    ],
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


def test_an_own_range_may_be_one_figure() -> None:
    told = changed("windows", {"Ca": {"low": "2", "high": "2"}})
    [window] = document_of(MixRequestDocument, told).request().windows.values()
    assert (window.low, window.high, window.own) == (2, 2, True)


@pytest.mark.parametrize("scale", [500, 640, 700])
def test_a_reading_in_ppm_is_of_its_scale(scale: int) -> None:
    told = changed("water", {"reading": {"value": f"{scale}", "unit": "ppm", "scale": scale}})
    request = document_of(MixRequestDocument, told).request()
    assert request.water.reading == Reading(Fraction(1))
    for other in (scale + 1, None, "500"):
        told = changed("water", {"reading": {"value": "500", "unit": "ppm", "scale": other}})
        with pytest.raises(InputError):
            document_of(MixRequestDocument, told).request()


def test_a_bottle_that_raises_ph_says_how_strong_it_is() -> None:
    """Potassium carbonate: two equivalents and one carbonate in 138.2 g (CRC Handbook)."""
    told = {"key": "up", "name": "Up", "meq": "14.47", "carbonate": "0.5", "unit": "g"}
    bottle = AlkaliOnShelfDocument.model_validate(told).on_shelf()
    assert (bottle.alkali.meq, bottle.alkali.carbonate, bottle.unit) == (14.47, 0.5, "g")
    for change, where in (
        ({"meq": "0"}, "meq"),
        ({"meq": "100.1"}, "meq"),
        ({"carbonate": "1.01"}, "carbonate"),
    ):
        with pytest.raises(InputError) as refused:
            AlkaliOnShelfDocument.model_validate(told | change).on_shelf()
        assert refused.value.where == where
    for change in ({"meq": "100", "carbonate": "1"}, {"meq": "0.5"}):
        assert AlkaliOnShelfDocument.model_validate(told | change).on_shelf().key == "up"


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


@pytest.mark.parametrize(("ppm", "scale"), [("500", 700), ("700", None), ("840", None)])
def test_readings_without_an_end_are_written_in_the_scale_of_their_leaflet(
    ppm: str, scale: int | None
) -> None:
    """500 ppm on the 700 scale are 5/7 mS/cm; 700 ppm are 1."""
    rows = (("", "Week 1", "Week 2"), ("Part A (mL/L)", "2", "2"), ("ppm (700)", "1400", ppm))
    draft = read_table(TableRequest(rows))
    written = ChartDraftDocument.of(draft).chart
    assert written is not None
    assert {column.ec.scale for column in written.columns if column.ec} == {scale}
    assert written.chart() == draft.chart


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
        assert words_of(refused.value).startswith("Row Marram One, column Week 1: ")


@pytest.mark.parametrize("density", ["0", "0.1", "40"])
def test_an_acid_of_no_weight_is_refused_where_it_stands(density: str) -> None:
    told = json.loads((FORMATS / "mix-request.with-shelf.example.json").read_text())
    told["shelf"]["acids"][0]["density"] = density
    with pytest.raises(InputError) as refused:
        plan_text(json.dumps(told).encode())
    assert (refused.value.code, refused.value.where) == (
        "density_out_of_range",
        "shelf.acids[0].density",
    )


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


def test_a_document_may_have_as_many_bytes_as_is_said() -> None:
    assert read_json(b"1" + b" " * (LARGEST_BYTES - 1)) == 1
    with refuses("over 2 MB"):
        read_json(b"1" + b" " * LARGEST_BYTES)


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
        assert words_of(refused)


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


@pytest.mark.parametrize(
    ("command", "example", "written"),
    [
        ("plan", "mix-request", "pour-sheet"), ("course", "course-request", "course"),
        ("tank", "tank", "tank-volume"), ("rehearse", "rehearsal", "rehearsal-record"),
        ("read", "feed-chart", "chart-draft"),
    ],
)  # fmt: skip
def test_each_capability_answers_on_its_own(
    command: str, example: str, written: str, capsys: pytest.CaptureFixture[str], tmp_path: Path
) -> None:
    assert main([command, str(FORMATS / f"{example}.example.json")]) == 0
    out, err = capsys.readouterr()
    assert (json.loads(out)["format"], err) == (f"brisk-measure/{written}", "")
    spoiled = tmp_path / "spoiled.json"
    spoiled.write_text("{}")
    assert main([command, str(spoiled)]) == 2
    out, err = capsys.readouterr()
    error = json.loads(err)["error"]
    assert (out, set(error)) == ("", {"code", "message", "where"})
    large = tmp_path / "large.json"
    large.write_bytes(b" " * LARGEST_BYTES + b"{}")
    assert main([command, str(large)]) == 2
    assert json.loads(capsys.readouterr().err)["error"]["code"] == "too_large"


def test_headless_takes_what_the_reader_of_a_table_knows(
    tmp_path: Path, capsys: pytest.CaptureFixture[str]
) -> None:
    table = tmp_path / "dunlin.csv"
    table.write_text(",Week 1,Week 2\nPart A (mL/gal),2,3\nPart B,2,3\nppm,500,700\n")
    options = ["--gallon", "uk", "--unit", "tsp/gal_uk", "--ppm-scale", "700"]
    assert main(["read", str(table), *options]) == 0
    draft = json.loads(capsys.readouterr().out)
    assert (draft["chart"]["name"], draft["questions"]) == ("dunlin", [])
    assert {one["unit"] for one in draft["chart"]["doses"]} == {"mL/gal_uk", "tsp/gal_uk"}
    ec = draft["chart"]["columns"][1]["ec"]
    assert (ec["low"], ec["unit"], ec["scale"]) == ("700", "ppm", 700)


def test_headless_reads_a_leaflet_and_writes_a_chart_as_a_table(tmp_path: Path) -> None:
    """The draft and its chart are the published example; a table of it reads back as the same."""
    answers = f"--answers={FORMATS / 'leaflet-answers.example.json'}"
    read = headless("read", str(FORMATS / "leaflet.example.csv"), answers)
    assert json.loads(read.stdout) == json.loads((FORMATS / "chart-draft.example.json").read_text())
    chart = json.dumps(json.loads(read.stdout)["chart"]).encode()
    table = headless("read", "--table=csv", "-", given=chart)
    assert table.stdout.startswith(b"Bottle,Unit,Week 1-2,")
    again = headless("read", "-", given=table.stdout)
    assert json.loads(again.stdout)["chart"] == json.loads(read.stdout)["chart"]
    for words, told, code in (
        (["read", "-"], b"\x00\x01\x02" * 99, "not_text"),
        (["read", "--gallon=cup", "-"], b"a,b", "not_a_choice"),
        (["read", "--unit=splash/L", "-"], b"a,b", "not_a_choice"),
        (["read", "--sheet=x", "-"], b"a,b", "unknown_sheet"),
        (["read", "--table=second", "-"], b"a,b", "not_a_choice"),
        (["read", "--answers=/no/such/file", "-"], b"a,b", "cannot_read"),
        (["read", "--table=csv", "-"], b"a,b", "not_json"),
    ):
        bad = headless(*words, given=told)
        assert (bad.returncode, bad.stdout) == (2, b"")
        assert json.loads(bad.stderr)["error"]["code"] == code


HOSTILE: list[Any] = [
    None, True, [], {}, "", "0", "-1", "1e400", "NaN", "0.000000000001", "999999999999", 0, -5,
    10**40, 1.5, "ppm", "\x00", "x" * 5000, ["a"] * 70, {"a": {"b": []}}, "14", "9.6", "2.5", "3.6",
    "1000", "40000", "100", "5.5", "w1", "one", "sulfuric", "citric", "urea", "potassium_hydroxide",
    "dry", "live", "ph_adjuster", "magnesium", "all_in", "doses_only", "g/L", "drop/L", "gal_uk",
]  # fmt: skip


def places(node: Any, path: tuple[Any, ...] = ()) -> list[tuple[Any, ...]]:
    """Every place in a document, its own root aside."""
    inner: dict[Any, Any] = node if isinstance(node, dict) else {}
    if isinstance(node, list):
        inner = dict(enumerate(node))
    found = [(*path, name) for name in inner]
    for name, value in inner.items():
        found += places(value, (*path, name))
    return found


def spoilt(document: Any, chance: Random) -> Any:
    """A copy in which up to three places hold something else, or are gone, or stand twice."""
    copy = deepcopy(document)
    for _ in range(chance.randint(1, 3)):
        *outer, last = chance.choice(places(copy))
        node = copy
        for name in outer:
            node = node[name]
        match chance.randint(0, 5):
            case 0 if isinstance(node, dict):
                del node[last]
            case 1 if isinstance(node, list):
                node.append(deepcopy(node[last]))
            case _:
                node[last] = deepcopy(chance.choice(HOSTILE))
    return copy


def test_hostile_documents_are_planned_or_refused_in_words() -> None:
    """Waters that no model solves among them: pH 9.6 with next to no alkalinity, and below 2.6."""
    chance = Random(16)  # noqa: S311 -- cases, no secrets
    told = json.loads((FORMATS / "mix-request.with-shelf.example.json").read_text())
    plain = {name: value for name, value in told.items() if name not in ("blend", "split")}
    plain["water"] = {"reading": {"value": "0.02"}, "alkalinity_ppm": "2", "ph": "9.6"}
    rehearsal = json.loads((FORMATS / "rehearsal.example.json").read_text())
    outcomes, cases = Counter[str](), drawn(800, 5000)
    for number in range(cases):
        base, run = [(told, plan_text), (plain, plan_text), (rehearsal, rehearse_text)][
            2 if number % 10 == 0 else number % 2
        ]
        raw = json.dumps(spoilt(base, chance)).encode()
        try:
            assert json.loads(run(raw))
            outcomes["planned"] += 1
        except InputError as refused:
            assert words_of(refused)
            outcomes["refused"] += 1
    assert outcomes["planned"] > cases * 0.06
    assert outcomes["refused"] > cases * 0.1


@pytest.mark.parametrize(
    ("path", "number"),
    [("rules.0.every_days", 3), ("rules.0.from_day", 2), ("flush_days", 5), ("happened.0.days", -2),
     ("read_every_days", 1), ("chart.columns.0.days", 7), ("chart.products.0.rank", 1)],
)  # fmt: skip
@pytest.mark.parametrize("wrong", [str, float, lambda number: number + 0.5, lambda _: True])
def test_a_count_is_a_whole_number_and_never_text(path: str, number: int, wrong: Any) -> None:
    told = json.loads((FORMATS / "course-request.example.json").read_text())
    told["rules"] = [{"product": "glasswort", "every_days": 3}]
    told["happened"] = [{"on": "2027-03-09", "kind": "stretch", "days": 2}]
    *steps, last = [int(part) if part.isdigit() else part for part in path.split(".")]
    at: Any = told
    for step in steps:
        at = at[step]
    at[last] = number
    document_of(CourseRequestDocument, told)
    at[last] = wrong(number)
    with pytest.raises(InputError):
        document_of(CourseRequestDocument, told)


@pytest.mark.parametrize(
    ("command", "asked", "answered"),
    [("course", "course-request", "course"), ("tank", "tank", "tank-volume")],
)
def test_the_other_examples_are_what_comes_out_too(
    command: str, asked: str, answered: str, capsys: pytest.CaptureFixture[str]
) -> None:
    assert main([command, str(FORMATS / f"{asked}.example.json")]) == 0
    printed = capsys.readouterr().out
    assert printed == (FORMATS / f"{answered}.example.json").read_text()


def test_what_is_in_the_tank_stands_beside_the_range_of_its_element() -> None:
    told = json.loads((FORMATS / "mix-request.with-shelf.example.json").read_text())
    shown = json.loads(plan_text(json.dumps(told).encode()))["in_tank"]["elements"]
    windows = element_windows(Stage(told_stage(told)), None, {})
    for one in shown:
        general = windows.get(Element(one["element"]))
        if general is None:
            assert (one["low"], one["high"]) == (None, None)
        elif not one["own_range"]:
            assert one["low"] is not None
            assert Fraction(one["high"]) == general.high


def told_stage(told: dict[str, Any]) -> str:
    """The stage of the column that a request asks for."""
    [stage] = [one["stage"] for one in told["chart"]["columns"] if one["key"] == told["column"]]
    return str(stage)


def test_an_alkali_without_more_said_has_no_carbonate_and_is_poured() -> None:
    bottle = AlkaliOnShelfDocument.model_validate(
        {"key": "up", "name": "Up", "meq": "5"}
    ).on_shelf()
    assert (bottle.alkali.carbonate, bottle.unit) == (0, "mL")


def test_figures_of_a_tank_are_rounded_and_no_further() -> None:
    """To hundredths of ppm, pH and times, and ten thousandths of mS/cm."""
    hard = water("0.86", alkalinity="265", calcium="112", magnesium="15", sodium="31", ph=F("7.3"))
    known = labelled(acid_on_shelf(AcidKind.PHOSPHORIC, "59"))
    tank = plan(pair(target=ec("1.45")), water=hard, shelf=known).in_tank
    assert tank is not None
    assert tank.acid is not None
    told = InTankDocument.of(tank)
    assert told.acid is not None
    acid, plan_of = told.acid, tank.acid
    assert (acid.from_ph, acid.to_ph) == (round(plan_of.from_ph, 2), round(plan_of.to_ph, 2))
    assert acid.ec == round(plan_of.ms_cm, 4)
    assert acid.adds_ppm == {one: round(ppm, 2) for one, ppm in plan_of.adds_ppm.items()}
    assert sorted(told.nitrogen.values()) == sorted(round(one, 2) for one in tank.nitrogen.values())
    for one, element in zip(told.elements, tank.elements, strict=True):
        parts = (element.ppm, element.from_water, element.from_acid)
        assert (one.ppm, one.from_water, one.from_acid) == tuple(round(part, 2) for part in parts)
    cloudy = plan(pair(), water=hard, shelf=labelled()).in_tank
    assert cloudy is not None
    assert cloudy.saturated
    times = [one.times for one in InTankDocument.of(cloudy).saturated]
    assert times == [round(one.times, 2) for one in cloudy.saturated]
