"""What the chart's EC says of the products that no label tells of."""

from collections.abc import Mapping, Sequence
from dataclasses import dataclass
from fractions import Fraction

from core.chart import Column
from core.chart.strength import End
from core.chemistry import contents_of, rise_of
from core.planning.doses import Dosed
from core.planning.request import MixRequest
from core.planning.tank import label_of
from core.quantities import Amount, of_float

CHART_UNCERTAINTY = Fraction(15, 100)
"""How far off a chart's EC may be, of itself: our own estimate; the demo's labels and charts part
by about that."""

_WHOLE = Fraction(1)


@dataclass(frozen=True, slots=True)
class ChartRise:
    """How many mS/cm all of a product's amount brings by the chart.

    Args:
        rise: mS/cm; None where the chart does not tell.
        uncertainty: by how many mS/cm that may be off, either way.
    """

    rise: Fraction | None
    uncertainty: float = 0.0


def rises_by_chart(
    request: MixRequest,
    dosed: Sequence[Dosed],
    column: Column,
    unscaled: Fraction = Fraction(0),
    *,
    by_labels: bool = True,
) -> Mapping[str, ChartRise]:
    """By how many mS/cm each product lifts the reading, for those of which no label tells.

    The chart's EC stands for all that strength scales, at its printed doses. Parts of the base
    share what labels leave of it; where all of them have labels, the other unlabelled feed does,
    unless a rule stops the base.

    Args:
        request: the mix.
        dosed: all that the column doses, also what is left out: its share of the chart's EC is
            then missing in the tank, and must not be given to the parts that go in.
        column: the column, with its printed EC.
        unscaled: mS/cm of that EC which labels give to what strength does not scale.
        by_labels: whether chemistry can tell what labels bring in this water.
    """
    found = {
        item.product.key: ChartRise(None if item.product.is_base else Fraction(0)) for item in dosed
    }
    if column.ec is None:
        return found
    sharing, labelled = _sharing(request, dosed, by_labels=by_labels)
    whole = column.ec.middle.ms_cm - unscaled
    rest = whole - _rise_by_labels(request, labelled) if sharing else Fraction(0)
    rest = max(rest, Fraction(0))
    printed = {item.product.key: _printed(item, request.end) for item in sharing}
    for item, weight in zip(sharing, _weights(list(printed.values())), strict=True):
        nominal = printed[item.product.key].value
        if item.amount and nominal:
            share = weight * item.amount.value / nominal
            off = whole * share * CHART_UNCERTAINTY if rest else Fraction(0)
            found[item.product.key] = ChartRise(rest * share, float(off))
    return found


def _sharing(
    request: MixRequest, dosed: Sequence[Dosed], *, by_labels: bool
) -> tuple[list[Dosed], list[Dosed]]:
    """Who shares the chart's EC, and whose labels tell of a part of it that is not theirs."""
    labelled: list[Dosed] = []
    unlabelled: list[Dosed] = []
    for item in dosed:
        if item.is_feed and item.printed and item.dose.until_ec is None:
            has_label = by_labels and label_of(request, item.product.key) is not None
            (labelled if has_label else unlabelled).append(item)
    open_base = [item for item in unlabelled if item.product.is_base]
    if open_base:
        labelled_base = [item for item in labelled if item.product.is_base]
        return open_base + labelled_base, [item for item in labelled if not item.product.is_base]
    if any(item.dose.until_ec is not None for item in dosed):
        return [], []
    return unlabelled, labelled


def _printed(item: Dosed, end: End) -> Amount:
    """The printed dose at the mix's end of ranges, whatever was wished for this product."""
    assert item.printed is not None
    return item.printed.poured(end, _WHOLE)


def _rise_by_labels(request: MixRequest, labelled: Sequence[Dosed]) -> Fraction:
    """mS/cm that printed doses of labelled feed bring."""
    feed = []
    for item in labelled:
        label = label_of(request, item.product.key)
        assert label is not None
        per_litre = _printed(item, request.end).value / request.volume.litres
        feed.append((contents_of(label, item.product.form, item.product.role), float(per_litre)))
    return of_float(rise_of(request.water, (), feed), 4)


def _weights(amounts: Sequence[Amount]) -> list[Fraction]:
    """Each product's share of the chart's EC; equal shares where mL and g stand side by side."""
    total = sum((amount.value for amount in amounts), start=Fraction(0))
    if len({amount.unit for amount in amounts}) > 1 or total == 0:
        return [Fraction(1, len(amounts)) for _ in amounts]
    return [amount.value / total for amount in amounts]
