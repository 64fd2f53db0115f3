"""Reading a leaflet's table, and the sheet while it is typed: what it means, and keeping it."""

from dataclasses import replace
from functools import partial
from typing import Annotated, Literal

from django.db import IntegrityError, transaction
from django.http import HttpRequest
from ninja import Field, File, Form, Router, Schema
from ninja.files import UploadedFile
from ninja.responses import Status

from core.bounded import bounded, keep_ready
from core.errors import InputError
from core.formats import FeedChart
from core.formats.leaflets.answers import LeafletAnswers
from core.formats.leaflets.reading import ReadFile, read_file
from core.formats.leaflets.sheet import LeafletDocument, leaflet_of_chart, leaflet_of_draft
from core.formats.text import document_of, read_json
from core.leaflet import Asked, CellKind, TakenAs
from core.leaflet.sheet import read_sheet
from core.limits import LARGEST_BYTES
from core.wording import in_words, wording
from server.api.ids import ChartId, VersionId
from server.api.shapes import ErrorOut, Outdated
from server.charts.models import Chart, ChartVersion, LeafletPicture
from server.charts.presenting import KeptChart, kept_chart
from server.charts.store import add_version, stored_charts
from server.grows.scope import Scope
from server.leaflets.library import name_taken
from server.leaflets.meaning import MeaningIn, MeaningOut, meaning_of
from server.leaflets.shelf import bottles_on_shelf

router = Router(tags=["leaflets"])
keep_ready("core.formats.leaflets.reading", "server.leaflets.redrawing")
_ANSWERS = {404: ErrorOut, 409: ErrorOut, 422: ErrorOut}


class UnsureRowOut(Schema):
    """A row that may be a bottle, by its number, and what it is likely to be."""

    row: int
    name: str
    likely: TakenAs
    why: str


class FoundTableOut(Schema):
    """One of several tables in a file, by its number, and how large it is."""

    index: int
    title: str
    rows: int
    columns: int
    sheet: str


class QuestionOut(Schema):
    """What a table leaves open; row and column count from 1 as in what was read.

    `rows` are those of which it asks what they are.
    """

    code: Asked
    message: str
    row: int
    column: int
    choices: list[str]
    of_doses: bool
    rows: list[UnsureRowOut]


class GuessOut(Schema):
    """What was taken where the leaflet is silent; without a product, of the chart."""

    product: str | None
    field: str
    value: str
    why: str


class CellOut(Schema):
    """What a cell of the table was taken for."""

    row: int
    column: int
    kind: CellKind
    meaning: str


class ReadOut(Schema):
    """A table as it was found and as it was understood; nothing of it is kept.

    `leaflet` is the sheet to go on with: what is open stands in its cells as printed. `tables` are
    all that the file has, where it has more than one.
    """

    rows: list[list[str]]
    tables: list[FoundTableOut]
    sheets: list[str]
    sheet: str
    cells: list[CellOut]
    questions: list[QuestionOut]
    guesses: list[GuessOut]
    leaflet: LeafletDocument
    is_whole: bool


LONGEST_ANSWERS = 40_000
"""Signs of answers as JSON: one for each row of the longest table."""


class ReadForm(Schema):
    """A pasted text, or a file beside it; and answers to what the leaflet leaves open.

    `answers` are those that are no single word, as JSON: `rows`, `as_printed`, `strength`,
    `hidden`, `table`.
    """

    text: Annotated[str, Field(max_length=LARGEST_BYTES)] = ""
    name: Annotated[str, Field(max_length=200)] = ""
    sheet: Annotated[str, Field(max_length=200)] = ""
    gallon: Literal["", "us", "uk"] = ""
    ppm_scale: Literal["", "500", "640", "700"] = ""
    unit: Annotated[str, Field(max_length=40)] = ""
    reading_unit: Literal["", "mS/cm", "uS/cm", "CF"] = ""
    answers: Annotated[str, Field(max_length=LONGEST_ANSWERS)] = ""


@router.post(
    "/grows/{grow_id}/read-table", response={200: ReadOut, **_ANSWERS}, operation_id="read_table"
)
def read_table(
    request: HttpRequest,
    grow_id: int,
    told: Form[ReadForm],
    file: Annotated[UploadedFile | None, File()] = None,
) -> ReadOut:
    """What a pasted table or a file is understood as. Nothing is stored."""
    scope = Scope.enter(request.user, grow_id)
    answers = LeafletAnswers()
    if told.answers:
        answers = document_of(LeafletAnswers, read_json(told.answers.encode()))
    names = ("gallon", "ppm_scale", "unit", "reading_unit")
    said = {name: answer for name in names if (answer := getattr(told, name))}
    given = answers.model_copy(update=said).options()
    options = replace(given, shelf=bottles_on_shelf(scope))
    raw = told.text.encode() if file is None else file.read(LARGEST_BYTES + 1)
    sheet = told.sheet or None
    return _read_out(scope, bounded(partial(read_file, name=told.name, sheet=sheet), raw, options))


def _read_out(scope: Scope, read: ReadFile) -> ReadOut:
    table, draft, manner = read.table, read.draft, scope.membership.manner
    return ReadOut(
        rows=[list(row) for row in table.rows],
        tables=[
            FoundTableOut(
                index=number, title=one.title, rows=one.rows, columns=one.columns, sheet=one.sheet
            )
            for number, one in enumerate(read.tables, 1)
        ],
        sheets=list(table.sheets),
        sheet=table.sheet,
        cells=[
            CellOut(
                row=cell.row,
                column=cell.column,
                kind=cell.kind,
                meaning=in_words(cell.meaning, manner),
            )
            for cell in draft.cells
        ],
        questions=[
            QuestionOut(
                code=question.code, message=wording(question.message, manner),
                row=question.row, column=question.column,
                choices=list(question.choices), of_doses=question.of_doses,
                rows=[
                    UnsureRowOut(
                        row=row.row,
                        name=row.name,
                        likely=row.likely,
                        why=wording(row.why, manner),
                    )
                    for row in question.rows
                ],
            )
            for question in draft.questions
        ],
        guesses=[
            GuessOut(
                product=guess.product,
                field=guess.field,
                value=guess.value,
                why=wording(guess.why, manner),
            )
            for guess in draft.guesses
        ],
        leaflet=leaflet_of_draft(draft, scope.membership.meter),
        is_whole=draft.chart is not None and not draft.questions,
    )  # fmt: skip


@router.post(
    "/grows/{grow_id}/leaflet-meaning",
    response={200: MeaningOut, **_ANSWERS},
    operation_id="leaflet_meaning",
)
def leaflet_meaning(request: HttpRequest, grow_id: int, body: MeaningIn) -> MeaningOut:
    """What a sheet means as it stands: amounts in a tank, a second look, and what it feeds."""
    return meaning_of(Scope.enter(request.user, grow_id), body)


class VersionOut(Schema):
    """A version of a chart: its number, and when it was written."""

    version_id: VersionId
    version_number: int
    written_at: str
    picture: int | None


class LeafletOut(Schema):
    """A chart as a leaflet to type on, in the version asked for, and all its versions."""

    chart_id: ChartId
    version_id: VersionId
    versions: list[VersionOut]
    leaflet: LeafletDocument
    archived: bool


@router.get(
    "/grows/{grow_id}/charts/{chart_id}/leaflet",
    response={200: LeafletOut, **_ANSWERS},
    operation_id="leaflet",
)
def leaflet(
    request: HttpRequest, grow_id: int, chart_id: ChartId, version_id: VersionId = 0
) -> LeafletOut:
    """A chart as a leaflet; in its newest version where none is asked for."""
    scope = Scope.enter(request.user, grow_id)
    chart = scope.one(scope.all(Chart), chart_id)
    versions = list(
        scope.all(ChartVersion)
        .filter(chart=chart)
        .order_by("-number")
        .defer("document", "products")
    )
    if not versions:
        raise InputError("no_version.leaflet")
    chosen = next((version for version in versions if version.pk == version_id), versions[0])
    stored = stored_charts(scope.grow, scope.all(ChartVersion), [chosen.pk])[chosen.pk]
    scale = scope.membership.meter
    document = leaflet_of_chart(
        stored.document, scale, maker=chart.maker, notes=tuple(chosen.notes)
    )
    return LeafletOut(
        chart_id=chart.pk,
        version_id=chosen.pk,
        versions=[
            VersionOut(
                version_id=one.pk,
                version_number=one.number,
                written_at=one.written_at.isoformat(),
                picture=one.picture_id,
            )
            for one in versions
        ],
        leaflet=document.model_copy(update={"name": chart.name}),
        archived=chart.archived_at is not None,
    )


class KeepIn(Schema):
    """A sheet to keep: as the next version of a chart, or as a new one.

    `seen` is the version that the edit was made from; `picture` what lies beside it.
    """

    leaflet: LeafletDocument
    chart_id: ChartId | None = None
    seen: VersionId | None = None
    picture: int | None = None


@router.post(
    "/grows/{grow_id}/leaflets", response={201: KeptChart, **_ANSWERS}, operation_id="keep_leaflet"
)
def keep_leaflet(request: HttpRequest, grow_id: int, body: KeepIn) -> Status[KeptChart]:
    """Keep a sheet as a version; mixes keep theirs. Nothing is kept while a cell is open."""
    scope = Scope.enter(request.user, grow_id)
    sheet = body.leaflet.sheet()
    read = read_sheet(sheet)
    if read.problems:
        first = read.problems[0]
        raise InputError.of(first.message, _place(first.row, first.column, first.part))
    if read.chart is None or not any(row.name.strip() for row in body.leaflet.rows):
        raise InputError("too_many_or_few.leaflet")
    document = FeedChart.of(read.chart, sheet.scale)
    with transaction.atomic():
        scope.lock()
        chart = _chart_to_keep(scope, body)
        picture = None
        if body.picture is not None:
            picture = scope.one(scope.all(LeafletPicture).only("pk"), body.picture)
        version = add_version(chart, document, notes=body.leaflet.notes, picture=picture)
    return Status(201, kept_chart(version))


def _chart_to_keep(scope: Scope, body: KeepIn) -> Chart:
    name = body.leaflet.name.strip()[:80]
    maker = body.leaflet.maker.strip()[:60]
    if not name:
        raise InputError("name_missing", "leaflet.name")
    try:
        with transaction.atomic():
            if body.chart_id is None:
                return Chart.objects.create(grow=scope.grow, name=name, maker=maker)
            chart = scope.one(scope.all(Chart), body.chart_id)
            newest = scope.all(ChartVersion).filter(chart=chart).order_by("-number").first()
            if newest is not None and body.seen != newest.pk:
                raise Outdated(
                    "changed_meanwhile.version", "seen", number=newest.number, chart=chart.name
                )
            chart.name, chart.maker = name, maker
            chart.save(update_fields=["name", "maker"])
            return chart
    except IntegrityError:
        raise name_taken(name) from None


def _place(row: int | None, column: int | None, part: str) -> str:
    where = f"leaflet.rows[{row}]" if row is not None else f"leaflet.columns[{column}]"
    return f"{where}.cells[{column}]" if part == "cell" and row is not None else f"{where}.{part}"
