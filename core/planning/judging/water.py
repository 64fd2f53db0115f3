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
from core.planning.judging.calmag import credit as calmag_credit
from core.planning.judging.judging_input import JudgingInput, keys, names, percent
from core.planning.shelf import HardForm
from core.quantities import Reading, decimal_text, number_text, of_float, on_both_scales
from core.water import SOFT_KINDS, Disinfectant, TargetConvention, WaterKind
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
        yield Caution(
            "no_buffer",
            "This water has next to no buffer, so the pH of the feed will swing and a drop of acid "
            "too many is at once too much: add a stabiliser, a little mains water, or a little "
            "cal-mag first.",
        )


def _reading(given: JudgingInput) -> Iterator[Caution]:
    water, target = given.request.water, given.target
    if water.reading is None:
        yield Caution(
            "water_not_read",
            "The source water has not been read. Its EC counts towards the final reading and "
            "differs by season: read it before the first bottle. Until then doses are as for "
            "neutral water.",
        )
        return
    if target.headroom_share == 0 and target.all_in is not None:
        yield _too_strong(given, water.reading)
    elif water.reading.ms_cm > SALTIEST_WATER:
        yield Caution(
            "water_too_salty",
            f"The water alone reads {given.reading(water.reading)}, more than any feed should. No "
            "feed on top of it is safe. Use RO or rain, or blend until it reads below 1 mS/cm.",
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
            "water_unlike_report",
            f"The water reads {given.reading(reading)}, but what its lab report lists conducts "
            f"about {given.reading(Reading(by_report))}. It may have changed with the season: have "
            "it analysed again before trusting calcium and alkalinity.",
            {"ec": decimal_text(reading.ms_cm), "report_ec": decimal_text(by_report)},
        )


def _not_soft(given: JudgingInput) -> Iterator[Caution]:
    water = given.request.water
    if water.kind not in SOFT_KINDS or water.reading is None or water.parts:
        return
    if water.reading.ms_cm > SOFT_READS_MS_CM:
        called = "RO" if water.kind is WaterKind.RO else "Rain"
        yield Caution(
            "soft_water_reads_high",
            f"{called} water reads below 0.1 mS/cm, and this reads {given.reading(water.reading)}. "
            "Check the membrane and the barrel, and rinse the pen: another water needs another "
            "plan.",
            {"ec": decimal_text(water.reading.ms_cm)},
        )


def _too_strong(given: JudgingInput, source: Reading) -> Caution:
    target = given.target
    assert target.all_in is not None
    total, ro = Reading(target.total), target.ro
    way_out = (
        f"With {percent(ro.advised)} RO water in the tank the water takes a third of the target "
        "and two thirds are left for feed."
        if ro
        else "Check the target."
    )
    values = {"source": decimal_text(source.ms_cm), "target": decimal_text(total.ms_cm)}
    if ro:
        values |= {
            "ro_share": decimal_text(ro.advised),
            "ro_share_at_least": decimal_text(ro.at_least),
        }
    return Caution(
        "water_too_strong",
        f"The water at {given.reading(source)} leaves no room under a total of "
        f"{given.reading(total)}, so no base is poured. {way_out}",
        values,
    )


def _takes_half(given: JudgingInput, source: Reading) -> Caution:
    """RO such that the water is a third of the target, as it is left two thirds for feed."""
    target = given.target
    assert target.reading is not None
    middle = target.reading.middle.ms_cm
    added = middle - source.ms_cm
    wanted = added / 2 if target.convention is TargetConvention.ON_TOP else middle / 3
    share = 1 - wanted / source.ms_cm
    return Caution(
        "water_takes_half",
        f"Of a target of {given.reading(target.reading.middle)} the water alone takes "
        f"{given.reading(source)}, salts the plants have little use for. With {percent(share)} RO "
        "in the tank it takes a third.",
        {"source": decimal_text(source.ms_cm), "target": decimal_text(middle),
         "ro_share": decimal_text(share)},
    )  # fmt: skip


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
        instead = " and ".join(f"{form.name} in place of {one.name}" for one, form in forms)
        yield Caution(
            "hard_form_on_shelf",
            f"The shelf has {instead}: it carries less calcium, which this water brings already.",
            products=keys([one for one, _ in forms]),
            remedy={"hard_forms": "true"},
        )
    yield from credits


def _hard_forms(given: JudgingInput) -> list[tuple[Product, HardForm]]:
    """What is dosed and has a form for hard water on the shelf, with that form."""
    shelf = given.request.shelf
    dosed = [item.product for item in given.dosed]
    return [(one, form) for one in dosed if (form := shelf.of(one.key).hard_form)]


def _salty(given: JudgingInput) -> Caution:
    water = given.request.water
    values, brings = {}, []
    for name, ppm, most in (
        ("sodium", water.report.sodium, SALTY_SODIUM_PPM),
        ("chloride", water.report.chloride, SALTY_CHLORIDE_PPM),
    ):
        if ppm is not None and ppm > most:
            values[f"{name}_ppm"] = decimal_text(ppm)
            brings.append(f"brings {number_text(ppm, 0)} ppm {name}")
    if water.reading is not None:
        values["ec"] = decimal_text(water.reading.ms_cm)
        if not brings:
            brings.append(f"reads {given.reading(water.reading)}, far more than its lime makes")
    return Caution(
        "salty_water",
        f"It {' and '.join(brings)}: salts that plants hardly use take the place of feed, and "
        "build up in a tank that is topped up. Blend it with RO water.",
        values,
    )


def _reads_high(given: JudgingInput) -> Caution:
    reading = given.request.water.reading
    assert reading is not None
    return Caution(
        "water_reads_high",
        f"It reads {given.reading(reading)}, and no report tells whether lime or other salts make "
        "it. Have calcium, magnesium and alkalinity analysed: they change doses and acid.",
        {"ec": decimal_text(reading.ms_cm)},
    )


def _hard(given: JudgingInput, calmag: tuple[str, ...], *, has_form: bool) -> Caution:
    water = given.request.water
    assert water.report.calcium is not None
    values = {"calcium_ppm": decimal_text(water.report.calcium)}
    poured_so = given.request.hard_forms
    ways = [] if has_form or poured_so else ["use the maker's hard-water base if there is one"]
    ways += ["cut the cal-mag by what the water brings"] if calmag else []
    ways = ways or ["blend it with RO water if leaves show that they lack magnesium or potassium"]
    return Caution(
        "hard_water",
        f"It brings {number_text(water.report.calcium, 0)} ppm calcium. Too much calcium locks out "
        f"other food: {', and '.join(ways)}.",
        values,
        calmag,
    )


def _ph(given: JudgingInput) -> Iterator[Caution]:
    water = given.request.water
    if water.ph is None or source_water(water).ph_fits:
        return
    yield Caution(
        "water_ph_unlikely",
        f"No water with so little alkalinity holds pH {number_text(water.ph, 1)}; pens show such "
        "figures in water without a buffer. Expected pH and acid are computed from an ordinary pH.",
        {"ph": decimal_text(water.ph)},
    )


def _disinfectant(given: JudgingInput) -> Iterator[Caution]:
    water, live = given.request.water, given.poured(Role.LIVE)
    if not water.is_chlorinated:
        return
    hours = number_text(water.hours_to_stand, 1).removesuffix(".0")
    chloramine = water.disinfectant is Disinfectant.CHLORAMINE
    cure = (
        "Chloramine does not gas off: run the water through active carbon or use a neutraliser."
        if chloramine
        else f"Let it stand open for another {hours} h, less with an air stone; if the works use "
        "chloramine, it needs a carbon filter instead."
    )
    values = {} if chloramine else {"hours": decimal_text(water.hours_to_stand)}
    if live:
        yield Caution(
            "chlorine_kills_live",
            f"Chlorine in this water kills {names(live)}, which is then money poured away. {cure}",
            values,
            keys(live),
        )
    elif chloramine:
        yield Caution(
            "chloramine_in_water", f"Chloramine harms roots and whatever lives on them. {cure}"
        )
    else:
        yield Caution("chlorine_in_water", f"Chlorine harms young roots. {cure}", values)


def _temperature(given: JudgingInput) -> Iterator[Caution]:
    degrees = given.request.water.temperature
    if degrees is None:
        return
    shown = on_both_scales(degrees)
    at_best = f"{on_both_scales(COLDEST)} to {on_both_scales(WARMEST)}"
    if degrees < COLDEST - _TEMPERATURE_SLACK:
        yield Caution(
            "water_cold",
            f"At {shown} products dissolve slowly and roots stand still: let the water come to "
            f"{at_best}, and stir longer until then.",
            {"temperature": decimal_text(degrees)},
        )
    elif degrees > WARMEST + _TEMPERATURE_SLACK:
        yield Caution(
            "water_warm",
            f"At {shown} water holds less oxygen and root rot comes easily: cool it to "
            f"{at_best} before plants get it, and aerate.",
            {"temperature": decimal_text(degrees)},
        )
