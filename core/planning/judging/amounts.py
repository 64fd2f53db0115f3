"""Cautions about measuring, and about what is left in the bottles."""

from collections.abc import Iterator, Mapping, Sequence
from fractions import Fraction

from core.cautions import CEILINGS, TANK_CEILING, Caution
from core.chart import Form, Product
from core.chemistry import Salt
from core.messages import Figure, Listed, Message, Percent
from core.planning.judging.judging_input import JudgingInput, keys, named, names
from core.planning.sheet import Pour
from core.planning.tank import label_of
from core.plausible import doses_per_litre, implausible_doses
from core.quantities import Amount, decimal_text
from core.vessels import Shows

NITRATES = frozenset(
    {
        Salt.CALCIUM_NITRATE,
        Salt.CALCIUM_NITRATE_TETRAHYDRATE,
        Salt.POTASSIUM_NITRATE,
        Salt.MAGNESIUM_NITRATE,
        Salt.AMMONIUM_NITRATE,
    }
)
"""Salts that feed a fire with oxygen."""


def cautions(given: JudgingInput) -> Iterator[Caution]:
    """What amounts and stock give to mind."""
    yield from _beyond_any_feed(given)
    yield from _unlike_its_chart(given)
    for pour in given.pours:
        yield from _measured(pour)
    yield from _premixed(given)
    yield from _stock(given)
    if any(_shows_pounds(pour) for pour in given.pours):
        yield Caution(Message("pounds_and_ounces"))
    if nitrates := [p.product for p in given.places if _is_dry_nitrate(given, p.product)]:
        yield Caution(Message("nitrate_salt", nitrates=names(nitrates)), products=keys(nitrates))


def _beyond_any_feed(given: JudgingInput) -> Iterator[Caution]:
    """One stop for doses, and one for a tank, that no maker prints, whatever the chart says."""
    far = _doses_beyond_any_feed(given)
    if far:
        doses = (
            Message("dose_beyond_any_feed.dose", product=product.name, dose=dose)
            for product, dose in far
        )
        yield Caution(
            Message("dose_beyond_any_feed", doses=Listed(tuple(doses), "semicolon")),
            {product.key: decimal_text(dose.value) for product, dose in far},
            keys([product for product, _ in far]),
        )
    last = given.pours[-1].reading_after if given.pours else None
    if last is not None and last.ms_cm > TANK_CEILING:
        yield Caution(Message("tank_beyond_any_feed", last=last), {"ec": decimal_text(last.ms_cm)})


def _doses_beyond_any_feed(given: JudgingInput) -> list[tuple[Product, Amount]]:
    """Products poured at more than any feed is dosed, with mL or g in a litre."""
    litres = given.request.volume.litres
    needed = _needed(given.pours)
    doses = [
        (place.product, Amount(amount.value / litres, amount.unit))
        for place in given.places
        if (amount := needed.get(place.product.key))
    ]
    return [(product, dose) for product, dose in doses if dose.value > CEILINGS[dose.unit]]


def _unlike_its_chart(given: JudgingInput) -> Iterator[Caution]:
    """One stop for printed doses that are probably none, wherever the chart came from.

    A lower strength makes a wrong figure no truer; what is above every ceiling even as it is
    poured is said for the mix itself.
    """
    request, chart = given.request, given.request.chart
    mixed = {request.column} | ({request.between.column} if request.between else set())
    per_litre = doses_per_litre(chart.doses, request.spoons)
    poured = {place.product.key: place.product for place in given.places}
    for product, _ in _doses_beyond_any_feed(given):
        poured.pop(product.key, None)
    doubted = [
        doubt
        for doubt in implausible_doses(chart.products, chart.columns, per_litre, only=mixed)
        if doubt.product in poured
    ]
    if doubted:
        doses = (doubt.why.about(named(poured[doubt.product])) for doubt in doubted)
        yield Caution(
            Message("dose_unlike_chart", doses=Listed(tuple(doses), "semicolon")),
            {one.product: decimal_text(per_litre[one.product, one.column]) for one in doubted},
            keys([poured[one.product] for one in doubted]),
        )


def _shows_pounds(pour: Pour) -> bool:
    fills = pour.measured.fills if pour.measured else ()
    return any(fill.vessel.shows is Shows.LB_OZ for fill in fills)


def _is_dry_nitrate(given: JudgingInput, product: Product) -> bool:
    label = label_of(given.request, product.key) if product.form is Form.DRY else None
    return label is not None and label.salt in NITRATES


def _premixed(given: JudgingInput) -> Iterator[Caution]:
    """What clouds in the bucket is poured neat, or into more water."""
    bucket = given.request.bucket
    for pour in given.pours:
        premix = pour.premix
        if bucket is None or premix is None or premix.is_clear is not False:
            continue
        assert premix.mineral is not None
        litres = Figure(bucket.litres, 1, ends=False)
        told = Message("bucket_clouds", product=pour.product.name, litres=litres)
        if premix.least is not None:
            told = Message("bucket_clouds.least", **told.values, least=premix.least)
        yield Caution(
            told,
            {
                "bucket": decimal_text(bucket.litres),
                "mineral": premix.mineral.value,
                "least": "" if premix.least is None else str(premix.least),
            },
            (pour.product.key,),
        )


def _measured(pour: Pour) -> Iterator[Caution]:
    measured = pour.measured
    if measured is None:
        return
    if measured.dilute:
        dilute = measured.dilute
        yield Caution(
            Message(
                "below_finest_mark",
                product=pour.product.name,
                amount=dilute.product,
                water=dilute.water,
                pour=dilute.pour,
            ),
            {
                "product": decimal_text(dilute.product.value),
                "water": decimal_text(dilute.water.value),
                "pour": decimal_text(dilute.pour.value),
            },
            (pour.product.key,),
        )
    if measured.is_off:
        wanted = pour.amount or pour.estimate
        assert wanted is not None
        yield Caution(
            Message(
                "rounding_shows",
                wanted=wanted,
                product=pour.product.name,
                amount=measured.amount,
                error=Percent(abs(measured.error)),
                too="much" if measured.error > 0 else "little",
            ),
            {"error": decimal_text(measured.error)},
            (pour.product.key,),
        )


def _stock(given: JudgingInput) -> Iterator[Caution]:
    """One stop for all bottles that run out."""
    needed = _needed(given.pours)
    bottles, values, short_of = [], {}, []
    for product in (place.product for place in given.places):
        left, amount = _left(given, product), needed.get(product.key)
        if left is None or amount is None or left >= amount.value:
            continue
        short = Amount(amount.value - left, amount.unit)
        bottles.append(
            Message(
                "bottle_runs_out.bottle",
                product=product.name,
                left=Amount(left, amount.unit),
                short=short,
            )
        )
        values[product.key] = decimal_text(short.value)
        short_of.append(product)
    if bottles:
        listed = Listed(tuple(bottles), "semicolon")
        yield Caution(Message("bottle_runs_out", bottles=listed), values, keys(short_of))
    yield from _nearly_empty(given, needed)
    yield from _past_their_date(given, needed)


def _nearly_empty(given: JudgingInput, needed: Mapping[str, Amount]) -> Iterator[Caution]:
    """One note for all bottles of which another mix like this one would run out."""
    bottles, products = [], []
    for product in (place.product for place in given.places):
        left, amount = _left(given, product), needed.get(product.key)
        if left is None or amount is None or not amount.value <= left < 2 * amount.value:
            continue
        after = Amount(left - amount.value, amount.unit)
        bottles.append(Message("bottle_nearly_empty.bottle", product=product.name, left=after))
        products.append(product)
    if bottles:
        listed = Listed(tuple(bottles), "comma")
        yield Caution(Message("bottle_nearly_empty", bottles=listed), products=keys(products))


def _past_their_date(given: JudgingInput, needed: Mapping[str, Amount]) -> Iterator[Caution]:
    """One caution for all bottles that are past their last good day."""
    bottles, products = [], []
    today = given.request.today
    for product in (place.product for place in given.places):
        known = given.request.shelf.of(product.key)
        if today is None or known.good_until is None or product.key not in needed:
            continue
        if known.good_until < today and not (known.hard_form and given.request.hard_forms):
            bottles.append(
                Message("bottle_past_its_date.bottle", product=product.name, until=known.good_until)
            )
            products.append(product)
    if bottles:
        listed = Listed(tuple(bottles), "semicolon")
        yield Caution(Message("bottle_past_its_date", bottles=listed), products=keys(products))


def _needed(pours: Sequence[Pour]) -> dict[str, Amount]:
    """What all pours of a product come to."""
    needed: dict[str, Amount] = {}
    for pour in pours:
        if amount := pour.amount or pour.estimate:
            before = needed.get(pour.product.key)
            value = amount.value + (before.value if before else 0)
            needed[pour.product.key] = Amount(value, amount.unit)
    return needed


def _left(given: JudgingInput, product: Product) -> Fraction | None:
    """What is left of the bottle that is poured: of its form for hard water, where that is it."""
    known = given.request.shelf.of(product.key)
    form = known.hard_form if given.request.hard_forms else None
    return form.left if form else known.left
