"""Whole pour sheets, line by line as a grower reads them.

Each `.read` in `pour_sheets` was gone through by hand: amounts by printed dose × strength × volume
with the units of NIST Handbook 44, fills by the marks of the vessels, targets by the two schools,
ppm by the labels' percentages, and the order by the rules of the trade.
"""

from collections.abc import Iterator
from dataclasses import replace
from pathlib import Path

import pytest

from core.chart import Chart, Column, Dose, PhWindow, Readings, Role, Stage
from core.chart.strength import End, Override
from core.chemistry import AcidKind, Element
from core.order.rules import CalmagPlace, LivePlace, OrderPreferences, SilicaPlace
from core.planning import Between, HardForm, OnShelf, PourSheet, Shelf
from core.planning.premixing import Premix
from core.quantities import Spoons, Volume, VolumeUnit
from core.vessels import Vessel, VesselKind
from core.water import Disinfectant, TargetConvention, WaterKind, blend
from core.windows import Window
from tests.core.guided import HARD, MAINS, RO, SOFT
from tests.core.labels import (
    CALMAG,
    PART_ONE,
    PART_TWO,
    acid_on_shelf,
    label,
    labelled,
    shelf,
)
from tests.core.mixes import DRY, F, chart, dose, ec, pair, plan, product

POUR_SHEETS = Path(__file__).parent / "pour_sheets"

BENCH = chart(
    [product("kelp", Role.ADDITIVE), product("mud", Role.LIVE), product("boost", Role.BOOSTER),
     product("zym", Role.ENZYME), product("two", Role.BASE, group="g", rank=2),
     product("one", Role.BASE, group="g", rank=1), product("epsom", Role.MAGNESIUM, form=DRY),
     product("calmag", Role.CALMAG), product("humic", Role.ADDITIVE_ALKALINE),
     product("silica", Role.SILICA), product("buffer", Role.BUFFER)],
    [dose("kelp", "0.5-1 mL/L"), dose("mud", "1 mL/L"), dose("boost", "0.25-0.75 mL/L"),
     dose("zym", "0.4 mL/L"), dose("two", "2-3 mL/L"), dose("one", "2-3 mL/L"),
     dose("epsom", "0.3 g/L"), dose("calmag", "0.8 mL/L"), dose("humic", "0.2 mL/L"),
     dose("silica", "0.3 mL/L"), dose("buffer", "0.1 mL/L")],
    target=ec("1.6", "1.9"),
)  # fmt: skip
TWO_WEEKS = replace(
    pair("2 mL/L", target=ec("1.2")),
    columns=(Column("w1", "Week 1", 7, Stage.LEAF, ec("1.2"), PhWindow(F("5.6"), F("6.0"))),
             Column("w2", "Week 2", 7, Stage.FLOWER, ec("1.8", "2.0"), PhWindow(F("5.8"), F("6.2")))),
    doses=(*pair("2 mL/L").doses, dose("one", "3 mL/L", "w2"), dose("two", "2-4 mL/L", "w2")),
)  # fmt: skip
SPOONS = chart(
    [product("one", Role.BASE, form=DRY), product("two", Role.BASE), product("sil", Role.SILICA)],
    [dose("one", "1 oz/gal_us"), dose("two", "2-3 tsp/gal_us"), dose("sil", "1 tbsp/gal_us")],
)  # fmt: skip
STOPPED = chart(
    [product("one", Role.BASE), product("two", Role.ADDITIVE)],
    [Dose("one", "w1", F(2), F(3), dose("one", "2 mL/L").unit, F("0.9")), dose("two", "0.02 mL/L")],
    target=ec("1.0"),
)  # fmt: skip
FULL = shelf(
    acid_on_shelf(), acid_on_shelf(AcidKind.PHOSPHORIC, "59"), one=PART_ONE, two=PART_TWO,
    calmag=CALMAG, silica=label("1.1", K2O="3", SiO2="7"), boost=label("1.3", P2O5="9", K2O="8"),
)  # fmt: skip
COARSE = (Vessel(VesselKind.JUG, F(1000), F(50)), Vessel(VesselKind.SYRINGE, F(10), F("0.5")))


def asked(of: Chart, water: object = MAINS, volume: str = "100 L", **more: object) -> PourSheet:
    return plan(of, volume, water=water, **more)  # type: ignore[arg-type]


SHEETS = {
    "everything-in-mains": lambda: asked(BENCH, shelf=FULL, strength="0.8"),
    "everything-at-the-low-end-in-ro": lambda: asked(
        BENCH, RO, "425 L", shelf=FULL, end=End.LOW, split=True,
        order_preferences=OrderPreferences(
            calmag=CalmagPlace.AFTER_BASE, silica=SilicaPlace.BEFORE_BUFFER, live=LivePlace.FIRST)),
    "all-in-hard-water": lambda: asked(
        pair("3 mL/L", target=ec("1.6", "1.8"), readings=Readings.TOTAL), HARD, "1000 L",
        shelf=Shelf({"one": OnShelf(PART_ONE, hard_form=HardForm("One H", label("1.2", K2O="3"))),
                     "two": OnShelf(PART_TWO)}, (acid_on_shelf(AcidKind.SULFURIC, "35"),)),
        hard_forms=True),
    "between-two-weeks": lambda: asked(
        TWO_WEEKS, SOFT, "60 L", shelf=labelled(), between=Between("w2", F("0.25")), end=End.HIGH),
    "spoons-and-ounces-in-gallons": lambda: asked(
        SPOONS, volume="55 gal_us", spoons=Spoons.US, tank_unit=VolumeUnit.GAL_US),
    "until-a-reading-and-a-drop": lambda: asked(STOPPED, SOFT, "30 L", strength="0.5"),
    "wishes-for-single-products": lambda: asked(
        BENCH, shelf=FULL, overrides=(Override("kelp", F(0)), Override("boost", F("0.5"), End.HIGH),
                                      Override("one", None, End.LOW), Override("two", None, End.LOW))),
    "by-coarse-vessels": lambda: asked(pair("1.37 mL/L"), volume="73 L", vessels=COARSE),
    "through-a-bucket": lambda: asked(
        BENCH, volume="200 L", shelf=FULL, bucket=Volume(F(10)), split=True),
    "own-ranges-and-a-blend": lambda: asked(
        pair("2 mL/L", target=ec("1.4")),
        blend([("mains", MAINS, F("0.6")), ("ro", RO, F("0.4"))]),
        shelf=labelled(acid_on_shelf(AcidKind.CITRIC, "50")),
        windows={Element.CA: Window(F(50), F(90), own=True)}),
    "calmag-within-the-printed-reading": lambda: asked(
        chart([product("one", Role.BASE), product("calmag", Role.CALMAG)],
              [dose("one", "4 mL/L"), dose("calmag", "1 mL/L")], target=ec("1.4")),
        SOFT, strength="0.5", shelf=shelf(calmag=CALMAG)),
    "doses-alone-in-chlorine": lambda: asked(
        pair(), replace(MAINS, disinfectant=Disinfectant.CHLORINE, kind=WaterKind.MAINS),
        convention=TargetConvention.DOSES_ONLY, shelf=labelled()),
}  # fmt: skip


def number(value: object, digits: int = 6) -> str:
    return f"{float(value):.{digits}g}"  # type: ignore[arg-type]


def premixed(premix: Premix) -> str:
    if premix.is_clear is None:
        return "bucket unknown"
    least = f", least {number(premix.least.litres)} L" if premix.least else ""
    return "bucket clear" if premix.is_clear else f"bucket clouds with {premix.mineral}{least}"


def told(sheet: PourSheet) -> Iterator[str]:
    """A sheet as its `.read` has it."""
    target = sheet.target
    reading = (
        f"{number(target.reading.low.ms_cm)} to {number(target.reading.high.ms_cm)}"
        if target.reading
        else "none"
    )
    yield f"# {sheet.column.label}, {number(sheet.volume.litres)} L: target {reading} ({target.convention})"
    yield f"# pH {number(sheet.ph.low)} to {number(sheet.ph.high)}, printed {sheet.ph_printed}"
    for pour in sheet.pours:
        words = [
            f"{pour.place}. {pour.product.name} {pour.turn}",
            f"[{pour.phase.name}]",
            pour.printed,
        ]
        for name, amount in (("", pour.amount), ("about ", pour.estimate)):
            words += [f"{name}{number(amount.value)} {amount.unit}"] if amount else []
        words += (
            [f"of {number(pour.range[0].value)} to {number(pour.range[1].value)}"]
            if pour.range
            else []
        )
        words += [f"share {number(pour.share)}", f"stir {pour.stir_s} s, wait {pour.wait_min} min"]
        yield " ".join(words)
        yield f"   why {' '.join(pour.why)}; so much: {' '.join(pour.dose_why)}; by {pour.basis}"
        if pour.measured:
            fills = " + ".join(
                f"{one.times}×{number(one.level)} in {one.vessel.kind} {number(one.vessel.capacity)}"
                for one in pour.measured.fills)  # fmt: skip
            dilute = pour.measured.dilute
            thin = (
                f", of {number(dilute.product.value)} in {number(dilute.water.value)}"
                if dilute
                else ""
            )
            yield f"   measured {fills}{thin}, off {number(pour.measured.error, 3)}"
        facts = {
            "above": pour.above_water,
            "reads": pour.reading_after,
            "stop": pour.stop,
            "until": pour.reading_target,
        }
        shown = [f"{name} {number(one.ms_cm, 4)}" for name, one in facts.items() if one]
        shown += [f"pH {pour.ph_after:.2f}"] if pour.ph_after is not None else []
        shown += ["read first"] if pour.read_before else []
        shown += ["rinse into tank"] if pour.rinse_into_tank else []
        shown += [f"rinse {one.vessel.kind} of {one.other.name}" for one in pour.rinses]
        shown += (
            [f"{pour.precipitate.mineral} with {pour.precipitate.other.name}"]
            if pour.precipitate
            else []
        )
        shown += [f"instead of {pour.instead_of}"] if pour.instead_of else []
        shown += [premixed(pour.premix)] if pour.premix else []
        yield f"   {', '.join(shown)} ±{pour.uncertainty:.3f}"
    for one in sheet.left_out:
        yield f"- {one.product.name}: {one.why}"
    if sheet.in_tank:
        for element in sheet.in_tank.elements:
            window = (
                f"{number(element.window.low)}-{number(element.window.high)}"
                if element.window
                else "-"
            )
            yield (
                f"= {element.element} {element.ppm:.1f} ({element.from_water:.1f} water, "
                f"{element.from_acid:.1f} acid) {window}{' out' * element.is_out}"
            )
        acid = sheet.in_tank.acid
        if acid:
            yield (
                f"= acid {acid.name} {acid.why}: pH {acid.from_ph:.2f} to {acid.to_ph:.2f} by "
                f"{number(acid.amount.value, 4)} in {number(acid.cup_water.value, 4)}"
            )
        yield f"= {sheet.in_tank.label_coverage}, unlabelled {', '.join(sheet.in_tank.unlabelled)}"
        for mineral in sheet.in_tank.saturated:
            yield f"= {mineral.mineral} {mineral.times:.1f} times saturated"
    yield f"! {' '.join(one.code for one in sheet.cautions)}; {' '.join(sheet.unacknowledged)}"


@pytest.mark.parametrize("name", SHEETS)
def test_a_pour_sheet_is_what_was_computed_by_hand(name: str) -> None:
    assert list(told(SHEETS[name]())) == (POUR_SHEETS / f"{name}.read").read_text().splitlines()
