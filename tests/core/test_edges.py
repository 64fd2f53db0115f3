"""Where a rule begins and ends: each threshold of the handbook, on it and just beside it.

The figures are written out here a second time, as the trade gives them, and never taken from the
code under test.
"""

from dataclasses import replace
from fractions import Fraction
from typing import Any

import periodictable
import pytest

from core.chart import Form, Role, Stage
from core.chemistry import (
    Acid,
    AcidKind,
    Basis,
    Element,
    Label,
    Nutrient,
    Salt,
    contents_of,
    molarity,
)
from core.chemistry.acids import MOLAR_MASS
from core.chemistry.carbonate import acid_between, alkali_between
from core.chemistry.contents import Doubt
from core.chemistry.elements import Component
from core.errors import InputError
from core.guided.ph.adjusting import pen_over
from core.guided.readings.plausible import is_odd_reading, is_odd_volume
from core.guided.steps import StepKind
from core.leaflet.meaning import amount_range_words
from core.order.rules import stir_for, wait_after
from core.planning.sheet import ElementInTank
from core.quantities import Amount, AmountUnit, Reading, Volume
from core.tending.due import Due, due_of
from core.vessels import Vessel, VesselKind, cup_for, measure
from core.water import Disinfectant, LabReport, Water, WaterKind
from core.windows import Window, element_windows
from tests.core.guided import PLANS
from tests.core.mixes import F, product

WAITS = {
    "buffer": 3, "silica": 5, "calmag": 3, "base": 5, "magnesium": 3, "additive_alkaline": 2,
    "enzyme": 2, "additive": 2, "booster": 2, "ph_adjuster": 5, "live": 2,
}  # fmt: skip
"""Minutes after each pour: silica, base and pH common practice, the rest a few minutes."""


RANGES = {  # leafy, fruiting and seedlings, ppm; after Jones and Resh, from memory
    "N": ((100, 200), (100, 220), (40, 120)), "P": ((15, 60), (25, 65), (8, 40)),
    "K": ((100, 250), (150, 350), (40, 150)), "Ca": ((80, 200), (100, 220), (30, 120)),
    "Mg": ((20, 60), (30, 70), (8, 40)), "S": ((20, 110), (30, 130), (8, 80)),
    "Fe": ((1, 5), (1, 5), (0, 3)), "Na": ((0, 50), (0, 50), (0, 40)),
    "Cl": ((0, 100), (0, 120), (0, 80)),
}  # fmt: skip


@pytest.mark.parametrize("element", RANGES)
def test_each_element_has_its_range_by_stage(element: str) -> None:
    stages = {
        0: (None, Stage.LEAF, Stage.TRANSITION),
        1: (Stage.FLOWER, Stage.RIPEN),
        2: (Stage.SEEDLING,),
    }
    for place, those in stages.items():
        for stage in those:
            low, high = RANGES[element][place]
            assert element_windows(stage, None, {})[Element(element)] == Window(F(low), F(high))
            weak = element_windows(stage, None, {}, F("0.5"))[Element(element)]
            assert weak == Window(F(low) / 2, F(high))
            assert element_windows(stage, None, {}, F(2))[Element(element)].low == low


@pytest.mark.parametrize(
    ("ppm", "is_out"),
    [(10.4, False), (10.6, True), (9.9, False), (0.96, False), (0.94, True), (1.0, False)],
)
def test_an_element_is_beside_its_range_by_more_than_the_last_figure_that_is_shown(
    ppm: float, is_out: bool
) -> None:
    """From 10 ppm whole ones are shown, below tenths."""
    assert ElementInTank(Element.P, ppm, 0, 0, Window(F(1), F(10))).is_out is is_out
    assert not ElementInTank(Element.P, ppm, 0, 0, None).is_out
    assert not ElementInTank(Element.P, 9.96, 0, 0, Window(F(10), F(20))).is_out
    assert ElementInTank(Element.P, 9.94, 0, 0, Window(F(10), F(20))).is_out


@pytest.mark.parametrize(("role", "minutes"), WAITS.items())
def test_each_role_waits_its_own_time_and_longer_in_large_tanks(role: str, minutes: int) -> None:
    one = product("x", Role(role))
    litres = {"10": 0, "500": 0, "500.001": 2, "2000": 2, "2000.001": 5, "90000": 5}
    found = {size: wait_after(one, Volume(F(size))) - minutes for size in litres}
    assert found == litres
    assert wait_after(product("x", Role(role), wait_min=11), Volume(F(9000))) == 11


def test_stirring_takes_half_a_minute_to_three() -> None:
    litres = {"1": 30, "25": 30, "25.001": 60, "100": 60, "100.001": 120, "500": 120,
              "500.001": 180, "9000": 180}  # fmt: skip
    assert {size: stir_for(Volume(F(size))) for size in litres} == litres


@pytest.mark.parametrize(
    ("fields", "code"),
    [
        ({"ph": "0"}, None), ({"ph": "14"}, None), ({"ph": "14.01"}, "ph_out_of_range"),
        ({"ph": "-0.01"}, "ph_out_of_range"), ({"temperature": "0"}, None),
        ({"temperature": "60"}, None), ({"temperature": "60.1"}, "temperature_out_of_range"),
        ({"temperature": "-0.1"}, "temperature_out_of_range"), ({"stood_h": "10000"}, None),
        ({"stood_h": "10000.1"}, "hours_out_of_range"),
        # Titration to pH 4.3 finds no alkalinity below it: Standard Methods 2320 B, from memory.
        ({"ph": "4.3", "alkalinity": "80"}, None), ({"ph": "4.29", "alkalinity": "5"}, None),
        ({"ph": "4.29", "alkalinity": "5.01"}, "water_impossible"), ({"ph": "4.29"}, None),
        ({"sodium": "40000"}, None), ({"sodium": "40000.01"}, "report_out_of_range"),
    ],
)  # fmt: skip
def test_what_no_water_is_is_refused(fields: dict[str, str], code: str | None) -> None:
    def build() -> Water:
        told: dict[str, Any] = {name: F(text) for name, text in fields.items()}
        report = {name: told.pop(name) for name in ("alkalinity", "sodium") if name in told}
        return Water(report=LabReport(**report), **told)

    if code is None:
        build()
        return
    with pytest.raises(InputError) as refused:
        build()
    assert refused.value.code == code


def of_report(**report: str) -> Water:
    return Water(report=LabReport(**{name: F(text) for name, text in report.items()}))


def read(ms_cm: str, **fields: Any) -> Water:
    return Water(Reading(F(ms_cm)), **fields)


@pytest.mark.parametrize(
    ("water", "hard"),
    [
        (read("0.4"), False), (read("0.401"), True), (of_report(calcium="70"), False),
        (of_report(calcium="70.1"), True), (Water(), False),
    ],
)  # fmt: skip
def test_water_is_hard_above_200_ppm_or_70_of_calcium(water: Water, hard: bool) -> None:
    """Common practice; 200 ppm on the 500 scale is 0.4 mS/cm."""
    assert water.is_hard is hard


@pytest.mark.parametrize(
    ("water", "lacks"),
    [
        (of_report(alkalinity="30"), False), (of_report(alkalinity="29.9"), True),
        (read("0.1"), True), (read("0.101"), False), (Water(kind=WaterKind.RO), True),
        (Water(kind=WaterKind.RAIN), True), (Water(kind=WaterKind.WELL), False),
        (Water(Reading(F("0.05")), report=LabReport(alkalinity=F(40))), False), (Water(), False),
    ],
)  # fmt: skip
def test_water_lacks_a_buffer_below_30_of_alkalinity(water: Water, lacks: bool) -> None:
    assert water.lacks_buffer is lacks


@pytest.mark.parametrize(
    ("fields", "chlorinated", "hours"),
    [
        ({"kind": WaterKind.MAINS}, True, 24), ({"kind": WaterKind.WELL}, False, 24),
        ({"kind": WaterKind.MAINS, "stood_h": F(24)}, False, 0),
        ({"kind": WaterKind.MAINS, "stood_h": F("23.5")}, True, F("0.5")),
        ({"kind": WaterKind.MAINS, "disinfectant": Disinfectant.NONE}, False, 24),
        ({"kind": WaterKind.WELL, "disinfectant": Disinfectant.CHLORINE}, True, 24),
        ({"disinfectant": Disinfectant.CHLORAMINE, "stood_h": F(99)}, True, 0),
    ],
)  # fmt: skip
def test_chlorine_leaves_in_a_day_and_chloramine_does_not(
    fields: dict[str, Any], chlorinated: bool, hours: object
) -> None:
    water = Water(**fields)
    assert (water.is_chlorinated, water.hours_to_stand) == (chlorinated, hours)


OXIDES = {"P2O5": ("P", 2), "K2O": ("K", 2), "CaO": ("Ca", 1), "MgO": ("Mg", 1), "SO3": ("S", 1),
          "SiO2": ("Si", 1)}  # fmt: skip
NITROGEN = {"N_nitrate", "N_ammonium", "N_urea", "N"}


@pytest.mark.parametrize("line", [n for n in Nutrient if n.value not in NITROGEN])
def test_each_line_of_a_label_means_its_element(line: Nutrient) -> None:
    """1 % by weight of a liquid of 1 g/mL is 10 mg in a mL; molar masses by periodictable."""
    symbol, atoms = OXIDES.get(line.value, (line.value, 1))
    whole = periodictable.formula(line.value).mass
    mol = 0.01 / whole * atoms
    label = Label({line: F(1)}, Basis.BY_WEIGHT, F(1))
    brings = contents_of(label, Form.LIQUID, Role.ADDITIVE).moles
    of = {component.value: mol for component, mol in brings.items()}
    names = {"P": "phosphorus", "K": "potassium", "Ca": "calcium", "Mg": "magnesium",
             "S": "sulfate", "Si": "silicon", "Fe": "iron", "Mn": "manganese", "Zn": "zinc",
             "Cu": "copper", "B": "boron", "Mo": "molybdenum", "Na": "sodium", "Cl": "chloride"}  # fmt: skip
    component = next(c for c in Component if c.name.lower() == names[symbol])
    assert of[component.value] == pytest.approx(mol, rel=2e-3)


ACIDS = {"nitric": "HNO3", "phosphoric": "H3PO4", "sulfuric": "H2SO4", "citric": "C6H8O7"}


@pytest.mark.parametrize(("kind", "formula"), ACIDS.items())
def test_acids_weigh_what_their_formulas_do(kind: str, formula: str) -> None:
    mass = periodictable.formula(formula).mass
    assert MOLAR_MASS[AcidKind(kind)] == pytest.approx(mass, rel=1e-4)
    # A litre of 1.2 g/mL at 30 %: 360 g.
    assert molarity(Acid(AcidKind(kind), F(30)), F("1.2"))[0] == pytest.approx(360 / mass, rel=1e-3)


def test_a_salt_is_counted_by_its_purity_and_basis() -> None:
    """Magnesium sulfate heptahydrate, 246.47 g/mol: CRC Handbook."""
    whole = contents_of(Label({}, salt=Salt.MAGNESIUM_SULFATE), Form.DRY, Role.MAGNESIUM).moles
    half = contents_of(
        Label({}, salt=Salt.MAGNESIUM_SULFATE, purity=F(50)), Form.DRY, Role.MAGNESIUM
    ).moles
    assert whole[Component.MAGNESIUM] == pytest.approx(1 / 246.47, rel=1e-3)
    assert half[Component.MAGNESIUM] == pytest.approx(0.5 / 246.47, rel=1e-3)
    assert whole[Component.SULFATE] == pytest.approx(whole[Component.MAGNESIUM])
    by_volume = Label({}, Basis.BY_VOLUME, F("1.2"), salt=Salt.MAGNESIUM_SULFATE, purity=F(20))
    by_weight = Label({}, Basis.BY_WEIGHT, F("1.2"), salt=Salt.MAGNESIUM_SULFATE, purity=F(20))
    moles = [contents_of(one, Form.LIQUID, Role.MAGNESIUM).moles[Component.MAGNESIUM]
             for one in (by_volume, by_weight)]  # fmt: skip
    assert moles[1] == pytest.approx(1.2 * moles[0])


def test_nitrogen_that_no_label_splits_is_nitrate_beside_cations_and_urea_alone() -> None:
    def nitrogen(**lines: str) -> set[Component]:
        analysis = {Nutrient(line): F(percent) for line, percent in lines.items()}
        label = Label(analysis, Basis.BY_WEIGHT, F("1.1"))
        moles = contents_of(label, Form.LIQUID, Role.ADDITIVE).moles
        forms = {Component.NITRATE, Component.UREA, Component.AMMONIUM}
        return {part for part in forms if moles.get(part)}

    assert nitrogen(N="3", K2O="4") == {Component.NITRATE}
    assert nitrogen(N="3", Ca="4") == {Component.NITRATE}
    assert nitrogen(N="3", Mg="2") == {Component.NITRATE}
    assert nitrogen(N="3") == {Component.UREA}


@pytest.mark.parametrize(
    ("kind", "figure", "odd"),
    [
        (StepKind.READ_EC, "8", False), (StepKind.READ_EC, "8.01", True),
        (StepKind.READ_WATER, "8.01", True), (StepKind.READ_PH, "3", False),
        (StepKind.READ_PH, "2.99", True), (StepKind.READ_PH, "10", False),
        (StepKind.READ_PH, "10.01", True), (StepKind.READ_TEMPERATURE, "99", False),
    ],
)  # fmt: skip
def test_readings_that_no_feed_has_are_asked_for_again(
    kind: StepKind, figure: str, odd: bool
) -> None:
    assert is_odd_reading(kind, F(figure)) is odd


def test_a_volume_is_odd_beyond_ten_times_either_way() -> None:
    told = {"100": False, "1000": False, "1000.1": True, "10": False, "9.99": True}
    assert {text: is_odd_volume(F(text), F(100)) for text in told} == told


def test_what_is_due_changes_at_its_hour() -> None:
    at = {"look_again_h": F(24), "change_out_days": F(10), "use_by_days": F(14)}
    found = {
        hours: due_of(F(hours), **at) for hours in ("23.9", "24", "239.9", "240", "335.9", "336")
    }
    assert list(found.values()) == [
        None, Due.LOOK_AGAIN, Due.LOOK_AGAIN, Due.CHANGE_OUT, Due.CHANGE_OUT, Due.USE_BY,
    ]  # fmt: skip


SYRINGE = Vessel(VesselKind.SYRINGE, F(10), F("0.5"))


def ml(value: str | Fraction) -> Amount:
    return Amount(F(value), AmountUnit.ML)


@pytest.mark.parametrize(
    ("amount", "water", "in_all"),
    [("10", "90", "100"), ("5.5", "50", "55.5"), ("6", "54", "60"), ("1", "50", "51")],
)
def test_acid_goes_into_nine_parts_of_water_and_never_less_than_a_small_cup(
    amount: str, water: str, in_all: str
) -> None:
    """1 to 10: common practice. One function for the sheet and the bench."""
    cup = cup_for(ml(amount), measure(ml(amount), (SYRINGE,)))
    assert (cup.water, cup.in_all, cup.premixed) == (ml(water), ml(in_all), False)
    assert cup.goes_in == ml(amount)


def test_what_is_measured_by_a_dilution_is_in_its_cup_already() -> None:
    amount = ml("0.2")
    measured = measure(amount, (SYRINGE,))
    assert measured.dilute is not None
    cup = cup_for(amount, measured)
    assert (cup.goes_in, cup.premixed) == (amount, True)
    assert cup.in_all == measured.dilute.pour
    assert cup.water.value + amount.value == cup.in_all.value


def test_a_dilution_is_for_cups_and_for_what_no_mark_shows() -> None:
    """Half a mL of 0.5 is a mark; less is diluted; what a jug would take is not, but below a mark."""
    assert measure(ml("0.5"), (SYRINGE,)).dilute is None
    assert measure(ml("0.49"), (SYRINGE,)).dilute is not None
    # 24 mL between marks of 20 are off by 17 %: a dilution of 240 mL is still a cup.
    coarse = Vessel(VesselKind.CYLINDER, F(1000), F(20))
    finer = Vessel(VesselKind.CYLINDER, F(250), F(20))
    assert measure(ml("30"), (coarse, finer)).dilute is None  # 300 mL are more than a cup
    assert measure(ml("3"), (coarse,)).dilute is not None
    below = measure(ml("30"), (Vessel(VesselKind.CYLINDER, F(1000), F(50)),))  # no mark shows it
    assert below.dilute is not None
    assert below.dilute.pour == ml("300")


def test_water_that_stands_at_a_ph_takes_nothing_and_never_gives() -> None:
    assert acid_between(6.0, 6.0, 3.0) == 0
    assert acid_between(5.5, 6.5, 3.0) == 0
    assert alkali_between(6.0, 5.5, 3.0, 0.0) == 0
    assert acid_between(7.0, 6.0, 3.0) > 0
    # Even a carbonate that gives next to nothing near pH 14 comes to an end.
    assert 0 < alkali_between(6.0, 13.9, 3.0, 1.0) < 1e6


DENSITIES = {  # g/mL near 20 °C by percent of weight: Perry's handbook, from memory
    "nitric": {0.5: 1.0027, 10: 1.054, 20: 1.115, 38: 1.23, 53: 1.33, 68: 1.41, 70: 1.41},
    "phosphoric": {10: 1.053, 30: 1.181, 50: 1.335, 75: 1.579, 85: 1.685},
    "sulfuric": {10: 1.066, 35: 1.26, 50: 1.395, 78: 1.71, 93.2: 1.835, 98: 1.835},
    "citric": {10: 1.039, 30: 1.13, 50: 1.234},
}  # fmt: skip


@pytest.mark.parametrize("kind", DENSITIES)
def test_an_acid_without_a_density_has_that_of_the_handbook(kind: str) -> None:
    for percent, density in DENSITIES[kind].items():
        acid = Acid(AcidKind(kind), F(str(percent)))
        mol_per_l, is_sure = molarity(acid)
        mass = MOLAR_MASS[AcidKind(kind)]
        assert mol_per_l == pytest.approx(percent * 10 * density / mass, rel=1e-6)
        assert not is_sure


@pytest.mark.parametrize(
    ("percent", "molar"), [("0", None), ("100.1", None), (None, "0"), (None, "25.1")]
)
def test_an_acid_of_no_strength_or_of_more_than_all_is_none(
    percent: str | None, molar: str | None
) -> None:
    with pytest.raises(InputError):
        Acid(AcidKind.NITRIC, percent and F(percent), molar and F(molar))
    assert Acid(AcidKind.NITRIC, F("0.1")).percent == F("0.1")
    assert Acid(AcidKind.NITRIC, F(100)).percent == 100
    assert Acid(AcidKind.NITRIC, molar=F(25)).molar == 25


@pytest.mark.parametrize(
    ("reported", "expected", "first", "over"),
    # our own defaults: 0.4 above what a lab report's water should read, and as much as a pen that
    # was not calibrated for long where no report tells
    [(True, "6.8", 7.19, 0.0), (True, "6.8", 7.25, 0.45), (True, "6.8", 6.0, 0.0),
     (False, "6.8", 7.04, 1.0), (False, None, 6.0, 1.0)],
)  # fmt: skip
def test_a_pen_that_shows_far_above_the_expected_may_read_too_high(
    reported: bool, expected: str | None, first: float, over: float
) -> None:
    known = None if expected is None else F(expected)
    told = replace(PLANS[0], reported=reported, ph_expected=known)
    assert pen_over(first, told, reported=reported) == pytest.approx(over)
    drops = replace(told, ph_step=F("0.5"))
    assert pen_over(first, drops, reported=reported) == pytest.approx(min(over, 0.5))


HANDBOOK_ACIDS = {  # percent by weight and g/mL near 20 °C; Perry's handbook, from memory
    "nitric": {"10": 1.054, "20": 1.115, "38": 1.23, "53": 1.33, "68": 1.41},
    "phosphoric": {"10": 1.053, "30": 1.181, "50": 1.335, "75": 1.579, "85": 1.685},
    "sulfuric": {"10": 1.066, "35": 1.26, "50": 1.395, "78": 1.71, "93.2": 1.835},
    "citric": {"10": 1.039, "30": 1.13, "50": 1.234},
}


@pytest.mark.parametrize("kind", HANDBOOK_ACIDS)
def test_an_acid_without_its_density_weighs_what_the_handbook_says(kind: str) -> None:
    table = HANDBOOK_ACIDS[kind]
    mass = MOLAR_MASS[AcidKind(kind)]
    for percent, density in table.items():
        found, is_sure = molarity(Acid(AcidKind(kind), F(percent)))
        assert found == pytest.approx(10 * float(percent) * density / mass)
        assert not is_sure
    # half way to the first point from pure water, and as the last one beyond it
    thin, first = molarity(Acid(AcidKind(kind), F(5)))[0], table["10"]
    assert thin == pytest.approx(50 * (1 + first) / 2 / mass)
    last = list(table)[-1]
    beyond = molarity(Acid(AcidKind(kind), F(99)))[0]
    assert beyond == pytest.approx(990 * table[last] / mass)


@pytest.mark.parametrize(("percent", "density", "fits"), [
    ("250", None, True), ("250.1", None, False), ("120", "1.2", True), ("120.1", "1.2", False),
])  # fmt: skip
def test_a_hundred_ml_hold_no_more_than_they_weigh(
    percent: str, density: str | None, fits: bool
) -> None:
    told = {Nutrient.K2O: F(percent)}
    if fits:
        Label(told, Basis.BY_VOLUME, density and F(density))  # type: ignore[arg-type]
        return
    with pytest.raises(InputError) as refused:
        Label(told, Basis.BY_VOLUME, density and F(density))  # type: ignore[arg-type]
    assert refused.value.code == "density_cannot_hold_it"


def test_what_is_not_stated_on_a_label_makes_its_contents_less_sure() -> None:
    """20 % of a salt in a g: 1 + 0.75 × 0.2 g/mL (CRC Handbook's solutions, from memory)."""
    epsom = Label({}, Basis.BY_WEIGHT, salt=Salt.MAGNESIUM_SULFATE, purity=F(20))
    thin = contents_of(epsom, Form.LIQUID, Role.MAGNESIUM)
    assert thin.density == pytest.approx(1.15)
    assert thin.moles[Component.MAGNESIUM] == pytest.approx(0.2 / 246.47 * 1.15, rel=1e-3)
    assert thin.doubts == (Doubt.DENSITY_ESTIMATED,)
    dense = replace(epsom, purity=F(80))  # no more than half of it dissolves
    assert contents_of(dense, Form.LIQUID, Role.MAGNESIUM).density == pytest.approx(1.375)
    said = contents_of(replace(epsom, density=F("1.2")), Form.LIQUID, Role.MAGNESIUM)
    assert (said.density, said.doubts) == (1.2, ())
    acid = Label({}, acid=Acid(AcidKind.NITRIC, F(38)))
    assert contents_of(acid, Form.LIQUID, Role.PH_ADJUSTER).doubts == (
        Doubt.ACID_DENSITY_ESTIMATED,
    )
    weighed = replace(acid, density=F("1.23"))
    assert contents_of(weighed, Form.LIQUID, Role.PH_ADJUSTER).doubts == ()
    unsure = [
        contents_of(one, Form.LIQUID, Role.PH_ADJUSTER).share_uncertainty for one in (acid, weighed)
    ]
    assert unsure == [pytest.approx(0.07), pytest.approx(0.02)]  # our own estimates


def test_three_digits_are_enough_for_a_glance() -> None:
    """Whole from 100, tenths from 10, hundredths below."""
    shown = {"100.4": "100", "99.94": "99.9", "10.04": "10", "10.06": "10.1", "9.994": "9.99"}
    for value, digits in shown.items():
        one = Amount(F(value), AmountUnit.ML)
        assert amount_range_words(one, one) == f"{digits} mL"


def test_nobody_mixes_more_than_a_jug_to_pour_a_little_of_it() -> None:
    """Half a gram by a scale of 1 g: ten marks of it in a litre, or three where that is more."""
    syringe = Vessel(VesselKind.SYRINGE, F(60), F(1))
    for mark, grams in (("1", "10"), ("1.001", "3.003")):
        scale = Vessel(VesselKind.SCALE, F(500), F(mark))
        dilute = measure(Amount(F("0.5"), AmountUnit.G), (scale, syringe)).dilute
        assert dilute is not None
        assert dilute.product.value == F(grams)
        assert dilute.water.value == F(grams) * 100


def test_nitrogen_that_a_label_does_not_split_makes_it_less_sure() -> None:
    """Our own estimates: 4 % of a label, and as much as 5 % more where its nitrogen may be any."""
    split = Label({Nutrient.K2O: F(6), Nutrient.N_NITRATE: F("1.78")}, Basis.BY_VOLUME)
    whole = Label({Nutrient.K2O: F(6), Nutrient.N: F("1.78")}, Basis.BY_VOLUME)
    told = [contents_of(one, Form.LIQUID, Role.BASE) for one in (split, whole)]
    assert [round(one.share_uncertainty, 3) for one in told] == [0.04, 0.09]
    salt = contents_of(Label({}, salt=Salt.MAGNESIUM_SULFATE), Form.DRY, Role.MAGNESIUM)
    assert salt.share_uncertainty == pytest.approx(0.02)  # a formula is surer than any label
    assert Doubt.NITROGEN_NOT_SPLIT in told[1].doubts
