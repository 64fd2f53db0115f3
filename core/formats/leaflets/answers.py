"""Answers to what a leaflet leaves open, in one file: the settling of a draft without a browser."""

from typing import Annotated

from pydantic import Field

from core.formats.fields import Document, Words
from core.formats.leaflets.reading import TableOptions, table_options
from core.leaflet import Hidden, Strength, TakenAs
from core.limits import MOST_TABLE_ROWS

Row = Annotated[int, Field(ge=1, le=MOST_TABLE_ROWS)]


class LeafletAnswers(Document):
    """What is known of a leaflet besides; each answers the question of its name.

    `rows` goes by the numbers that the question names: rows of the file, or columns where bottles
    go across. `as_printed` are rows, by the same numbers, whose implausible doses stand.
    """

    gallon: Words | None = None
    ppm_scale: Words | None = None
    unit: Words | None = None
    reading_unit: Words | None = None
    rows: Annotated[dict[Row, TakenAs], Field(max_length=MOST_TABLE_ROWS)] = {}
    strength: Strength | None = None
    hidden: Hidden | None = None
    table: Annotated[int, Field(ge=1, le=MOST_TABLE_ROWS)] | None = None
    as_printed: Annotated[tuple[Row, ...], Field(max_length=MOST_TABLE_ROWS)] = ()

    def options(self) -> TableOptions:
        """The options that they are.

        Raises:
            InputError: one of them is none of its choices.
        """
        return table_options(
            self.gallon,
            self.ppm_scale,
            self.unit,
            self.reading_unit,
            rows=self.rows,
            as_printed=self.as_printed,
            strength=self.strength,
            hidden=self.hidden,
            table=self.table,
        )
