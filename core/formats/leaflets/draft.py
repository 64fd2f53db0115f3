"""The format brisk-measure/chart-draft, version 1: what a table was understood as."""

from collections.abc import Sequence
from typing import Literal

from core.chart import Column
from core.formats.chart import MS_CM, FeedChart
from core.formats.fields import Document
from core.leaflet import Asked, ChartDraft, FoundTable, TakenAs
from core.quantities import Reading, ReadingScale
from core.wording import in_words, wording


class UnsureRowDocument(Document):
    """A row that may be a bottle, by its number, and what it is likely to be."""

    row: int
    name: str
    likely: TakenAs
    why: str


class QuestionDocument(Document):
    """What the table leaves open; rows and columns count from 1 as in the file.

    `rows` are those of which it asks what they are.
    """

    code: Asked
    message: str
    row: int
    column: int
    choices: tuple[str, ...] = ()
    rows: tuple[UnsureRowDocument, ...] = ()


class FoundTableDocument(Document):
    """One of several tables in a file, by its number."""

    index: int
    title: str
    rows: int
    columns: int
    sheet: str | None = None


class NoteDocument(Document):
    """A text that is neither dose nor reading."""

    text: str
    row: int
    column: int | None = None


class GuessDocument(Document):
    """What the leaflet does not say, and what it was taken for; without a product, of the chart."""

    product: str | None = None
    field: str
    value: str
    why: str


class ChartDraftDocument(Document):
    """A draft; `chart` is null while a question changes doses.

    `tables` are all that the file has, where it has more than one.
    """

    format: Literal["brisk-measure/chart-draft"]
    version: Literal[1]
    chart: FeedChart | None
    questions: tuple[QuestionDocument, ...]
    notes: tuple[NoteDocument, ...]
    guesses: tuple[GuessDocument, ...]
    tables: tuple[FoundTableDocument, ...] = ()

    @classmethod
    def of(cls, draft: ChartDraft, tables: Sequence[FoundTable] = ()) -> "ChartDraftDocument":
        """The document of a draft."""
        return cls(
            format="brisk-measure/chart-draft",
            version=1,
            chart=FeedChart.of(draft.chart, _scale(draft)) if draft.chart else None,
            questions=tuple(
                QuestionDocument(
                    code=question.code, message=wording(question.message),
                    row=question.row, column=question.column,
                    choices=question.choices,
                    rows=tuple(
                        UnsureRowDocument(
                            row=row.row, name=row.name, likely=row.likely, why=wording(row.why)
                        )
                        for row in question.rows
                    ),
                )
                for question in draft.questions
            ),
            notes=tuple(
                NoteDocument(text=in_words(note.text), row=note.row, column=note.column)
                for note in draft.notes
            ),
            guesses=tuple(
                GuessDocument(
                    product=guess.product, field=guess.field,
                    value=guess.value, why=wording(guess.why)
                )
                for guess in draft.guesses
            ),
            tables=tuple(
                FoundTableDocument(
                    index=number, title=one.title, rows=one.rows, columns=one.columns,
                    sheet=one.sheet or None,
                )
                for number, one in enumerate(tables, 1)
            ),
        )  # fmt: skip


def _scale(draft: ChartDraft) -> ReadingScale:
    """mS/cm, unless readings have no end in it: 500 ppm on the 700 scale is 5/7 of one."""
    readings = [reading for column in draft.columns for reading in _ends(column)]
    endless = any(10**12 % reading.ms_cm.denominator for reading in readings)
    return draft.scale if endless and draft.scale else MS_CM


def _ends(column: Column) -> tuple[Reading, ...]:
    return (column.ec.low, column.ec.high) if column.ec else ()
