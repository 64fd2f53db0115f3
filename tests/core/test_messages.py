"""Messages: every one that the code makes has its sentence, and every sentence is made."""

import ast
import pickle
import re
from collections.abc import Iterator
from datetime import date
from fractions import Fraction
from pathlib import Path

import pytest
from fluent.syntax import FluentParser
from fluent.syntax import ast as ftl
from fluent.syntax.visitor import Visitor

from core.chart import Medium
from core.chart.growing import System
from core.chemistry import Mineral
from core.course.tasks import TaskKind
from core.errors import InputError
from core.leaflet.rows.words import OTHER_ROWS, OTHER_UNITS
from core.messages import Celsius, Figure, Listed, Message, Percent
from core.order.rules import HARD_RULES
from core.quantities import (
    Amount,
    AmountUnit,
    Reading,
    ReadingScale,
    ReadingUnit,
    Volume,
    VolumeUnit,
)
from core.wording import Manner, catalogue_files, refusal, wording

ROOT = Path(__file__).parents[2]
_MAKE = {"Message", "InputError", "Outdated"}
_NO_VALUE = {"where", "place"}


class _Names(Visitor):
    """The variables that a pattern names, its own and those of its terms."""

    def __init__(self) -> None:
        self.variables: set[str] = set()
        self.terms: set[str] = set()

    def visit_VariableReference(self, node: ftl.VariableReference) -> None:
        self.variables.add(node.id.name)

    def visit_TermReference(self, node: ftl.TermReference) -> None:
        self.terms.add(node.id.name)


def _sentences() -> dict[str, set[str]]:
    """By the id of a message, what its sentence names."""
    found: dict[str, set[str]] = {}
    entries: set[str] = set()
    for name, text in catalogue_files().items():
        for entry in FluentParser().parse(text).body:
            assert not isinstance(entry, ftl.Junk), f"{name}: {entry.content}"
            if not isinstance(entry, ftl.Message):
                continue
            assert entry.id.name not in entries, f"{entry.id.name} stands in two places"
            entries.add(entry.id.name)
            patterns = {f"{entry.id.name}.{one.id.name}": one.value for one in entry.attributes}
            if entry.value is not None:
                patterns[entry.id.name] = entry.value
            for id, pattern in patterns.items():
                names = _Names()
                names.visit(pattern)
                found[id] = names.variables
    return found


SENTENCES = _sentences()


def _made() -> Iterator[tuple[str, ast.Call]]:
    """Where the code makes a message, and with what."""
    for folder in ("core", "server"):
        for file in sorted((ROOT / folder).rglob("*.py")):
            for node in ast.walk(ast.parse(file.read_text("utf-8"))):
                if isinstance(node, ast.Call) and getattr(node.func, "id", "") in _MAKE:
                    yield f"{file.relative_to(ROOT)}:{node.lineno}", node


def _ids(node: ast.expr) -> list[str]:
    """The ids that an expression may come to; those with a part that is computed end in `*`."""
    match node:
        case ast.Constant(value=str(text)):
            return [text]
        case ast.IfExp(body=body, orelse=orelse):
            return [*_ids(body), *_ids(orelse)]
        case ast.JoinedStr(values=values):
            return ["".join(one.value if isinstance(one, ast.Constant) else "*" for one in values)]
    return []


def test_every_message_has_a_sentence_that_names_what_it_brings() -> None:
    assert [fault for where, call in _made() for fault in _faults(where, call)] == []


def _faults(where: str, call: ast.Call) -> Iterator[str]:
    brings = {one.arg for one in call.keywords if one.arg} - _NO_VALUE
    open_ended = any(one.arg is None for one in call.keywords)
    ids = _ids(call.args[0])
    for id in ids:
        if "*" in id:
            if not any(re.fullmatch(_pattern(id), one) for one in SENTENCES):
                yield f"{where}: {id} has no sentence"
        elif id not in SENTENCES:
            yield f"{where}: {id} has no sentence"
        elif not open_ended and not (
            SENTENCES[id] == brings or (len(ids) > 1 and SENTENCES[id] < brings)
        ):
            yield f"{where}: {id} names {SENTENCES[id]} and gets {brings}"


def _pattern(id: str) -> str:
    return re.escape(id).replace(r"\*", ".*")


def test_every_sentence_is_made() -> None:
    told = [id for _, call in _made() for id in _ids(call.args[0])]
    texts = "\n".join(
        file.read_text("utf-8")
        for folder in ("core", "server")
        for file in (ROOT / folder).rglob("*.py")
    )
    patterns = [_pattern(id) for id in told if "*" in id]
    spare = [
        id
        for id in SENTENCES
        if f'"{id}"' not in texts and not any(re.fullmatch(one, id) for one in patterns)
    ]
    assert spare == []


@pytest.mark.parametrize(
    "ids",
    [
        [f"system.{one}" for one in System],
        [f"medium.{one}" for one in Medium],
        [f"mineral.{one}" for one in Mineral],
        [f"order_rule.{one.code}" for one in HARD_RULES],
        [f"to_do.{one}" for one in TaskKind if one is not TaskKind.PREPARE],
        [f"row_is.{why}" for _, why, _ in (*OTHER_ROWS, *OTHER_UNITS)],
    ],
)
def test_what_is_computed_from_a_table_has_a_sentence_each(ids: list[str]) -> None:
    assert [id for id in ids if id not in SENTENCES] == []


_FOR_DEVELOPERS = {"ValueError", "TypeError", "LookupError", "KeyError", "Http404", "CommandError"}
_DOCUMENTS = {"Field", "WithJsonSchema", "help_text", "description", "summary", "help"}


_WORDS_OF_THEIR_OWN = {
    "migrations", "management", "drawn", "demo",
    "core/catalogue_page.py", "server/api/openapi.py", "server/charts/api.py", "server/settings.py",
}  # fmt: skip
"""For the command line, documents, and who runs a server."""


def _spoken_elsewhere(tree: ast.Module) -> Iterator[str]:
    """Sentences in code: whole ones, with a capital and a stop, that no document and no developer
    reads alone."""
    skipped: set[int] = set()
    for node in ast.walk(tree):
        body = getattr(node, "body", None)
        if isinstance(body, list):
            skipped |= {id(one.value) for one in body if isinstance(one, ast.Expr)}
        named = getattr(getattr(node, "func", None), "id", None) or getattr(node, "arg", None)
        if named in _FOR_DEVELOPERS | _DOCUMENTS:
            skipped |= {id(one) for one in ast.walk(node)}
        if isinstance(node, ast.JoinedStr):
            skipped |= {id(one) for one in node.values}
    for node in ast.walk(tree):
        text = node.value if isinstance(node, ast.Constant) else None
        if isinstance(node, ast.JoinedStr):
            text = "".join(str(getattr(one, "value", "x")) for one in node.values)
        if id(node) in skipped or not isinstance(text, str):
            continue
        if re.fullmatch(r"[A-Z“][^\n]*\w \w[^\n]*\w [^\n]*[.?!]", text):
            yield text


def test_no_sentence_stands_outside_the_catalogue() -> None:
    found = [
        (str(file.relative_to(ROOT)), text)
        for folder in ("core", "server")
        for file in sorted((ROOT / folder).rglob("*.py"))
        if not _WORDS_OF_THEIR_OWN & {*file.parts, str(file.relative_to(ROOT))}
        for text in _spoken_elsewhere(ast.parse(file.read_text("utf-8")))
    ]
    assert found == []


PEN = Manner(ReadingScale(ReadingUnit.PPM, 500), VolumeUnit.GAL_US, ",")


def test_figures_are_written_as_the_person_writes_and_names_stay_as_they_are() -> None:
    """Two people read one message: exact values, each in their own units and decimal mark."""
    message = Message(
        "volume_unlike_tank",
        volume=Volume(Fraction("378.5411784")),
        which="less",
        whole=Volume(Fraction(500)),
    )
    assert wording(message).startswith("378.5 L is less than the 500 L of water")
    assert wording(message, PEN).startswith("100 gal US is less than the 132,1 gal US of water")
    told = Message("dose_beyond_any_feed.dose", product="Terra 2.0", dose=_ml("62.5"))
    assert wording(told) == "Terra 2.0 at 62.5 mL per litre"
    assert wording(told, PEN) == "Terra 2.0 at 62,5 mL per litre"
    read = Message("tank_beyond_any_feed", last=Reading(Fraction("5.25")))
    assert "to read 5.25 mS/cm." in wording(read)
    assert "to read 2625 ppm (500)." in wording(read, PEN)
    soft = Message("soft_water_reads_high", kind="rain", reading=Reading(Fraction("0.31")))
    assert wording(soft, PEN).startswith("Rain water reads below 0,1 mS/cm, and this reads 155 ppm")


def _ml(text: str) -> Amount:
    return Amount(Fraction(text), AmountUnit.ML)


@pytest.mark.parametrize(
    ("value", "plain", "comma"),
    [
        (Figure(Fraction("1.5"), 2), "1.50", "1,50"),
        (Figure(Fraction("1.5"), 2, ends=False), "1.5", "1,5"),
        (Figure(Fraction(300), 1, ends=False), "300", "300"),
        (Percent(Fraction(1, 8), 1), "12.5 %", "12,5 %"),
        (Celsius(Fraction("8.5")), "8.5 °C (47 °F)", "8,5 °C (47 °F)"),
        (Fraction(7, 2), "3.5", "3,5"),
        (12345, "12345", "12345"),
        ("2.0", "2.0", "2.0"),
        (date(2027, 3, 1), "2027-03-01", "2027-03-01"),
        (Listed(("A", "B", Fraction(1, 2))), "A, B and 0.5", "A, B and 0,5"),
        (Listed(("A", "B"), "semicolon"), "A; B", "A; B"),
        (Listed(("A",), "or"), "A", "A"),
    ],
)
def test_a_value_in_words(value: object, plain: str, comma: str) -> None:
    told = Message("product", name=value)  # type: ignore[arg-type]
    assert (wording(told), wording(told, Manner(decimal=","))) == (plain, comma)


def test_one_and_many() -> None:
    said = [wording(Message("kept_by_records.mixes", count=count)) for count in (1, 2, 1000)]
    assert said == ["1 mix", "2 mixes", "1000 mixes"]


def test_an_error_goes_from_process_to_process_and_outwards() -> None:
    error = InputError("unknown_unit.temperature", "degrees", text="20 K")
    error = error.about(Message("cell", row="Keel", column="Week 1")).inside("water")
    again = pickle.loads(pickle.dumps(error))  # noqa: S301 -- our own
    assert isinstance(again, InputError)
    assert (again.code, again.where) == ("unknown_unit", "water.degrees")
    assert refusal(again) == "Row Keel, column Week 1: “20 K”: give °C or °F."
