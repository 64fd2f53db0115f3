"""Cautions about measuring, and about what is left in the bottles."""

from collections.abc import Iterator

from core.cautions import Caution
from core.chart import Form
from core.chemistry import Salt
from core.planning.judging.judging_input import JudgingInput, amount_words, keys, names, percent
from core.planning.sheet import Pour
from core.planning.tank import label_of
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
    for pour in given.pours:
        yield from _measured(pour)
    yield from _stock(given)
    if any(
        fill.vessel.shows is Shows.LB_OZ
        for pour in given.pours
        if pour.measured
        for fill in pour.measured.fills
    ):
        yield Caution(
            "pounds_and_ounces",
            "This scale shows pounds and ounces: 6 lb 4 oz is 6.25 lb, not 6.4. Weigh to what the "
            "ticket shows, both figures.",
        )
    nitrates = [
        place.product
        for place in given.places
        if place.product.form is Form.DRY
        and (label := label_of(given.request, place.product.key))
        and label.salt in NITRATES
    ]
    if nitrates:
        yield Caution(
            "nitrate_salt",
            f"{names(nitrates)}: nitrate salts make a fire burn fiercely. Keep them dry, shut, and "
            "away from fuels, sawdust and metal powder; sweep up what is spilt.",
            products=keys(nitrates),
        )


def _measured(pour: Pour) -> Iterator[Caution]:
    measured = pour.measured
    if measured is None:
        return
    if measured.dilute:
        dilute = measured.dilute
        yield Caution(
            "below_finest_mark",
            f"{pour.product.name} is too little for the finest mark: mix "
            f"{amount_words(dilute.product)} of it with {amount_words(dilute.water)} of tank water "
            f"in a cup, and pour {amount_words(dilute.pour)} of that.",
            {"product": decimal_text(dilute.product.value), "water": decimal_text(
                dilute.water.value), "pour": decimal_text(dilute.pour.value)},
            (pour.product.key,),
        )  # fmt: skip
    if measured.is_off:
        too = "too much" if measured.error > 0 else "too little"
        wanted = amount_words(pour.amount or pour.estimate)
        yield Caution(
            "rounding_shows",
            f"The nearest these vessels show to {wanted} of {pour.product.name} is "
            f"{amount_words(measured.amount)}, {percent(abs(measured.error))} {too}: a finer "
            "syringe or cylinder on the bench would do better.",
            {"error": decimal_text(measured.error)},
            (pour.product.key,),
        )


def _stock(given: JudgingInput) -> Iterator[Caution]:
    """One stop for all bottles that run out."""
    needed: dict[str, Amount] = {}
    for pour in given.pours:
        if amount := pour.amount or pour.estimate:
            before = needed.get(pour.product.key)
            value = amount.value + (before.value if before else 0)
            needed[pour.product.key] = Amount(value, amount.unit)
    told, values, short_of = [], {}, []
    for place in given.places:
        known = given.request.shelf.of(place.product.key)
        form = known.hard_form if given.request.hard_forms else None
        left, amount = form.left if form else known.left, needed.get(place.product.key)
        if left is None or amount is None or left >= amount.value:
            continue
        short = Amount(amount.value - left, amount.unit)
        told.append(
            f"{place.product.name} has {amount_words(Amount(left, amount.unit))} left and is "
            f"{amount_words(short)} short"
        )
        values[place.product.key] = decimal_text(short.value)
        short_of.append(place.product)
    if told:
        yield Caution(
            "bottle_runs_out",
            f"{'; '.join(told)}. A mix that stops half way has the wrong ratio: fetch more first, "
            "or mix a smaller volume.",
            values,
            keys(short_of),
        )
