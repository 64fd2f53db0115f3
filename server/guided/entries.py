"""What a mix that is over adds to its tank's time line: readings, pours, and the mix itself."""

from collections.abc import Iterator, Mapping
from fractions import Fraction

from core.guided import MixRecord
from core.quantities import decimal_text, rounded
from server.grows.models import Membership
from server.guided.models import Mix, moment
from server.tanks.timeline import TimeLineEntry, value_of

_Kind = TimeLineEntry.Kind


def entries_of(mix: Mix, record: MixRecord) -> Iterator[TimeLineEntry]:
    """The entries of a mix, not stored yet; the mix itself last."""
    people = dict(
        Membership.objects.filter(grow_id=mix.grow_id).values_list("person__username", "person_id")
    )
    for line in record.readings:
        told = {line.what: value_of(line.what, line.figure)}
        yield _entry(mix, _Kind.READING, line.at, told, by=people.get(line.by), note=line.step)
    for poured in record.lines:
        if not poured.poured:
            continue  # it was left out
        amount = {"value": decimal_text(rounded(poured.poured, 6)), "unit": poured.unit}
        yield _entry(mix, _Kind.POUR, record.ended, {"amount": amount}, note=poured.name,
                     product=mix.product(poured.key))  # fmt: skip
    yield _entry(mix, _Kind.MIX, record.ended, kept_of_mix(record), note=mix.label)


def kept_of_mix(record: MixRecord) -> dict[str, dict[str, str] | None]:
    """What the entry of a mix tells of its record."""
    kept: dict[str, Fraction | None] = {
        "ec": record.ec,
        "ph": record.ph,
        "litres": record.litres,
        "alkalinity": record.alkalinity,
        "look_again": Fraction(record.look_again_h),
        "use_by": Fraction(record.use_by_days),
        "change_out": Fraction(record.change_out_days),
    }
    if record.target is not None:
        kept["target_low"], kept["target_high"] = record.target
    # What was not read at the end is no longer known, whatever was read on the way or before.
    return {
        what: value_of(what, value)
        for what, value in kept.items()
        if value is not None or what in ("ec", "ph")
    }


def _entry(
    mix: Mix,
    kind: TimeLineEntry.Kind,
    at: float,
    values: Mapping[str, Mapping[str, str] | None],
    *,
    by: int | None = None,
    note: str = "",
    product: int | None = None,
) -> TimeLineEntry:
    return TimeLineEntry(
        grow_id=mix.grow_id, tank_id=mix.tank_id, kind=kind, at=moment(at), values=dict(values),
        by_id=by, note=note[:120], source=TimeLineEntry.Source.GUIDED, mix=mix.pk,
        product=product,
    )  # fmt: skip
