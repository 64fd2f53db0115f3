"""The record of a mix: brisk-measure/mix-record, version 1, and the same as CSV (RFC 4180)."""

import csv
from collections.abc import Sequence
from io import StringIO
from typing import Literal

from core.formats.fields import Document, Figure
from core.guided import MixRecord
from core.guided.correction import Corrected
from core.guided.record import PouredLine, ReadLine


class PouredLineDocument(Document):
    """One product: planned and poured, in its unit; planned is null where a reading decided."""

    product: str
    name: str
    unit: str
    planned: Figure | None
    poured: Figure


class ReadLineDocument(Document):
    """One reading: EC in mS/cm or pH, seconds since the epoch."""

    step: str
    what: Literal["ec", "ph"]
    figure: Figure
    at: float
    by: str


class ChangeDocument(Document):
    """One figure or name of a record that was corrected; figures as text, in their unit."""

    what: Corrected
    of: str = ""
    name: str = ""
    unit: str = ""
    before: str
    after: str


class CorrectionDocument(Document):
    """A correction of a mix that was over: when (seconds since the epoch), by whom, and why."""

    at: float
    by: str
    why: str
    changes: Sequence[ChangeDocument]


class MixRecordDocument(Document):
    """What is kept of a mix: as it stands, with the corrections that led there."""

    format: Literal["brisk-measure/mix-record"] = "brisk-measure/mix-record"
    version: Literal[1] = 1
    litres: Figure
    poured: Sequence[PouredLineDocument]
    readings: Sequence[ReadLineDocument]
    skipped: Sequence[str]
    people: Sequence[str]
    began: float
    ended: float
    minutes: int
    ec: Figure | None
    ph: Figure | None
    alkalinity_meq: Figure | None = None
    look_again_h: int
    use_by_days: int
    change_out_days: int
    corrections: Sequence[CorrectionDocument] = ()

    @classmethod
    def of(cls, record: MixRecord) -> "MixRecordDocument":
        """The document of a record."""
        return cls(
            litres=record.litres,
            poured=[
                PouredLineDocument(
                    product=line.key,
                    name=line.name,
                    unit=line.unit,
                    planned=line.planned,
                    poured=line.poured,
                )
                for line in record.lines
            ],
            readings=[
                ReadLineDocument(
                    step=line.step,
                    what="ec" if line.what == "ec" else "ph",
                    figure=line.figure,
                    at=line.at,
                    by=line.by,
                )
                for line in record.readings
            ],
            skipped=record.skipped,
            people=record.people,
            began=record.began,
            ended=record.ended,
            minutes=record.minutes,
            ec=record.ec,
            ph=record.ph,
            alkalinity_meq=record.alkalinity,
            look_again_h=record.look_again_h,
            use_by_days=record.use_by_days,
            change_out_days=record.change_out_days,
        )

    def record(self) -> MixRecord:
        """The record that it is of; the target of the mix is not told."""
        return MixRecord(
            litres=self.litres,
            lines=tuple(
                PouredLine(
                    line.product,
                    line.name,
                    line.unit,
                    line.planned,
                    line.poured,
                )
                for line in self.poured
            ),
            readings=tuple(
                ReadLine(line.step, line.what, line.figure, line.at, line.by)
                for line in self.readings
            ),
            skipped=tuple(self.skipped),
            people=tuple(self.people),
            began=self.began,
            ended=self.ended,
            ec=self.ec,
            ph=self.ph,
            alkalinity=self.alkalinity_meq,
            look_again_h=self.look_again_h,
            use_by_days=self.use_by_days,
            change_out_days=self.change_out_days,
        )

    def as_csv(self) -> str:
        """The same as rows: what, name, planned, figure, unit, at, by.

        Of a figure that was corrected, `planned` is what stood there before.

        A cell that a spreadsheet would take for a formula is given an apostrophe.
        """
        out = StringIO()
        rows = csv.writer(out)
        rows.writerow(["what", "name", "planned", "figure", "unit", "at", "by"])
        told = self.model_dump(mode="json")
        for line in told["poured"]:
            cells = ["poured", line["name"], line["planned"], line["poured"], line["unit"], "", ""]
            rows.writerow([_safe(cell) for cell in cells])
        for line in told["readings"]:
            unit = "mS/cm" if line["what"] == "ec" else "pH"
            cells = ["read", line["step"], "", line["figure"], unit, line["at"], line["by"]]
            rows.writerow([_safe(cell) for cell in cells])
        for step in told["skipped"]:
            rows.writerow(["skipped", _safe(step), "", "", "", "", ""])
        for correction in told["corrections"]:
            for change in correction["changes"]:
                name = change["name"] or change["what"]
                cells = ["corrected", name, change["before"], change["after"], change["unit"]]
                rows.writerow(
                    [_safe(cell) for cell in (*cells, correction["at"], correction["by"])]
                )
        return out.getvalue()


def _safe(cell: object) -> str:
    text = "" if cell is None else str(cell)
    return f"'{text}" if text[:1] in ("=", "+", "-", "@", "\t", "\r") else text
