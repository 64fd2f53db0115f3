"""A mix that is over, corrected: the record, the bottles and the tank's time line follow."""

from collections.abc import Iterable, Mapping, Sequence
from fractions import Fraction
from functools import partial
from typing import Annotated, Any

from django.db import transaction
from ninja import Field, Schema

from core.errors import InputError
from core.formats.fields import within
from core.formats.record import ChangeDocument, MixRecordDocument
from core.guided import GuidedPlan, MixRecord, StepKind, replay
from core.guided.correction import Corrected, RecordChange, correct_record
from core.guided.readings.plausible import is_odd_reading, is_odd_volume, most_poured
from core.guided.record import PouredLine
from core.guided.step_lookup import kind_of_step
from core.quantities import TankMeant, decimal_text, rounded
from server.api.shapes import PLAIN_TEXT, Outdated
from server.grows.figures import TypedFigure, TypedIn, TypedUnits
from server.grows.scope import Scope
from server.grows.stamped import touch
from server.guided.entries import kept_of_mix
from server.guided.models import LONGEST_REASON, Mix, MixCorrection
from server.guided.running import events_of
from server.shelf.bottles import give_back, take
from server.shelf.models import Product
from server.tanks.timeline import TimeLineEntry, standing, value_of

_Kind = TimeLineEntry.Kind


class ChangeIn(Schema):
    """One figure or name of the record, as it really was.

    `of` is the key of a product, the step of a reading, or the name of a person; empty for the
    volume. `name` is who it was, for a person; `figure` is typed for all else.
    """

    what: Corrected
    of: Annotated[str, Field(max_length=150, pattern=PLAIN_TEXT)] = ""
    figure: TypedFigure = ""
    name: Annotated[str, Field(max_length=150, pattern=PLAIN_TEXT)] = ""


class CorrectionIn(Schema):
    """A correction of a mix that is over.

    `seen` is how many corrections its screen showed; `sure` tells that an odd figure is right.
    """

    changes: Annotated[list[ChangeIn], Field(min_length=1, max_length=100)]
    why: Annotated[str, Field(min_length=1, max_length=LONGEST_REASON, pattern=PLAIN_TEXT)]
    seen: Annotated[int, Field(ge=0)]
    typed_in: TypedIn | None = None
    sure: bool = False


@transaction.atomic
def correct_mix(mix: Mix, body: CorrectionIn, scope: Scope) -> None:
    """Keep a correction with who, when and why; everything that rests on the record follows.

    Raises:
        InputError: the mix has no record, nothing is changed, or a figure is none or is odd.
        Outdated: somebody else has corrected it meanwhile.
    """
    mix.refresh_from_db(from_queryset=Mix.objects.select_for_update())
    if mix.record is None:
        raise InputError("no_record", "mix_id")
    if mix.corrections.count() != body.seen:
        raise Outdated("changed_meanwhile.correction", "seen")
    if not body.why.strip():
        raise InputError("correction_incomplete.why", "why")
    plan, record = mix.as_plan(), MixRecordDocument.model_validate(mix.record).record()
    changes = _changes(body, plan, record, scope, mix.tank.as_meant())
    corrected = correct_record(record, changes, plan, replay(plan, events_of(mix)))
    told = _told(record, corrected)
    if not told:
        raise InputError("correction_incomplete.nothing", "changes")
    by = scope.membership.person_id
    MixCorrection.objects.create(
        mix=mix, by_id=by, why=body.why.strip(), before=mix.record,
        changes=[change.model_dump(mode="json") for change in told],
    )  # fmt: skip
    mix.record = MixRecordDocument.of(corrected).model_dump(mode="json")
    mix.save(update_fields=["record"])
    _correct_stock(mix, plan, record, corrected, reason=body.why.strip(), by=by)
    _correct_time_line(mix, record, corrected, scope.people())
    touch([mix.grow_id])


def _changes(
    body: CorrectionIn, plan: GuidedPlan, record: MixRecord, scope: Scope, tank: TankMeant
) -> list[RecordChange]:
    units, people = TypedUnits.of(body.typed_in, scope.membership), scope.people()
    found = []
    for number, change in enumerate(body.changes):
        build = partial(
            _change, change, plan, record, units=units, people=people, tank=tank, sure=body.sure
        )
        found.append(within(f"changes[{number}]", build))
    return found


def _change(
    change: ChangeIn, plan: GuidedPlan, record: MixRecord, *,
    units: TypedUnits, people: Mapping[str, int], tank: TankMeant, sure: bool,
) -> RecordChange:  # fmt: skip
    figure: Fraction | None = None
    match change.what:
        case Corrected.VOLUME:
            figure = units.tank_litres("figure", change.figure, tank).litres
            if is_odd_volume(figure, record.litres) and not sure:
                raise InputError("volume_odd", "figure")
        case Corrected.READING:
            figure = _reading(change, plan, units, sure=sure)
        case Corrected.POURED:
            figure = units.plain("figure", _text(change.figure))
            is_dosed = any(pour.key == change.of for pour in plan.pours)
            if is_dosed and figure > most_poured(plan, change.of) and not sure:
                raise InputError("amount_odd", "figure")
        case Corrected.PERSON:
            if change.name not in people:
                raise InputError("not_in_grow", "name")
    return RecordChange(change.what, change.of, figure, change.name)


def _reading(change: ChangeIn, plan: GuidedPlan, units: TypedUnits, *, sure: bool) -> Fraction:
    kind = kind_of_step(plan, change.of)
    if kind is StepKind.READ_PH:
        figure = units.plain("figure", _text(change.figure))
        if figure > 14:
            raise InputError("ph_out_of_range.high", "figure")
    else:
        figure = units.ec("figure", change.figure).ms_cm
    if kind is not None and is_odd_reading(kind, figure, plan) and not sure:
        raise InputError("reading_odd", "figure")
    return figure


def _text(typed: TypedFigure) -> str:
    return typed if isinstance(typed, str) else typed.value


def _told(before: MixRecord, after: MixRecord) -> list[ChangeDocument]:
    """What differs between two records of one mix, for whoever reads them."""
    found = []
    if before.litres != after.litres:
        ends = before.litres, after.litres
        found.append(_line(Corrected.VOLUME, "", "volume", unit="L", ends=ends))
    for line, corrected in zip(before.lines, after.lines, strict=True):
        if line.poured != corrected.poured:
            ends = line.poured, corrected.poured
            found.append(_line(Corrected.POURED, line.key, line.name, unit=line.unit, ends=ends))
    for read, corrected_read in zip(before.readings, after.readings, strict=True):
        if read.figure != corrected_read.figure:
            unit = "mS/cm" if read.what == "ec" else "pH"
            ends = read.figure, corrected_read.figure
            found.append(_line(Corrected.READING, read.step, read.what, unit=unit, ends=ends))
    gone = [name for name in before.people if name not in after.people]
    come = [name for name in after.people if name not in before.people]
    for number, name in enumerate(gone):
        now = come[number] if number < len(come) else ", ".join(after.people)
        found.append(ChangeDocument(what=Corrected.PERSON, of=name, before=name, after=now))
    return found


def _line(
    what: Corrected, of: str, name: str, *, unit: str, ends: tuple[Fraction, Fraction]
) -> ChangeDocument:
    before, after = (decimal_text(rounded(figure, 6)) for figure in ends)
    return ChangeDocument(what=what, of=of, name=name, unit=unit, before=before, after=after)


def _product(mix: Mix, plan: GuidedPlan, line: PouredLine) -> int | None:
    """The number on the shelf of what a line was poured from."""
    if line.key in (StepKind.ACID, StepKind.ALKALI):
        bottle = plan.bottle(StepKind(line.key))
        return int(bottle.key) if bottle else None
    return mix.product(line.key)


def _correct_stock(
    mix: Mix, plan: GuidedPlan, before: MixRecord, after: MixRecord, *, reason: str, by: int
) -> None:
    """Draw what went in besides, and put back what did not."""
    for line, corrected in zip(before.lines, after.lines, strict=True):
        more = corrected.poured - line.poured
        number = _product(mix, plan, line)
        if not more or number is None:
            continue
        locked = Product.objects.select_for_update(of=("self",)).select_related("grow")
        for product in locked.filter(pk=number, grow_id=mix.grow_id, left__isnull=False):
            move = take if more > 0 else give_back
            move(product, abs(more), mix=mix.pk, reason=reason, by=by)


def _correct_time_line(
    mix: Mix, before: MixRecord, after: MixRecord, people: Mapping[str, int]
) -> None:
    """Append an entry for each that says something else now, in its place and at its time."""
    entries = list(standing(TimeLineEntry.objects.filter(mix=mix.pk, tank_id=mix.tank_id)))
    made: list[TimeLineEntry] = []
    for read, corrected in zip(before.readings, after.readings, strict=True):
        if read != corrected:
            values = {read.what: value_of(read.what, corrected.figure)}
            by = people.get(corrected.by)
            of_step = (
                one for one in entries if one.kind == _Kind.READING and one.note == read.step
            )
            made += [_instead(entry, values=values, by=by) for entry in of_step]
    for line, poured in zip(before.lines, after.lines, strict=True):
        if line.poured != poured.poured:
            made.append(_pour(mix, entries, poured))
    kept, known = kept_of_mix(after), kept_of_mix(before)
    changed = {what: value for what, value in kept.items() if known.get(what) != value}
    if changed:
        of_mix = (one for one in entries if one.kind == _Kind.MIX)
        made += [_instead(entry, values={**entry.values, **changed}) for entry in of_mix]
    TimeLineEntry.objects.bulk_create(made)


def _instead(entry: TimeLineEntry, *, values: Mapping[str, Any], **changes: Any) -> TimeLineEntry:
    """An entry that stands for another one."""
    by = changes.pop("by", entry.by_id)
    return TimeLineEntry(
        grow_id=entry.grow_id, tank_id=entry.tank_id, kind=changes.pop("kind", entry.kind),
        at=entry.at, values=dict(values), by_id=by, note=entry.note, source=entry.source,
        mix=entry.mix, product=entry.product, corrects=entry,
    )  # fmt: skip


def _pour(mix: Mix, entries: Sequence[TimeLineEntry], line: PouredLine) -> TimeLineEntry:
    """The entry of what was poured; a remark where it turns out that nothing was."""
    amount = {"amount": {"value": decimal_text(rounded(line.poured, 6)), "unit": line.unit}}
    kind = _Kind.POUR if line.poured else _Kind.REMARK
    found = _entry_of(entries, line)
    if found is not None:
        return _instead(found, values=amount, kind=kind)
    return TimeLineEntry(
        grow_id=mix.grow_id, tank_id=mix.tank_id, kind=kind,
        at=mix.ended_at or mix.started_at, values=amount, note=line.name[:120],
        source=TimeLineEntry.Source.GUIDED, mix=mix.pk,
        product=mix.product(line.key),
    )  # fmt: skip


def _entry_of(entries: Iterable[TimeLineEntry], line: PouredLine) -> TimeLineEntry | None:
    poured = (one for one in entries if "amount" in one.values)
    return next((one for one in poured if one.note == line.name[:120]), None)
