"""The catalogue of cautions: each is raised by its condition, and by nothing short of it."""

import re
from collections.abc import Callable, Iterable, Mapping
from dataclasses import replace
from datetime import date
from pathlib import Path
from typing import Any

import pytest

from core.catalogue_page import page
from core.cautions import CATALOGUE, Caution, Severity
from core.chart import Chart, Column, Form, Medium, Readings, Role, Stage
from core.chart.growing import System
from core.chart.strength import End, Override
from core.chemistry import Acid, AcidKind, Element, Salt
from core.messages import Message
from core.order.rules import LivePlace, OrderPreferences
from core.planning import AcidOnShelf, HardForm, MixRequest, OnShelf, PourSheet, Shelf, plan_mix
from core.planning.judging.chemistry import _beside_range, _is_brought_by_acid
from core.planning.judging.order import times_over
from core.planning.sheet import ElementInTank
from core.quantities import ReadingScale, ReadingUnit, Volume, VolumeUnit
from core.quantities.units import OUNCE_G, POUND_G
from core.vessels import Shows, Vessel, VesselKind
from core.water import Disinfectant, TargetConvention, WaterKind
from core.windows import Window
from core.wording import Manner, wording
from tests.core.labels import (
    CALMAG,
    PART_ONE,
    PART_TWO,
    acid,
    acid_on_shelf,
    label,
    labelled,
    salt,
    shelf,
)
from tests.core.mixes import DRY, F, chart, codes, dose, ec, pair, plan, product, water
from tests.words import words_of

ROOT = Path(__file__).parents[2]
MAINS = {"calcium": "68", "magnesium": "7", "sodium": "18", "alkalinity": "150", "ph": F("7.6")}


def of_roles(*roles: Role, **fields: Any) -> Chart:
    """A chart of one product for each role, at 1 mL/L; keys are the roles."""
    rows = [product(role.value, role, **fields) for role in roles]
    return chart(rows, [dose(row.key, "1 mL/L") for row in rows], target=ec("0.8"))


def in_stage(of: Chart, stage: Stage) -> Chart:
    return replace(of, columns=(replace(of.columns[0], stage=stage),))


def two_columns(of: Chart) -> Chart:
    return replace(of, columns=(*of.columns, Column("w2", "Week 2")))


def mineral(kind: Salt) -> PourSheet:
    row = product("salt", Role.BASE, form=DRY)
    return plan(chart([row], [dose("salt", "1 g/L")]), shelf=shelf(salt=salt(kind)))


def adjusters(first: object, second: object = None) -> PourSheet:
    known = {"down": first, "up": second} if second else {"down": first}
    rows = [product(key, Role.PH_ADJUSTER) for key in known]
    of = chart(rows, [dose(row.key, "0.1 mL/L") for row in rows])
    given = {key: value for key, value in known.items() if value != "unknown"}
    return plan(of, shelf=shelf(**given))  # type: ignore[arg-type]


def by_bucket(litres: str) -> PourSheet:
    """Sulfate into hard water: gypsum where there is too little of it."""
    of = chart([product("sulf", Role.MAGNESIUM)], [dose("sulf", "4 mL/L")])
    hard = water("0.9", alkalinity="265", calcium="160")
    return plan(
        of, bucket=Volume(F(litres)), water=hard, shelf=shelf(sulf=label("1.2", S="9", K2O="12"))
    )


def measured_by(amount: str, capacity: str, mark: str) -> PourSheet:
    vessels = (Vessel(VesselKind.CYLINDER, F(capacity), F(mark)),)
    return plan(chart([product("one", Role.BASE)], [dose("one", amount)]), "1 L", vessels=vessels)


def weighed_on(shows: Shows) -> PourSheet:
    scale = Vessel(VesselKind.SCALE, POUND_G * 11, OUNCE_G / 10, shows)
    row = product("salt", Role.BASE, form=DRY)
    return plan(chart([row], [dose("salt", "1 oz/gal_us")]), "80 gal_us", vessels=(scale,))


def left(millilitres: str) -> Shelf:
    return Shelf({"one": OnShelf(left=F(millilitres))})


def good_until(day: str) -> Shelf:
    return Shelf({"one": OnShelf(good_until=date.fromisoformat(day))})


def in_a_row(middle: str) -> PourSheet:
    """One part at 2 mL/L before and after the week that is mixed."""
    before, after = Column("w0", "Week 0"), Column("w2", "Week 2")
    of = chart([product("one", Role.BASE)], [dose("one", f"{middle} mL/L")])
    of = replace(of, columns=(before, *of.columns, after))
    beside = (dose("one", "2 mL/L", column=one.key) for one in (before, after))
    return plan(replace(of, doses=(*of.doses, *beside)))


def hard_form(poured: bool) -> PourSheet:
    known = Shelf({"one": OnShelf(hard_form=HardForm("One H"))})
    return plan(pair(), shelf=known, water=water("0.6"), hard_forms=poured)


def feeding(strength: str, **fields: Any) -> PourSheet:
    """A labelled pair at 2 mL/L, on a chart whose EC its labels about come to."""
    fields.setdefault("water", water("0.2", alkalinity="60", ph=F("7.2"), calcium="20"))
    return plan(pair(target=ec("1.45")), strength=strength, shelf=labelled(), **fields)


LIVE = of_roles(Role.LIVE)
FED_LIVE = of_roles(Role.BASE, Role.LIVE)
SOIL = pair(medium=Medium.SOIL)
SEEDLINGS = in_stage(pair("2-3 mL/L"), Stage.SEEDLING)
PEROXIDE = chart(
    [product("mud", Role.LIVE), product("peroxide", Role.ADDITIVE, oxidiser=True)],
    [dose("mud", "1 mL/L"), dose("peroxide", "1 mL/L")],
)
CREDIT = chart([product("limpet", Role.CALMAG)], [dose("limpet", "1 mL/L")])
REPORT = {"calcium": "40", "magnesium": "5", "sodium": "10", "alkalinity": "100", "ph": F(7)}
LISTED = {**REPORT, "chloride": "10", "sulfur": "5"}


def credited(calcium: str, magnesium: str = "40", *, share: str | None = None) -> PourSheet:
    """Cal-mag alone in water of so much of both."""
    wish = () if share is None else (Override("limpet", F(share)),)
    source = water("0.3", calcium=calcium, magnesium=magnesium)
    return plan(CREDIT, water=source, shelf=shelf(limpet=CALMAG), overrides=wish)


Sheet = Callable[[], PourSheet]
CASES: dict[str, tuple[Sheet, Sheet]] = {
    # What raises a code, and the nearest that does not.
    "water_not_read": (lambda: plan(pair(), water=water(None)), lambda: plan(pair())),
    "water_too_strong": (
        lambda: plan(pair(target=ec("0.5")), convention=TargetConvention.ALL_IN, water=water("0.5")),
        lambda: plan(pair(target=ec("0.5")), convention=TargetConvention.ALL_IN, water=water("0.49"))),
    "water_takes_half": (
        lambda: plan(pair(target=ec("0.3")), water=water("0.31")),
        lambda: plan(pair(target=ec("0.3")), water=water("0.3"))),
    "water_too_salty": (
        lambda: plan(pair(), water=water("3.01")), lambda: plan(pair(), water=water("3"))),
    "water_unlike_report": (
        lambda: plan(pair(), water=water("0.9", **LISTED)),
        lambda: plan(pair(), water=water("0.3", **LISTED))),
    "water_ph_unlikely": (  # pH that a pen shows in water without a buffer
        lambda: plan(pair(), water=water("0.02", alkalinity="2", ph=F("9.6"))),
        lambda: plan(pair(), water=water("0.02", alkalinity="2", ph=F("7.6"))),
    ),
    "hard_water": (  # over 70 ppm calcium, common practice
        lambda: plan(pair(), water=water("0.2", calcium="71")),
        lambda: plan(pair(), water=water("0.4", calcium="70"))),
    "salty_water": (  # above the general ranges of a feed
        lambda: plan(pair(), water=water("0.3", sodium="51")),
        lambda: plan(pair(), water=water("0.3", sodium="50", chloride="100"))),
    "water_reads_high": (  # over 200 ppm in total on the 500 scale, common practice
        lambda: plan(pair(), water=water("0.41")), lambda: plan(pair(), water=water("0.4"))),
    "soft_water_reads_high": (
        lambda: plan(pair(), water=water("0.3", kind=WaterKind.RO)),
        lambda: plan(pair(), water=water("0.2", kind=WaterKind.RO))),
    "hard_form_on_shelf": (lambda: hard_form(False), lambda: hard_form(True)),
    "calmag_credit": (
        lambda: credited("120"), lambda: credited("19")),
    "no_buffer": (
        lambda: plan(pair(), water=water("0.02", kind=WaterKind.RO)),
        lambda: plan(of_roles(Role.BUFFER, Role.BASE), water=water("0.02", kind=WaterKind.RO))),
    "chlorine_in_water": (
        lambda: plan(pair(), water=water("0.3", kind=WaterKind.MAINS, stood_h=F(23))),
        lambda: plan(pair(), water=water("0.3", kind=WaterKind.MAINS, stood_h=F(24)))),
    "chloramine_in_water": (
        lambda: plan(pair(), water=water("0.3", disinfectant=Disinfectant.CHLORAMINE,
                                         stood_h=F(99))),
        lambda: plan(pair(), water=water("0.3", disinfectant=Disinfectant.CHLORINE))),
    "chlorine_kills_live": (
        lambda: plan(LIVE, water=water("0.3", kind=WaterKind.MAINS)),
        lambda: plan(LIVE, water=water("0.3", kind=WaterKind.MAINS,
                                       disinfectant=Disinfectant.NONE))),
    "water_cold": (
        lambda: plan(pair(), water=water("0.3", temperature=F("16.9"))),
        lambda: plan(pair(), water=water("0.3", temperature=F(17)))),
    "water_warm": (
        lambda: plan(pair(), water=water("0.3", temperature=F("23.1"))),
        lambda: plan(pair(), water=water("0.3", temperature=F(23)))),
    "soil_chart_in_water": (lambda: plan(SOIL, strength="0.51"), lambda: plan(SOIL, strength="0.5")),
    "soil_chart_lightened": (
        lambda: plan(SOIL, strength="0.5"),
        lambda: plan(SOIL, strength="0.5", grown_in=Medium.COIR)),
    "strong_for_system": (
        lambda: plan(pair(), strength="0.6", system=System.AEROPONIC),
        lambda: plan(pair(), strength="0.6", system=System.FILM)),
    "seedlings_low_end": (
        lambda: plan(SEEDLINGS, end=End.MIDDLE), lambda: plan(SEEDLINGS, end=End.LOW)),
    "strength_over_chart": (
        lambda: plan(pair(), overrides=(Override("one", F("1.01")),)), lambda: plan(pair())),
    "volume_unlike_tank": (
        lambda: plan(pair(), "89 L", joined=Volume(F(100))),
        lambda: plan(pair(), "91 L", joined=Volume(F(100)))),
    "held_elsewhere": (
        lambda: plan(two_columns(pair()), held="w2"), lambda: plan(two_columns(pair()), held="w1")),
    "no_ph_window": (lambda: plan(pair(ph=None)), lambda: plan(pair())),
    "no_target_reading": (lambda: plan(pair()), lambda: plan(pair(readings=Readings.NONE))),
    "base_part_missing": (
        lambda: plan(pair(), overrides=(Override("one", F(0)),)),
        lambda: plan(pair(), overrides=(Override("one", F(0)), Override("two", F(0))))),
    "pair_unequal": (
        lambda: plan(pair(), overrides=(Override("one", F("0.5")),)),
        lambda: plan(pair(), overrides=(Override("one", F("0.5")), Override("two", F("0.5"))))),
    "pair_printed_unequal": (
        lambda: plan(chart(list(pair().products), [dose("one", "2 mL/L"), dose("two", "3 mL/L")])),
        lambda: plan(pair())),
    "printed_order_changed": (
        lambda: plan(replace(of_roles(Role.BASE, Role.SILICA), rows_are_order=True)),
        lambda: plan(replace(of_roles(Role.SILICA, Role.BASE), rows_are_order=True))),
    "live_before_acid": (
        lambda: plan(FED_LIVE, water=water("0.5", **MAINS), shelf=shelf(acid_on_shelf()),
                     order_preferences=OrderPreferences(live=LivePlace.FIRST)),
        lambda: plan(FED_LIVE, water=water("0.5", **MAINS), shelf=shelf(acid_on_shelf()))),
    "live_with_oxidiser": (lambda: plan(PEROXIDE), lambda: plan(FED_LIVE)),
    "acid_into_water": (lambda: adjusters("unknown"), lambda: plan(pair())),
    "sulfuric_heats": (
        lambda: adjusters(acid(AcidKind.SULFURIC, "93.2")),
        lambda: adjusters(acid(AcidKind.SULFURIC, "35"))),
    "acid_and_alkali": (
        lambda: adjusters(acid(), salt(Salt.POTASSIUM_CARBONATE)), lambda: adjusters(acid())),
    "acid_strength_unknown": (lambda: adjusters("unknown"), lambda: adjusters(acid())),
    "ph_below_window": (
        lambda: plan(chart([product("down", Role.PH_ADJUSTER)], [dose("down", "1 mL/L")]),
                     water=water("0.1", alkalinity="20", ph=F(7)), shelf=shelf(down=acid())),
        lambda: plan(pair(), water=water("0.1", alkalinity="20", ph=F(7)))),
    "ph_above_window": (
        lambda: plan(pair(), water=water("0.5", **MAINS), shelf=labelled()),
        lambda: plan(pair(), water=water("0.5", **MAINS), shelf=labelled(acid_on_shelf()))),
    "dose_beyond_any_feed": (
        lambda: plan(chart([product("one", Role.BASE)], [dose("one", "30.1 mL/L")])),
        lambda: plan(chart([product("one", Role.BASE)], [dose("one", "30 mL/L")]))),
    "dose_unlike_chart": (lambda: in_a_row("10"), lambda: in_a_row("9.9")),
    "tank_beyond_any_feed": (
        lambda: plan(pair(target=ec("4.6")), water=water("0.5")),
        lambda: plan(pair(target=ec("4.4")), water=water("0.5"))),
    "below_finest_mark": (
        lambda: measured_by("0.9 mL/L", "20", "1"), lambda: measured_by("1 mL/L", "20", "1")),
    "bucket_clouds": (lambda: by_bucket("0.2"), lambda: by_bucket("1")),
    "rounding_shows": (
        lambda: measured_by("170 mL/L", "160", "20"), lambda: measured_by("160 mL/L", "160", "20")),
    "bottle_runs_out": (
        lambda: plan(pair(), shelf=left("199")), lambda: plan(pair(), shelf=left("200"))),
    "bottle_past_its_date": (
        lambda: plan(pair(), shelf=good_until("2026-03-09"), today=date(2026, 3, 10)),
        lambda: plan(pair(), shelf=good_until("2026-03-10"), today=date(2026, 3, 10))),
    "bottle_nearly_empty": (
        lambda: plan(pair(), shelf=left("399")), lambda: plan(pair(), shelf=left("400"))),
    "pounds_and_ounces": (lambda: weighed_on(Shows.LB_OZ), lambda: weighed_on(Shows.LB)),
    "nitrate_salt": (
        lambda: mineral(Salt.POTASSIUM_NITRATE), lambda: mineral(Salt.POTASSIUM_SULFATE)),
    "chart_and_labels_differ": (
        lambda: plan(pair(target=ec("0.7")), shelf=labelled()), lambda: feeding("1")),
    "tank_saturated": (
        lambda: plan(pair(), water=water("0.9", calcium="140", alkalinity="300", ph=F("7.8")),
                     shelf=labelled()),
        lambda: feeding("1")),
    "elements_out_of_range": (
        lambda: feeding("2"), lambda: plan(pair(), shelf=shelf(one=label(Ca="5")))),
}  # fmt: skip


HARD_POUR = of_roles(Role.CALMAG, Role.BASE)
HARD_FORM = Shelf({"one": OnShelf(hard_form=HardForm("One H"))})
MORE: dict[str, Sheet] = {
    # The same codes in other words.
    "hard water and cal-mag": lambda: plan(HARD_POUR, water=water("0.6", calcium="90")),
    "dolomite is no salt": lambda: plan(
        HARD_POUR, water=water("0.7", calcium="60", magnesium="35", alkalinity="290")),
    "hard water, and its form is poured": lambda: plan(
        pair(), shelf=HARD_FORM, water=water("0.6"), hard_forms=True),
    "salty by its reading": lambda: plan(
        HARD_POUR, water=water("0.9", calcium="20", magnesium="2")),
    "rain that reads too much": lambda: plan(pair(), water=water("0.4", kind=WaterKind.RAIN)),
    "a dry feed in grams per gallon for litres": lambda: plan(
        chart([product("one", Role.BASE, form=Form.DRY)], [dose("one", "9 g/L")])),
    "chloramine and cultures": lambda: plan(
        LIVE, water=water("0.3", disinfectant=Disinfectant.CHLORAMINE)),
    "chlorine that is nearly gone": lambda: plan(
        FED_LIVE, water=water("0.3", disinfectant=Disinfectant.CHLORINE, stood_h=F("22.5"))),
    "readings in ppm": lambda: plan(
        pair(target=ec("0.5")), water=water("0.6", calcium="90"),
        convention=TargetConvention.ALL_IN, meter=ReadingScale(ReadingUnit.PPM, 500)),
    "more than is joined": lambda: plan(pair(), "120 L", joined=Volume(F(100))),
    "both above the chart": lambda: plan(
        pair(), overrides=(Override("one", F("1.2")), Override("two", F("1.2")))),
    "labels tell less than the chart": lambda: plan(pair(target=ec("2.5")), shelf=labelled()),
    "rounded up": lambda: measured_by("170 mL/L", "180", "60"),
    "two bottles run out": lambda: plan(
        pair(), shelf=Shelf({"one": OnShelf(left=F(0)), "two": OnShelf(left=F("150.5"))})),
    "no cal-mag is needed": lambda: plan(
        CREDIT, water=water("0.3", calcium="60"), shelf=shelf(limpet=CALMAG)),
    "far above its ranges and saturated": lambda: plan(
        pair("6 mL/L"), shelf=labelled(),
        water=water("1.2", calcium="180", alkalinity="400", ph=F("8.2"))),
    "sulfuric for mains": lambda: plan(
        pair(), water=water("0.5", **MAINS), shelf=shelf(acid_on_shelf(AcidKind.SULFURIC, "93"))),
    "coir without a window": lambda: plan(pair(ph=None), grown_in=Medium.COIR),
}  # fmt: skip


def told(name: str, cautions: Iterable[Caution]) -> list[str]:
    """Cautions as `cautions.read` has them."""
    lines = [f"## {name}"]
    for one in cautions:
        lines += [f"{one.code} ({one.severity}) {' '.join(one.products)}".rstrip(), words_of(one)]
        lines += [f"{sign} {key} {text}" for sign, facts in (("=", one.values), ("→", one.remedy))
                  for key, text in facts.items()]  # fmt: skip
    return lines


CAUTIONS = Path(__file__).parent / "cautions.read"


def all_told() -> list[str]:
    """Each caution of the catalogue where it is raised, then all cautions of the further mixes."""
    by_code = (told(code, (c for c in raises().cautions if c.code == code))
               for code, (raises, _) in CASES.items())  # fmt: skip
    further = (told(name, make().cautions) for name, make in MORE.items())
    return [line for lines in (*by_code, *further) for line in lines]


def test_cautions_say_what_was_read_and_computed_by_hand() -> None:
    """`cautions.read` was checked line by line: shares of RO, ppm of labels, hours, what is short."""
    assert all_told() == CAUTIONS.read_text().splitlines()


def test_every_code_of_the_catalogue_has_both_its_cases() -> None:
    assert set(CASES) == set(CATALOGUE)


@pytest.mark.parametrize("code", CATALOGUE)
def test_raised_by_its_condition_and_by_nothing_short_of_it(code: str) -> None:
    raises, does_not = CASES[code]
    assert code in codes(raises())
    assert code not in codes(does_not())


@pytest.mark.parametrize("code", CATALOGUE)
def test_a_message_names_risk_and_way_out_and_fits_the_margin(code: str) -> None:
    sheet = CASES[code][0]()
    caution = next(c for c in sheet.cautions if c.code == code)
    assert caution.severity is CATALOGUE[code].severity
    assert 40 < len(words_of(caution)) < 340
    assert not words_of(caution)[0].islower()
    assert words_of(caution).endswith(".")
    for slip in ("_", "None", "Fraction", "  "):
        assert slip not in words_of(caution)
    assert all(isinstance(value, str) for value in caution.values.values())
    assert set(caution.products) <= {pour.product.key for pour in sheet.pours} | {"one", "two"}


def test_a_stop_keeps_the_mix_until_it_is_acknowledged_by_name() -> None:
    for code, entry in CATALOGUE.items():
        sheet = CASES[code][0]()
        stops = {c.code for c in sheet.cautions if c.severity is Severity.STOP}
        assert set(sheet.unacknowledged) == stops
        assert (code in stops) == (entry.severity is Severity.STOP)
    stopped = plan(pair(), shelf=left("199"), acknowledged=frozenset({"bottle_runs_out"}))
    assert "bottle_runs_out" in codes(stopped)
    assert stopped.unacknowledged == ()
    other = plan(pair(), shelf=left("199"), acknowledged=frozenset({"water_too_strong"}))
    assert other.unacknowledged == ("bottle_runs_out",)


def test_the_gravest_comes_first() -> None:
    severities = [c.severity for c in adjusters("unknown").cautions]
    assert severities == sorted(severities, key=list(Severity).index)
    assert severities[0] is Severity.STOP


def test_hard_water_is_known_by_its_report_where_nobody_read_it() -> None:
    unread = codes(plan(HARD_POUR, water=water(None, calcium="90")))
    assert "hard_water" in unread
    assert "hard_water" not in codes(plan(HARD_POUR, water=water(None, calcium="60")))


def test_a_sound_mix_has_nothing_to_mind() -> None:
    assert codes(plan(pair(target=ec("0.8")), strength="0.5", water=water("0.4"))) == set()


def test_what_can_hurt_someone_says_how_to_stay_whole() -> None:
    told = {c.code: words_of(c) for c in adjusters(acid(AcidKind.SULFURIC, "93.2")).cautions}
    for word in ("goggles", "gloves", "acid into water", "never the other way", "label"):
        assert word in told["acid_into_water"]
    assert "trained people" in told["sulfuric_heats"]


def raised(code: str) -> Caution:
    return next(c for c in CASES[code][0]().cautions if c.code == code)


def test_a_remedy_is_what_makes_the_caution_go() -> None:
    assert raised("soil_chart_in_water").remedy == {"strength": "0.5"}
    assert "soil_chart_in_water" not in codes(plan(SOIL, strength="0.5"))
    assert raised("seedlings_low_end").remedy == {"end": "low"}
    assert raised("hard_form_on_shelf").remedy == {"hard_forms": "true"}
    assert raised("held_elsewhere").remedy == {"column": "w2"}
    # The part that was not wished for follows the one that was.
    assert raised("pair_unequal").remedy == {"product": "two", "strength": "0.5"}
    assert raised("base_part_missing").remedy == {"product": "one", "strength": "1"}
    credit = raised("calmag_credit")
    assert "calmag_credit" not in codes(credited("120", share=credit.remedy["strength"]))


@pytest.mark.parametrize(
    ("calcium", "magnesium", "strength"),
    [
        # 1 mL/L × 1.25 g/mL × 3.2 and 1.2 % bring 40 ppm calcium and 15 magnesium; the crop takes
        # about 140 and 40, the middle of leafy ranges (after Jones and Resh, from memory)
        ("120", "40", "0.5"), ("140", "40", "0"), ("139.9", "40", "0"), ("140", "32.5", "0.5"),
        ("120", "30", "0.67"), ("140", "25", None), ("99", "40", None), ("19.9", "40", None),
    ],
)  # fmt: skip
def test_cal_mag_is_cut_to_what_water_and_feed_leave_open_of_either(
    calcium: str, magnesium: str, strength: str | None
) -> None:
    sheet = credited(calcium, magnesium)
    found = [one for one in sheet.cautions if one.code == "calmag_credit"]
    assert [one.remedy["strength"] for one in found] == ([strength] if strength else [])


def test_what_the_base_brings_counts_and_one_without_a_label_leaves_it_open() -> None:
    """In mains: 68 ppm calcium and 125 of One, 7 magnesium and 31 of Two; with all of the cal-mag
    calcium is above the 200 of its range, and so the low ends of 80 and 20 count."""
    fed = chart([*pair().products, product("limpet", Role.CALMAG)],
                [*pair().doses, dose("limpet", "1 mL/L")])  # fmt: skip
    mains = water("0.52", calcium="68", magnesium="7")
    told = plan(fed, water=mains, shelf=shelf(one=PART_ONE, two=PART_TWO, limpet=CALMAG))
    [credit] = [one for one in told.cautions if one.code == "calmag_credit"]
    assert words_of(credit) == (
        "Limpet at 100 mL brings 40 ppm calcium, and without it the tank has 193 of the 80 that "
        "the crop takes; 15 ppm magnesium, and without it the tank has 38 of the 20 that the crop "
        "takes: leave the cal-mag out."
    )
    blind = plan(fed, water=mains, shelf=shelf(limpet=CALMAG))
    assert "calmag_credit" not in codes(blind)


def test_the_verdict_on_salty_water_names_the_ro_that_mends_it() -> None:
    sheet = plan(pair(target=ec("0.6")), convention=TargetConvention.ALL_IN, water=water("0.4"))
    verdict = next(c for c in sheet.cautions if c.code == "water_takes_half")
    # 0.4 × (1 - share) is a third of 0.6.
    assert F(verdict.values["ro_share"]) == F("0.5")
    on_top = raised("water_takes_half").values
    mixed = F(on_top["source"]) * (1 - F(on_top["ro_share"]))
    assert mixed * 3 == pytest.approx(mixed + F("0.3"))


def test_own_ranges_go_before_the_general_ones() -> None:
    sheet = feeding("2")
    assert sheet.in_tank is not None
    wide = {one.element: Window(F(0), F(9999), own=True) for one in sheet.in_tank.elements}
    assert "elements_out_of_range" not in codes(feeding("2", windows=wide))


def test_the_page_of_warnings_is_the_catalogue() -> None:
    assert (ROOT / "docs" / "cautions.md").read_text() == page()


def test_volumes_in_messages_are_in_the_persons_own_unit() -> None:
    told = plan(pair(), "100 gal_us", joined=Volume(F(425)))
    [message] = [
        words_of(one, Manner(volume=VolumeUnit.GAL_US))
        for one in told.cautions
        if one.code == "volume_unlike_tank"
    ]
    assert message.startswith("100 gal US is less than the 112.3 gal US of water joined")


def test_a_weak_start_is_beside_the_ranges_of_a_weak_start() -> None:
    assert "elements_out_of_range" not in codes(feeding("0.5"))
    for sheet in (feeding("2"), feeding("1"), feeding("0.5")):
        for caution in sheet.cautions:
            assert not re.search(r"(\d+), (?:below|above) \1\b", words_of(caution))


def test_the_acid_that_takes_an_element_out_of_its_range_is_named_with_another() -> None:
    hard = water("0.86", alkalinity="265", calcium="112", magnesium="15", sodium="31", ph=F("7.3"))
    both = labelled(acid_on_shelf(AcidKind.PHOSPHORIC, "59"), acid_on_shelf())
    sheet = plan(pair(target=ec("1.45")), water=hard, shelf=both, acid="phosphoric")
    [out] = [caution for caution in sheet.cautions if caution.code == "elements_out_of_range"]
    assert "Down phosphoric brings" in words_of(out)
    assert out.remedy == {"acid": "nitric"}


def test_water_of_little_calcium_is_not_said_to_lock_food_out() -> None:
    salty = plan(pair(), water=water("0.6", calcium="5", magnesium="1"))
    assert "hard_water" not in codes(salty)
    [found] = [caution for caution in salty.cautions if caution.code == "salty_water"]
    assert "far more than its lime makes" in words_of(found)
    # what is not known may be all of it
    assert not {"hard_water", "salty_water"} & codes(plan(pair(), water=water("0.6", calcium="5")))


def test_a_report_of_one_or_two_ions_does_not_tell_what_a_water_conducts() -> None:
    assert "water_unlike_report" not in codes(
        plan(pair(), water=water("0.9", calcium="5", alkalinity="100", ph=F(7)))
    )


def taken(request: MixRequest, remedy: Mapping[str, str]) -> MixRequest:
    """A mix with its way out taken, as a press on it does."""
    match dict(remedy):
        case {"product": key, **how}:
            strength, end = how.get("strength"), how.get("end")
            wish = Override(key, strength and F(strength), end and End(end))  # type: ignore[arg-type]
            rest = (one for one in request.overrides if one.product != key)
            return replace(request, overrides=(*rest, wish))
        case {"strength": strength}:
            return replace(request, strength=F(strength))
        case {"end": end}:
            return replace(request, end=End(end))
        case {"hard_forms": "true"}:
            return replace(request, hard_forms=True)
        case _:
            return replace(request, **remedy)  # type: ignore[arg-type]


@pytest.mark.parametrize("code", [*CASES])
def test_each_way_out_that_is_offered_leads_out(code: str, monkeypatch: pytest.MonkeyPatch) -> None:
    asked: list[MixRequest] = []
    monkeypatch.setattr(
        "tests.core.mixes.plan_mix", lambda request: asked.append(request) or plan_mix(request)
    )
    caution = raised(code)
    if caution.remedy:
        assert code not in codes(plan_mix(taken(asked[-1], caution.remedy)))


def test_seedlings_and_pairs_are_judged_by_what_each_product_gets() -> None:
    low = [Override(key, None, End.LOW) for key in ("one", "two")]
    assert "seedlings_low_end" not in codes(plan(SEEDLINGS, overrides=tuple(low)))
    one = plan(pair("2-3 mL/L"), overrides=(Override("one", None, End.HIGH),))
    [unequal] = [caution for caution in one.cautions if caution.code == "pair_unequal"]
    assert unequal.remedy == {"product": "two", "end": "high"}
    assert words_of(unequal).startswith("One gets 300 mL and Two 250 mL;")
    assert unequal.values == {"one": "300", "two": "250"}
    mended = (Override("one", None, End.HIGH), Override("two", None, End.HIGH))
    assert "pair_unequal" not in codes(plan(pair("2-3 mL/L"), overrides=mended))
    dry = chart([product("one", Role.BASE, group="g"), product("two", Role.BASE, group="g", form=DRY)],
                [dose("one", "2 mL/L"), dose("two", "1 g/L")])  # fmt: skip
    strangers = chart([product("one", Role.BASE), product("two", Role.BASE)],
                      [dose("one", "2 mL/L"), dose("two", "1 mL/L")])  # fmt: skip
    for of in (dry, strangers):
        assert not {"pair_unequal", "pair_printed_unequal"} & codes(plan(of))


def test_sulfuric_at_hand_is_a_stop_whether_or_not_alkalinity_is_known() -> None:
    strong = acid_on_shelf(AcidKind.SULFURIC, "93")
    for source in (water("0.5"), water("0.5", alkalinity="150", ph=F("7.5"))):
        assert "sulfuric_heats" in plan(pair(), water=source, shelf=labelled(strong)).unacknowledged


@pytest.mark.parametrize(
    ("strength", "heats"),
    [({"percent": "50"}, False), ({"percent": "50.1"}, True), ({"molar": "7"}, False),
     ({"molar": "7.1"}, True)],
)  # fmt: skip
def test_sulfuric_heats_from_half_by_weight_or_as_many_moles(
    strength: dict[str, str], heats: bool
) -> None:
    """50 % by weight at 1.395 g/mL and 98.08 g/mol is 7.1 mol/L: CRC Handbook."""
    of = {name: F(figure) for name, figure in strength.items()}
    bottle = AcidOnShelf("s", "Down S", Acid(AcidKind.SULFURIC, **of))
    found = codes(plan(pair(), water=water("0.5", alkalinity="150"), shelf=labelled(bottle)))
    assert ("sulfuric_heats" in found) is heats


def test_every_alkali_that_chemistry_sees_is_one() -> None:
    assert "acid_and_alkali" in codes(adjusters(acid(), salt(Salt.POTASSIUM_CARBONATE)))
    silicate = label("1.1", K2O="20", SiO2="2")
    assert "acid_and_alkali" in codes(adjusters(acid(), silicate))


def test_what_no_label_tells_is_not_nought_and_nobody_knows_the_ph() -> None:
    """The living raft: nothing tells what an unlabelled feed brings."""
    known = water("0.02", alkalinity="3", calcium="0", ph=F("6.3"))
    living = product("one", Role.BASE, settles=True)
    nothing = plan(chart([living], [dose("one", "8 mL/L")]), water=known)
    assert nothing.in_tank is not None
    assert (nothing.in_tank.label_coverage, nothing.in_tank.ph, nothing.in_tank.acid) == (
        "nothing",
        None,
        None,
    )
    assert nothing.in_tank.unlabelled == ("One",)
    assert nothing.pours[-1].ph_after is None
    assert "no_buffer" not in codes(nothing)  # a living feed steadies itself
    part = plan(pair(), water=known, shelf=shelf(one=PART_ONE))
    assert part.in_tank is not None
    assert (part.in_tank.label_coverage, part.in_tank.ph) == ("part", None)
    assert [pour.ph_after is None for pour in part.pours] == [False, True]
    whole = plan(pair(), water=known, shelf=labelled())
    assert whole.in_tank is not None
    assert whole.in_tank.label_coverage == "all"
    assert whole.in_tank.ph is not None


def test_where_only_the_reading_tells_a_thin_water_has_no_buffer() -> None:
    assert "no_buffer" in codes(plan(pair(), water=water("0.05")))
    assert "no_buffer" not in codes(plan(pair(), water=water("0.4")))


@pytest.mark.parametrize(
    ("amount", "said"),
    [("105 mL/L", "100 mL, 5 % too little"), ("95 mL/L", "100 mL, 5 % too much")],
)
def test_rounding_says_which_way_it_goes(amount: str, said: str) -> None:
    """A dilution of so much would take more than a cup."""
    jug = Vessel(VesselKind.JUG, F(1000), F(50))
    of = chart([product("one", Role.BASE)], [dose("one", amount)])
    told = {one.code: words_of(one) for one in plan(of, "1 L", vessels=(jug,)).cautions}
    assert said in told["rounding_shows"]


def element(ppm: float, low: str, high: str, from_acid: float = 0.0) -> ElementInTank:
    return ElementInTank(Element.P, ppm, 0.0, from_acid, Window(F(low), F(high)))


@pytest.mark.parametrize(
    ("found", "said"),
    [
        (element(9.94, "15", "60"), "P 9.9, below 15"), (element(10, "15", "60"), "P 10, below 15"),
        (element(61.4, "15", "60"), "P 61, above 60"),
        (element(2.04, "2.5", "60"), "P 2.0, below 2.5"),
    ],
)  # fmt: skip
def test_what_is_beside_its_range_is_told_as_it_is_shown(found: ElementInTank, said: str) -> None:
    assert wording(_beside_range(found)) == said


@pytest.mark.parametrize(
    ("found", "by_acid"),
    [
        (element(70, "15", "60", 15), True), (element(70, "15", "60", 10), True),
        (element(70, "15", "60", 9.9), False), (element(60, "15", "60", 30), False),
        (element(70, "15", "60"), False), (ElementInTank(Element.P, 70, 0, 30, None), False),
    ],
)  # fmt: skip
def test_acid_is_named_where_without_it_an_element_would_be_in_its_range(
    found: ElementInTank, by_acid: bool
) -> None:
    assert _is_brought_by_acid(found) is by_acid


@pytest.mark.parametrize(
    ("reading", "says"),
    [("0.39", True), ("0.37", False), ("0.20", True), ("0.21", False)],
)
def test_a_reading_parts_from_its_report_by_a_share_and_not_by_a_little(
    reading: str, says: bool
) -> None:
    """2.8 meq/L conduct about 0.29 mS/cm (100 µS/cm for each: Standard Methods 1030 E, from
    memory), of which 30 % are 0.09."""
    sheet = plan(pair(), water=water(reading, **LISTED))
    assert ("water_unlike_report" in codes(sheet)) is says


def test_a_little_salt_in_very_pure_water_is_no_other_water() -> None:
    pure = {"calcium": "1", "alkalinity": "4", "sodium": "1", "magnesium": "0", "chloride": "0",
            "sulfur": "0"}  # fmt: skip
    assert "water_unlike_report" not in codes(plan(pair(), water=water("0.04", **pure)))
    assert "water_unlike_report" in codes(plan(pair(), water=water("0.09", **pure)))


def test_a_report_that_leaves_ions_open_contradicts_only_a_reading_below_it() -> None:
    """What it does not list may make the rest of a reading, but never take any of it away."""
    part = {"calcium": "60", "alkalinity": "150", "ph": F(7)}
    assert "water_unlike_report" not in codes(plan(pair(), water=water("0.9", **part)))
    assert "water_unlike_report" in codes(plan(pair(), water=water("0.1", **part)))


@pytest.mark.parametrize(("reading", "calcium", "salty"), [
    ("0.8", "70", True), ("0.52", "50", False), ("0.521", "50", True), ("0.52", "49.9", True),
    ("0.401", "30", True),
])  # fmt: skip
def test_water_is_salty_where_lime_makes_less_than_half_of_its_reading(
    reading: str, calcium: str, *, salty: bool
) -> None:
    """50 ppm calcium are 2.5 meq/L, which conduct 0.26 mS/cm as bicarbonate (2.5 × 0.104: CRC
    Handbook's limiting conductivities, from memory)."""
    sheet = plan(pair(), water=water(reading, calcium=calcium, magnesium="0"))
    assert ("salty_water" in codes(sheet)) is salty
    # 35 ppm magnesium conduct as much as 54 of calcium
    dolomite = plan(pair(), water=water("0.7", calcium="50", magnesium="35"))
    assert "salty_water" not in codes(dolomite)


def test_water_that_does_not_read_hard_is_not_salty() -> None:
    assert not water("0.4", calcium="5").is_salty
    assert not water(None, calcium="5").is_salty


def test_cultures_that_go_in_first_are_warned_of_where_acid_is_still_to_come() -> None:
    """Where pH is known beforehand, by whether the tank takes any."""
    first = OrderPreferences(live=LivePlace.FIRST)
    shelf_of = shelf(acid_on_shelf(), base=label(P2O5="3.2", K2O="6.4", N_nitrate="2"))
    sour = plan(
        FED_LIVE,
        water=water("0.02", alkalinity="2", ph=F(6)),
        shelf=shelf_of,
        order_preferences=first,
    )
    hard = plan(FED_LIVE, water=water("0.5", **MAINS), shelf=shelf_of, order_preferences=first)
    assert sour.in_tank is not None
    assert (sour.in_tank.ph is not None, sour.in_tank.acid) == (True, None)
    assert "live_before_acid" not in codes(sour)
    assert "live_before_acid" in codes(hard)
    # an acid that the chart doses goes in whatever the tank takes
    down = chart(
        [product("mud", Role.LIVE), product("down", Role.PH_ADJUSTER)],
        [dose("mud", "1 mL/L"), dose("down", "0.1 mL/L")],
    )
    dosed = plan(down, water=water("0.02", alkalinity="2", ph=F(6)), order_preferences=first)
    assert "live_before_acid" in codes(dosed)
    assert "live_before_acid" not in codes(plan(down, water=water("0.02", alkalinity="2", ph=F(6))))


@pytest.mark.parametrize(
    ("times", "said"),
    [(1.04, "1.0"), (1.96, "2.0"), (2.4, "2"), (9.4, "9"), (10.4, "10"), (84.9, "80"), (85.1, "90"),
     (123.0, "100"), (1260.0, "1000")],
)  # fmt: skip
def test_how_many_times_saturated_is_said_to_a_figure_or_two(times: float, said: str) -> None:
    assert wording(Message("product", name=times_over(times))) == said


@pytest.mark.parametrize(("share", "told"), [("0.51", False), ("0.52", True), ("0.4", False)])
def test_a_cal_mag_that_is_cut_to_what_is_lacking_is_no_more_cautioned(
    share: str, told: bool
) -> None:
    """Half of it is lacking, and a hundredth more is a matter of rounding."""
    sheet = credited("120", share=share)
    assert ("calmag_credit" in codes(sheet)) is told


@pytest.mark.parametrize(("share", "told"), [("1", False), ("1.001", True)])
def test_all_of_the_printed_dose_is_not_more_than_it(share: str, told: bool) -> None:
    sheet = plan(pair(), overrides=(Override("one", F(share)), Override("two", F(share))))
    assert ("strength_over_chart" in codes(sheet)) is told
