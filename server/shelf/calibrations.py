"""What calibrations say of meters, and of the readings that are taken with them."""

from datetime import date, datetime
from fractions import Fraction
from zoneinfo import ZoneInfo

from ninja import Schema

from core.meters import Calibration, Condition, Measures, ec_would_be
from core.quantities import Reading, ReadingScale, number_text
from server.grows.scope import Scope
from server.shelf.models import CalibrationEntry


class CalibrationOut(Schema):
    """How far a meter is off: `slope_shown` of a new one, `offset_shown` at pH 7."""

    at: datetime
    on: date
    condition: Condition
    slope_shown: str
    offset_shown: str | None


def last_calibrations(scope: Scope) -> dict[tuple[int, Measures], CalibrationEntry]:
    """The last calibration of each meter and of what it measures, with one query."""
    entries = scope.all(CalibrationEntry).order_by("meter_id", "measures", "-at", "-pk")
    return {
        (one.meter_id, Measures(one.measures)): one
        for one in entries.distinct("meter_id", "measures")
    }


def calibrated_on(scope: Scope) -> dict[str, date]:
    """The day on which each meter was calibrated last, by its name; with one query."""
    zone = ZoneInfo(scope.grow.time_zone)
    rows = scope.all(CalibrationEntry).order_by("at").values_list("meter__name", "at")
    return {name: at.astimezone(zone).date() for name, at in rows}


def calibration_out(entry: CalibrationEntry, zone: ZoneInfo) -> CalibrationOut:
    """A calibration, on its day in the grow."""
    found = entry.as_calibration()
    offset = number_text(abs(found.offset), 2)
    sign = "−" if found.offset < 0 else "+"
    return CalibrationOut(
        at=entry.at,
        on=entry.at.astimezone(zone).date(),
        condition=found.condition,
        slope_shown=f"{number_text(found.slope * 100, 1)} %",
        offset_shown=f"{sign}{offset}" if found.measures is Measures.PH else None,
    )


class BesideReading(Schema):
    """What a reading would be without the meter's own error, by whose calibration of which day."""

    meter: str
    on: date
    measures: Measures
    shown: str


def beside_reading(scope: Scope, ec: Reading | None, ph: Fraction | None) -> list[BesideReading]:
    """What the last calibrations say of a reading; nothing where it would be shown the same.

    Each meter speaks for itself: nobody said with which it was read. One that is worn out says
    nothing, as no calibration makes it right. The reading itself is never changed.
    """
    zone = ZoneInfo(scope.grow.time_zone)
    entries = scope.all(CalibrationEntry).select_related("meter")
    found = []
    last = entries.order_by("measures", "meter_id", "-at", "-pk").distinct("measures", "meter_id")
    for entry in last:
        calibration = entry.as_calibration()
        shown = _would_be_shown(calibration, ec, ph, scope.membership.meter)
        if shown is not None and calibration.condition is not Condition.WORN:
            on = entry.at.astimezone(zone).date()
            measures = Measures(entry.measures)
            found.append(
                BesideReading(meter=entry.meter.name, on=on, measures=measures, shown=shown)
            )
    return found


def _would_be_shown(
    calibration: Calibration, ec: Reading | None, ph: Fraction | None, scale: ReadingScale
) -> str | None:
    """A reading without the meter's error; None where nobody could see the difference."""
    if calibration.measures is Measures.EC:
        if ec is None:
            return None
        shown = ec_would_be(calibration, ec).shown(scale)
        return None if shown == ec.shown(scale) else shown
    if ph is None:
        return None
    shown = number_text(calibration.would_be(ph), 1)
    return None if shown == number_text(ph, 1) else shown
