"""What is shown of a mix that is over: its figures in the person's units, and its corrections."""

from collections.abc import Iterator, Sequence
from datetime import UTC, datetime
from fractions import Fraction

from ninja import Schema

from core.formats.record import ChangeDocument, CorrectionDocument, MixRecordDocument
from core.guided.correction import Corrected
from core.quantities import Reading, Volume, decimal_text, figure, number_text, rounded
from server.grows.models import Membership


class RecordLineOut(Schema):
    """A figure of a record: `of` is what a correction names it by, `typed` how it is typed again.

    `shown` has its unit; `was` is what stood there when the mix ended, where it was corrected.
    """

    what: Corrected
    of: str
    name: str
    shown: str
    typed: str
    unit: str
    planned: str | None = None
    was: str | None = None
    at: float | None = None
    by: str = ""


class ChangedOut(Schema):
    """One figure or name that was corrected."""

    what: Corrected
    name: str
    before: str
    after: str


class CorrectedOut(Schema):
    """A correction: who, when, why, and what of."""

    at: datetime
    by: str
    why: str
    changes: list[ChangedOut]


class SummaryOut(Schema):
    """A mix that is over, as it stands; `corrections` from the first to the last."""

    lines: list[RecordLineOut]
    people: list[str]
    corrections: list[CorrectedOut]


def summary_of(record: MixRecordDocument, member: Membership) -> SummaryOut:
    """Return what is shown of a record."""
    first = _first_figures(record.corrections)
    return SummaryOut(
        lines=list(_lines(record, first, member)),
        people=list(record.people),
        corrections=[_correction(one, member) for one in record.corrections],
    )


def _lines(
    record: MixRecordDocument, first: dict[tuple[Corrected, str], str], member: Membership
) -> Iterator[RecordLineOut]:
    def line(what: Corrected, of: str, name: str, kept: str, value: Fraction) -> RecordLineOut:
        was = first.get((what, of))
        shown = _shown(what, kept, value, member)
        was_shown = None if was is None else _shown(what, kept, figure(was), member)
        return RecordLineOut(
            what=what, of=of, name=name, shown=shown,
            typed=shown if what is Corrected.VOLUME else shown.split(" ")[0],
            unit=_unit(what, kept, member), was=None if was_shown == shown else was_shown,
        )  # fmt: skip

    yield line(Corrected.VOLUME, "", "volume", "L", record.litres)
    for poured in record.poured:
        found = line(Corrected.POURED, poured.product, poured.name, poured.unit, poured.poured)
        planned = None if poured.planned is None else decimal_text(rounded(poured.planned, 1))
        yield found.model_copy(update={"planned": planned})
    for read in record.readings:
        kept = "mS/cm" if read.what == "ec" else "pH"
        found = line(Corrected.READING, read.step, read.what, kept, read.figure)
        yield found.model_copy(update={"at": read.at, "by": read.by})


def _shown(what: Corrected, kept: str, value: Fraction, member: Membership) -> str:
    match what:
        case Corrected.VOLUME:
            return Volume(value).shown(member.tank_unit)
        case Corrected.READING if kept == "pH":
            return number_text(value, 1)
        case Corrected.READING:
            return f"{Reading(value).shown(member.meter)} {member.meter.words}"
        case _:
            return f"{decimal_text(rounded(value, 2))} {kept}"


def _unit(what: Corrected, kept: str, member: Membership) -> str:
    match what:
        case Corrected.VOLUME:
            return ""
        case Corrected.READING if kept != "pH":
            return member.meter.words
        case _:
            return kept


def _first_figures(
    corrections: Sequence[CorrectionDocument],
) -> dict[tuple[Corrected, str], str]:
    """What stood first in each figure that was corrected."""
    first: dict[tuple[Corrected, str], str] = {}
    for correction in corrections:
        for change in correction.changes:
            first.setdefault((change.what, change.of), change.before)
    return first


def _correction(correction: CorrectionDocument, member: Membership) -> CorrectedOut:
    return CorrectedOut(
        at=datetime.fromtimestamp(correction.at, UTC),
        by=correction.by,
        why=correction.why,
        changes=[_change(change, member) for change in correction.changes],
    )


def _change(change: ChangeDocument, member: Membership) -> ChangedOut:
    if change.what is Corrected.PERSON:
        return ChangedOut(what=change.what, name="", before=change.before, after=change.after)
    before, after = (
        _shown(change.what, change.unit, figure(text), member)
        for text in (change.before, change.after)
    )
    return ChangedOut(what=change.what, name=change.name, before=before, after=after)
