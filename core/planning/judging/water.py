"""Cautions about the source water."""

from collections.abc import Iterator
from fractions import Fraction

from core.cautions import (
    SALTIEST_WATER,
    UNLIKE_REPORT,
    UNLIKE_REPORT_MS_CM,
    Caution,
)
from core.chart import Product, Role
from core.chemistry.source import source_water
from core.messages import Celsius, Figure, Listed, Message, Percent
from core.planning.judging.calmag import credit as calmag_credit
from core.planning.judging.judging_input import JudgingInput, keys, names
from core.planning.shelf import HardForm
from core.quantities import Reading, decimal_text, of_float
from core.water import SOFT_KINDS, Disinfectant, TargetConvention
from core.water.source import SALTY_CHLORIDE_PPM, SALTY_SODIUM_PPM, SOFT_READS_MS_CM
from core.windows import COLDEST, WARMEST

_MAJOR_IONS = ("calcium", "magnesium", "sodium", "chloride", "sulfur")
"""What a report lists that tells all of what a water conducts, with its alkalinity."""

_TEMPERATURE_SLACK = Fraction(1)
"""°C beyond the range that are no reason for a word: thermometers differ by as much."""


def cautions(given: JudgingInput) -> Iterator[Caution]:
    """What the source water gives to mind."""
    yield from _reading(given)
    yield from _hardness(given)
    yield from _not_soft(given)
    yield from _ph(given)
    yield from _disinfectant(given)
    yield from _temperature(given)
    steadied = given.poured(Role.BUFFER) or given.poured(Role.CALMAG)
    # A living feed settles its pH by itself, and a stabiliser would stand against it.
    settles = any(pour.product.settles for pour in given.pours)
    if given.request.water.lacks_buffer and not (steadied or settles):
        yield Caution(Message("no_buffer"))


def _reading(given: JudgingInput) -> Iterator[Caution]:
    water, target = given.request.water, given.target
    if water.reading is None:
        yield Caution(Message("water_not_read"))
        return
    if target.headroom_share == 0 and target.all_in is not None:
        yield _too_strong(given, water.reading)
    elif water.reading.ms_cm > SALTIEST_WATER:
        yield Caution(
            Message("water_too_salty", reading=water.reading),
            {"ec": decimal_text(water.reading.ms_cm)},
        )
    elif target.reading is not None and water.reading.ms_cm * 2 > target.reading.middle.ms_cm > 0:
        yield _takes_half(given, water.reading)
    yield from _unlike_report(given, water.reading)


def _unlike_report(given: JudgingInput, reading: Reading) -> Iterator[Caution]:
    water, chemistry = given.request.water, given.chemistry
    tells_by_report = water.report.calcium is not None and source_water(water).conducts_as_reported
    if chemistry is None or not chemistry.water_ms_cm or not tells_by_report:
        return
    by_report = of_float(chemistry.water_ms_cm, 4)
    lists_all = all(getattr(water.report, ion) is not None for ion in _MAJOR_IONS)
    if reading.ms_cm > by_report and not lists_all:
        return  # what it does not list may make the rest
    if abs(reading.ms_cm - by_report) > max(UNLIKE_REPORT * by_report, UNLIKE_REPORT_MS_CM):
        yield Caution(
            Message("water_unlike_report", reading=reading, by_report=Reading(by_report)),
            {"ec": decimal_text(reading.ms_cm), "report_ec": decimal_text(by_report)},
        )


def _not_soft(given: JudgingInput) -> Iterator[Caution]:
    water = given.request.water
    if water.kind not in SOFT_KINDS or water.reading is None or water.parts:
        return
    if water.reading.ms_cm > SOFT_READS_MS_CM:
        yield Caution(
            Message("soft_water_reads_high", kind=water.kind.value, reading=water.reading),
            {"ec": decimal_text(water.reading.ms_cm)},
        )


def _too_strong(given: JudgingInput, source: Reading) -> Caution:
    target = given.target
    assert target.all_in is not None
    total, ro = Reading(target.total), target.ro
    values = {"source": decimal_text(source.ms_cm), "target": decimal_text(total.ms_cm)}
    if ro:
        values |= {
            "ro_share": decimal_text(ro.advised),
            "ro_share_at_least": decimal_text(ro.at_least),
        }
        told = Message("water_too_strong.ro", source=source, total=total, ro=Percent(ro.advised))
        return Caution(told, values)
    return Caution(Message("water_too_strong", source=source, total=total), values)


def _takes_half(given: JudgingInput, source: Reading) -> Caution:
    """RO such that the water is a third of the target, as it is left two thirds for feed."""
    target = given.target
    assert target.reading is not None
    middle = target.reading.middle.ms_cm
    added = middle - source.ms_cm
    wanted = added / 2 if target.convention is TargetConvention.ON_TOP else middle / 3
    share = 1 - wanted / source.ms_cm
    return Caution(
        Message(
            "water_takes_half", middle=target.reading.middle, source=source, share=Percent(share)
        ),
        {
            "source": decimal_text(source.ms_cm),
            "target": decimal_text(middle),
            "ro_share": decimal_text(share),
        },
    )


def _hardness(given: JudgingInput) -> Iterator[Caution]:
    # Three cautions keep out of each other's way here, and nowhere else.
    water, request = given.request.water, given.request
    calmag = given.poured(Role.CALMAG)
    credits = [credit for product in calmag for credit in calmag_credit(given, product.key)]
    forms = [] if request.hard_forms else _hard_forms(given)
    if water.is_salty:
        yield _salty(given)
    if water.is_limy and not credits:  # a credit is the same, with its way out
        yield _hard(given, keys(calmag), has_form=bool(forms))
    elif (
        water.is_hard
        and not water.is_salty
        and None
        in (
            water.report.calcium,
            water.report.magnesium,
        )
    ):
        yield _reads_high(given)
    if water.is_hard and forms and not water.is_salty:
        instead = (
            Message("hard_form_on_shelf.form", form=form.name, product=one.name)
            for one, form in forms
        )
        yield Caution(
            Message("hard_form_on_shelf", instead=Listed(tuple(instead))),
            products=keys([one for one, _ in forms]),
            remedy={"hard_forms": "true"},
        )
    yield from credits


def _hard_forms(given: JudgingInput) -> list[tuple[Product, HardForm]]:
    """What is dosed and has a form for hard water on the shelf, with that form."""
    shelf = given.request.shelf
    dosed = [item.product for item in given.dosed]
    return [(pour, form) for pour in dosed if (form := shelf.of(pour.key).hard_form)]


def _salty(given: JudgingInput) -> Caution:
    water = given.request.water
    values: dict[str, str] = {}
    brings: list[Message] = []
    for name, ppm, most in (
        ("sodium", water.report.sodium, SALTY_SODIUM_PPM),
        ("chloride", water.report.chloride, SALTY_CHLORIDE_PPM),
    ):
        if ppm is not None and ppm > most:
            values[f"{name}_ppm"] = decimal_text(ppm)
            brings.append(Message(f"salty_water.{name}", ppm=Figure(ppm, 0)))
    if water.reading is not None:
        values["ec"] = decimal_text(water.reading.ms_cm)
        if not brings:
            brings.append(Message("salty_water.reads", reading=water.reading))
    return Caution(Message("salty_water", brings=Listed(tuple(brings))), values)


def _reads_high(given: JudgingInput) -> Caution:
    reading = given.request.water.reading
    assert reading is not None
    return Caution(
        Message("water_reads_high", reading=reading), {"ec": decimal_text(reading.ms_cm)}
    )


def _hard(given: JudgingInput, calmag: tuple[str, ...], *, has_form: bool) -> Caution:
    water = given.request.water
    assert water.report.calcium is not None
    values = {"calcium_ppm": decimal_text(water.report.calcium)}
    poured_so = given.request.hard_forms
    ways = [] if has_form or poured_so else ["base"]
    ways += ["calmag"] if calmag else []
    way = "_".join(ways) or "blend"
    return Caution(
        Message("hard_water", calcium=Figure(water.report.calcium, 0), way=way),
        values,
        calmag,
    )


def _ph(given: JudgingInput) -> Iterator[Caution]:
    water = given.request.water
    if water.ph is None or source_water(water).ph_fits:
        return
    yield Caution(
        Message("water_ph_unlikely", ph=Figure(water.ph, 1)), {"ph": decimal_text(water.ph)}
    )


def _disinfectant(given: JudgingInput) -> Iterator[Caution]:
    water, live = given.request.water, given.poured(Role.LIVE)
    if not water.is_chlorinated:
        return
    chloramine = water.disinfectant is Disinfectant.CHLORAMINE
    hours = Figure(water.hours_to_stand, 1, ends=False)
    cure = Message("remove_chloramine") if chloramine else Message("remove_chlorine", hours=hours)
    values = {} if chloramine else {"hours": decimal_text(water.hours_to_stand)}
    if live:
        yield Caution(
            Message("chlorine_kills_live", live=names(live), cure=cure), values, keys(live)
        )
    elif chloramine:
        yield Caution(Message("chloramine_in_water", cure=cure))
    else:
        yield Caution(Message("chlorine_in_water", cure=cure), values)


def _temperature(given: JudgingInput) -> Iterator[Caution]:
    degrees = given.request.water.temperature
    if degrees is None:
        return
    scale = {
        "degrees": Celsius(degrees),
        "coldest": Celsius(COLDEST),
        "warmest": Celsius(WARMEST),
    }
    if degrees < COLDEST - _TEMPERATURE_SLACK:
        yield Caution(
            Message("water_cold", **scale),
            {"temperature": decimal_text(degrees)},
        )
    elif degrees > WARMEST + _TEMPERATURE_SLACK:
        yield Caution(
            Message("water_warm", **scale),
            {"temperature": decimal_text(degrees)},
        )
