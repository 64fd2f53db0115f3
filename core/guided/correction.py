"""A mix that is over, corrected: what was poured, read, or filled, and who did it."""

from collections.abc import Callable, Mapping, Sequence
from dataclasses import dataclass, replace
from enum import StrEnum
from fractions import Fraction

from core.errors import InputError
from core.facts import one_each
from core.guided.plan import GuidedPlan
from core.guided.record import AcidSeen, MixRecord, acid_seen, alkalinity_by
from core.guided.state import GuidedState
from core.guided.steps import StepKind


class Corrected(StrEnum):
    """What of a record is corrected."""

    VOLUME = "volume"
    POURED = "poured"
    READING = "reading"
    PERSON = "person"


@dataclass(frozen=True, slots=True)
class RecordChange:
    """One correction of a record.

    Args:
        what: what is corrected.
        of: the key of the product that was poured, the step of the reading, or the name of the
            person; empty for the volume.
        figure: litres, mL or g, mS/cm or pH; None for a person.
        name: who it really was; empty for all else.

    Raises:
        InputError: it says too little, or too much.
    """

    what: Corrected
    of: str = ""
    figure: Fraction | None = None
    name: str = ""

    def __post_init__(self) -> None:
        is_person = self.what is Corrected.PERSON
        if (self.figure is None) != is_person or bool(self.name) != is_person:
            raise InputError("correction_incomplete.figure", "figure")
        if bool(self.of) == (self.what is Corrected.VOLUME):
            raise InputError("correction_incomplete.of", "of")
        if self.figure is not None and (
            self.figure < 0 or (self.figure == 0 and self.what is Corrected.VOLUME)
        ):
            raise InputError("figure_out_of_range", "figure")


def correct_record(
    record: MixRecord, changes: Sequence[RecordChange], plan: GuidedPlan, state: GuidedState
) -> MixRecord:
    """Return the record with all that follows from its corrections.

    The last readings follow a corrected reading, and the alkalinity that the acid showed follows
    the acid, the litres and the pH. Corrections of an earlier time are in `record` already.

    Args:
        record: as it stands.
        changes: the corrections, in order.
        plan: what the mix was started from.
        state: how it ended.

    Raises:
        InputError: the record has no such line, reading or person; `changes[n].of`.
    """
    corrected = record
    for number, change in enumerate(changes):
        try:
            corrected = _APPLY[change.what](corrected, change)
        except InputError as error:
            raise error.inside(f"changes[{number}]") from None
    if record.alkalinity is None or not _moves_alkalinity(record, corrected):
        return corrected
    seen = acid_seen(plan, state)
    return corrected if seen is None else replace(corrected, alkalinity=_learned(corrected, seen))


def _with_volume(record: MixRecord, change: RecordChange) -> MixRecord:
    return replace(record, litres=change.figure or record.litres)


def _with_poured(record: MixRecord, change: RecordChange) -> MixRecord:
    if all(line.key != change.of for line in record.lines):
        raise InputError("not_in_record", "of")
    poured = change.figure or Fraction(0)
    lines = tuple(
        replace(line, poured=poured) if line.key == change.of else line for line in record.lines
    )
    return replace(record, lines=lines)


def _with_reading(record: MixRecord, change: RecordChange) -> MixRecord:
    at = next((n for n, line in enumerate(record.readings) if line.step == change.of), None)
    if at is None or change.figure is None:
        raise InputError("not_in_record", "of")
    corrected = replace(record.readings[at], figure=change.figure)
    readings = (*record.readings[:at], corrected, *record.readings[at + 1 :])
    is_last = all(line.what != corrected.what for line in record.readings[at + 1 :])
    if not is_last:
        return replace(record, readings=readings)
    # Where something moved the tank since it was read, the record has no last reading.
    if corrected.what == "ec":
        return replace(record, readings=readings, ec=None if record.ec is None else change.figure)
    return replace(record, readings=readings, ph=None if record.ph is None else change.figure)


def _with_person(record: MixRecord, change: RecordChange) -> MixRecord:
    if change.of not in record.people:
        raise InputError("not_in_record", "of")
    people = (change.name if name == change.of else name for name in record.people)
    return replace(
        record,
        people=tuple(dict.fromkeys(people)),
        readings=tuple(
            replace(line, by=change.name) if line.by == change.of else line
            for line in record.readings
        ),
    )


_APPLY: Mapping[Corrected, Callable[[MixRecord, RecordChange], MixRecord]] = one_each(
    Corrected,
    {
        Corrected.VOLUME: _with_volume,
        Corrected.POURED: _with_poured,
        Corrected.READING: _with_reading,
        Corrected.PERSON: _with_person,
    },
)


def _acid_ml(record: MixRecord) -> Fraction:
    acid = StepKind.ACID.value
    return sum((line.poured for line in record.lines if line.key == acid), Fraction(0))


def _phs(record: MixRecord) -> list[float]:
    return [float(line.figure) for line in record.readings if line.what == "ph"]


def _moves_alkalinity(before: MixRecord, after: MixRecord) -> bool:
    return (before.litres, _acid_ml(before), _phs(before)) != (
        after.litres, _acid_ml(after), _phs(after),
    )  # fmt: skip


def _learned(record: MixRecord, seen: AcidSeen) -> Fraction | None:
    """The alkalinity by the acid, litres and pH of a corrected record."""
    phs = _phs(record)
    if len(phs) != seen.readings or not record.litres:
        return None
    meq = seen.meq_per_ml * float(_acid_ml(record)) / float(record.litres)
    return alkalinity_by(phs[seen.first], phs[seen.last], meq, seen)
