"""The entrance: a request in, a pour sheet out."""

from collections.abc import Sequence
from fractions import Fraction

from core.cautions import PH_WINDOWS
from core.chart import Column
from core.mix.doses import Dosed, doses_of, ends_of, separate
from core.mix.expected import rises, stop_above_water
from core.mix.mindings import cautions_of
from core.mix.request import MixRequest
from core.mix.sheet import Pour, PourSheet
from core.order import Place, put_in_order
from core.quantities import Reading
from core.vessels import measure
from core.water import SCHOOL_OF_READINGS, aim_for


def plan_mix(request: MixRequest) -> PourSheet:
    """Turn a column of a chart into a pour sheet.

    Raises:
        InputError: labels and hard rules of the mixing order contradict each other.
    """
    chart, column = request.chart, request.chart.column(request.column)
    school = request.school or SCHOOL_OF_READINGS[chart.readings]
    aim = aim_for(school, column.ec, request.strength, request.water.reading)
    dosed = doses_of(request, aim)
    poured, left_out = separate(dosed, aim)
    places = put_in_order(
        [item.product for item in poured],
        rows_are_order=chart.rows_are_order,
        customs=request.customs,
    )
    pours = _pours(places, dosed, request, column)
    window = column.ph or PH_WINDOWS[request.grown_in]
    return PourSheet(
        volume=request.volume,
        pours=pours,
        aim=aim,
        ph=window,
        ph_printed=column.ph is not None,
        source=request.water.reading,
        warnings=cautions_of(
            request, column, window, aim=aim, dosed=dosed, places=places, pours=pours
        ),
        left_out=left_out,
    )


def _pours(
    places: Sequence[Place], dosed: Sequence[Dosed], request: MixRequest, column: Column
) -> tuple[Pour, ...]:
    """The pours in order, with the reading climbing from the source."""
    items = {item.product.key: item for item in dosed}
    lifts = rises(dosed, column)
    level: Reading | None = Reading(Fraction(0))
    pours = []
    for number, place in enumerate(places, start=1):
        item = items[place.product.key]
        lift = lifts[place.product.key]
        if item.dose.until_ec is not None:
            level = stop_above_water(item)
        elif level is not None:
            level = None if lift is None else Reading(level.ms_cm + lift)
        pours.append(_pour(number, place, item, request, level))
    return tuple(pours)


def _pour(
    number: int,
    place: Place,
    item: Dosed,
    request: MixRequest,
    above_water: Reading | None,
) -> Pour:
    by_reading = item.dose.until_ec is not None
    source = request.water.reading
    after = None
    if source is not None and above_water is not None:
        after = Reading(source.ms_cm + above_water.ms_cm)
    return Pour(
        place=number,
        product=place.product,
        amount=None if by_reading else item.amount,
        estimate=item.amount if by_reading else None,
        range=ends_of(item),
        measured=measure(item.amount) if item.amount else None,
        printed=item.dose.printed,
        share=item.share.value,
        wait_min=place.wait_min,
        phase=place.phase,
        why=place.why,
        dose_why=item.share.why,
        above_water=above_water,
        reading_after=after,
        reading_target=after if by_reading else None,
    )
