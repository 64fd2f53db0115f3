"""Which cautions a mix deserves."""

from collections.abc import Callable, Sequence

from core import cautions
from core.cautions import Caution, Severity
from core.chart import Column, Medium, PhWindow, Product, Role
from core.mix.doses import Dosed
from core.mix.request import MixRequest
from core.mix.sheet import Pour
from core.order import Place
from core.quantities import Amount, number_text
from core.water import Aim, School, WaterKind

_GRAVEST_FIRST = (Severity.DANGER, Severity.ATTENTION, Severity.NOTE)


def cautions_of(
    request: MixRequest,
    column: Column,
    window: PhWindow,
    *,
    aim: Aim,
    dosed: Sequence[Dosed],
    places: Sequence[Place],
    pours: Sequence[Pour],
) -> tuple[Caution, ...]:
    """What to mind in this mix, the gravest first."""
    products = [place.product for place in places]
    found = [
        *_about_water(request, aim, products),
        *_about_strength(request),
        *_about_pairs(request, dosed, aim),
        *_about_column(request, column, window, aim),
        *_about_products(request, places, pours),
    ]
    return tuple(sorted(found, key=lambda caution: _GRAVEST_FIRST.index(caution.severity)))


def _named(
    products: Sequence[Product], role: Role, caution: Callable[..., Caution]
) -> list[Caution]:
    """One caution about all products of a role, if there are any."""
    chosen = [product for product in products if product.role is role]
    if not chosen:
        return []
    return [caution(tuple(p.name for p in chosen), tuple(p.key for p in chosen))]


def _about_water(request: MixRequest, aim: Aim, products: Sequence[Product]) -> list[Caution]:
    water, found = request.water, []
    if water.reading is None:
        found.append(cautions.water_not_read())
    if aim.room == 0 and water.reading is not None and aim.all_in is not None:
        found.append(
            cautions.water_too_strong(water.reading, aim.all_in.middle, aim.ro, request.meter)
        )
    if water.is_hard:
        calmag = tuple(product.key for product in products if product.role is Role.CALMAG)
        found.append(cautions.hard_water(water, request.meter, calmag))
    if water.kind is WaterKind.MAINS:
        found += _named(products, Role.LIVE, cautions.chlorine_kills_live)
    return found


def _about_strength(request: MixRequest) -> list[Caution]:
    found = []
    if request.chart.medium is Medium.SOIL and request.grown_in is Medium.WATER:
        found.append(cautions.soil_chart_in_water(request.strength))
    if request.strength > 1:
        found.append(cautions.strength_over_chart(request.strength))
    over = {o.product: o.strength for o in request.overrides if o.strength and o.strength > 1}
    if over:
        found.append(cautions.strength_over_chart(max(over.values()), tuple(over)))
    return found


def _amount_words(amount: Amount | None) -> str:
    if amount is None:
        return "none"
    return f"{number_text(amount.value, 1).removesuffix('.0')} {amount.unit}"


def _about_pairs(request: MixRequest, dosed: Sequence[Dosed], aim: Aim) -> list[Caution]:
    """Groups of exactly two base parts that do not get equal amounts."""
    if aim.room == 0:
        return []
    found = []
    by_key = {item.product.key: item for item in dosed}
    for pair in _pairs(request.chart.products):
        items = [by_key.get(product.key) for product in pair]
        if any(item and item.dose.until_ec is not None for item in items):
            continue
        amounts = [item.amount if item else None for item in items]
        if amounts[0] == amounts[1]:
            continue
        nominal = [item.nominal if item else None for item in items]
        found.append(
            cautions.pair_unequal(
                (pair[0].name, pair[1].name),
                (_amount_words(amounts[0]), _amount_words(amounts[1])),
                (pair[0].key, pair[1].key),
                printed_so=nominal[0] != nominal[1],
            )
        )
    return found


def _pairs(products: Sequence[Product]) -> list[tuple[Product, Product]]:
    """The base groups of the chart that have exactly two parts."""
    groups: dict[str, list[Product]] = {}
    for product in products:
        if product.role is Role.BASE:
            groups.setdefault(product.group, []).append(product)
    return [(group[0], group[1]) for group in groups.values() if len(group) == 2]


def _about_column(request: MixRequest, column: Column, window: PhWindow, aim: Aim) -> list[Caution]:
    found = []
    if column.ph is None:
        found.append(cautions.no_ph_window(request.grown_in, window))
    if column.ec is None and aim.school is not School.DOSES_ONLY:
        found.append(cautions.no_target_reading())
    return found


def _about_products(
    request: MixRequest, places: Sequence[Place], pours: Sequence[Pour]
) -> list[Caution]:
    moved = [place.product for place in places if place.moved]
    found = []
    if moved:
        found.append(
            cautions.printed_order_changed(
                tuple(product.name for product in moved), tuple(product.key for product in moved)
            )
        )
    products = [place.product for place in places]
    found += _named(products, Role.PH_ADJUSTER, cautions.acid_into_water)
    found += [
        cautions.below_finest_mark(pour.product.name, pour.product.key)
        for pour in pours
        if pour.measured and pour.measured.too_small
    ]
    return found
