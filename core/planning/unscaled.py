"""What goes in whole at any strength, and how much of the printed EC it brings by its labels."""

from dataclasses import dataclass, field
from fractions import Fraction

from core.chart import Product
from core.chart.strength import Share, printed_amount, share_of
from core.chemistry import Contents, contents_of, rise_of
from core.planning.doses import cell_of
from core.planning.request import MixRequest
from core.planning.tank import label_of
from core.quantities import DoseUnit, of_float
from core.water import Unscaled

_WHOLE = Fraction(1)
_Feed = list[tuple[Contents, float]]


@dataclass(slots=True)
class _Sorted:
    """A column's labelled products by whether strength scales them, mL or g per litre."""

    scaled: _Feed = field(default_factory=list)
    printed: _Feed = field(default_factory=list)
    poured: _Feed = field(default_factory=list)
    unlabelled: list[str] = field(default_factory=list)


def unscaled_of(request: MixRequest) -> Unscaled:
    """What strength does not scale in a column, as printed and as it is poured.

    Base parts are left to the chart's EC, also where their product says that they do not scale.
    """
    found = _Sorted()
    overrides = {override.product: override for override in request.overrides}
    ones: dict[DoseUnit, Fraction] = {}
    for product in request.chart.products:
        dose, _ = cell_of(request, product)
        whole = printed_amount(dose, request.volume, request.spoons, ones) if dose else None
        if dose is None or whole is None or dose.until_ec is not None:
            continue
        share = share_of(product, dose, strength=request.strength, headroom_share=_WHOLE,
                         end=request.end, override=overrides.get(product.key))  # fmt: skip
        per_litre = whole.poured(share.end, _WHOLE).value / request.volume.litres
        _add_by_scale(request, product, share, per_litre, found)
    # At full strength the printed EC stands for all of it, whatever labels tell.
    uncounted = tuple(found.unlabelled) if request.strength != 1 else ()
    if not found.printed:
        return Unscaled(uncounted=uncounted)
    printed, poured = (
        of_float(rise_of(request.water, found.scaled, feed), 4)
        for feed in (found.printed, found.poured)
    )
    return Unscaled(printed, poured, uncounted)


def _add_by_scale(
    request: MixRequest, product: Product, share: Share, per_litre: Fraction, found: _Sorted
) -> None:
    scales = product.is_feed
    label = label_of(request, product.key)
    if label is None:
        found.unlabelled += [] if scales else [product.name]
        return
    contents = contents_of(label, product.form, product.role)
    poured = contents, float(per_litre * share.value)
    if scales:
        found.scaled.append(poured)
    else:
        found.printed.append((contents, float(per_litre)))
        found.poured.append(poured)
