"""What bottles are for by their names, and what a leaflet says of all its figures.

Names are invented, the words in them common practice.
"""

import pytest

from core.chart import Medium, Readings, Role
from core.leaflet.bottles.uses import MOSTLY, guess_names
from core.leaflet.statements import (
    is_statement,
    ppm_scale_in,
    readings_in,
    statements_in,
    unit_said,
)
from core.quantities.dose_units import DoseUnitSaid
from core.wording import wording

BASE, BOOSTER, ADDITIVE = Role.BASE, Role.BOOSTER, Role.ADDITIVE


@pytest.mark.parametrize(
    ("name", "role", "dry", "oxidiser"),
    [
        ("Skerry pH Down", Role.PH_ADJUSTER, False, False), ("pH+", Role.PH_ADJUSTER, False, False),
        ("Citric acid powder", Role.PH_ADJUSTER, True, False),
        ("Glass Silica", Role.SILICA, False, False), ("Si", Role.SILICA, False, False),
        ("Potassium silicate", Role.SILICA, False, False),
        ("Limpet Cal-Mag", Role.CALMAG, False, False), ("CalMag soft", Role.CALMAG, False, False),
        ("Ca + Mg", Role.CALMAG, False, False), ("Calcium & Magnesium", Role.CALMAG, False, False),
        ("Epsom salt", Role.MAGNESIUM, True, False), ("Magnesium sulfate", Role.MAGNESIUM, True, False),
        ("Mudlark microbes", Role.LIVE, False, False), ("Compost tea", Role.LIVE, False, False),
        ("Scour enzymes", Role.ENZYME, False, False), ("Dunlin Zym", Role.ENZYME, False, False),
        ("Tide boost", BOOSTER, False, False), ("P-K 13-14", BOOSTER, False, False),
        ("Bloom power", BOOSTER, False, False), ("Finisher", BOOSTER, False, False),
        ("Buffer", Role.BUFFER, False, False), ("Humic", Role.ADDITIVE_ALKALINE, False, False),
        ("Root tonic", Role.ADDITIVE_ALKALINE, False, False),
        ("Hydrogen peroxide", ADDITIVE, False, True), ("Kelp", ADDITIVE, False, False),
        ("Grow", BASE, False, False), ("All-in-one feed", BASE, False, False),
        ("Calcium nitrate", BASE, True, False), ("20-20-20 soluble", BASE, True, False),
        ("Sideshow", ADDITIVE, False, False), ("Pearl", ADDITIVE, False, False),
    ],
)  # fmt: skip
def test_a_name_tells_its_role(name: str, role: Role, dry: bool, oxidiser: bool) -> None:
    [found] = guess_names([name])
    assert (found.role, found.dry, found.oxidiser) == (role, dry, oxidiser)
    assert found.sure is (name not in {"Sideshow", "Pearl"})
    word = wording(found.role_why).partition("“")[2].rstrip("”")
    assert word in name.lower()


def roles(*names: str, **given: dict[int, str] | dict[int, float]) -> list[tuple[Role, str, int]]:
    return [(one.role, one.group, one.rank) for one in guess_names(names, **given)]  # type: ignore[arg-type]


@pytest.mark.parametrize(
    ("names", "expected"),
    [
        (["Grow A", "Grow B"], [(BASE, "grow", 1), (BASE, "grow", 2)]),
        (["Bloom B", "Bloom A"], [(BASE, "bloom", 2), (BASE, "bloom", 1)]),
        (["Skerry Part 1", "Skerry Part 2"], [(BASE, "skerry", 1), (BASE, "skerry", 2)]),
        (["Part one bloom", "Part two bloom"], [(BASE, "bloom", 1), (BASE, "bloom", 2)]),
        (["A", "B"], [(BASE, "base", 1), (BASE, "base", 2)]),
        (["Dunlin I", "Dunlin II", "Dunlin III"],
         [(BASE, "dunlin", 1), (BASE, "dunlin", 2), (BASE, "dunlin", 3)]),
        # micro before grow before bloom, in whatever order they are printed
        (["Bloom", "Grow", "Micro"], [(BASE, "base", 3), (BASE, "base", 2), (BASE, "base", 1)]),
        (["Grow", "Bloom"], [(BASE, "base", 0), (BASE, "base", 0)]),
        (["Micro", "Basic"], [(BASE, "base", 1), (BASE, "base", 2)]),
        # one of two is no part
        (["Grow A"], [(BASE, "base", 0)]), (["Dunlin One"], [(ADDITIVE, "", 0)]),
        (["Dunlin One", "Dunlin Two"], [(BASE, "dunlin", 1), (BASE, "dunlin", 2)]),
        (["Grow A", "Grow B", "Dunlin One"],
         [(BASE, "grow", 1), (BASE, "grow", 2), (ADDITIVE, "", 0)]),
        # what a part is a part of goes before
        (["Tide boost A", "Tide boost B"], [(BOOSTER, "", 0), (BOOSTER, "", 0)]),
    ],
)  # fmt: skip
def test_parts_of_a_base_are_a_group_in_their_order(
    names: list[str], expected: list[tuple[Role, str, int]]
) -> None:
    assert roles(*names) == expected


@pytest.mark.parametrize("forms", ["a b c", "1 2 3", "i ii iii", "one two three"])
def test_parts_are_ranked_in_letters_figures_numerals_and_words(forms: str) -> None:
    for names in ([f"Skerry Part {form}" for form in forms.split()],
                  [f"Part {form} Skerry" for form in forms.split()]):  # fmt: skip
        assert roles(*names) == [(BASE, "skerry", rank) for rank in (1, 2, 3)]


def test_where_no_name_says_base_what_is_dosed_mostly_is_one() -> None:
    names = ["Pearl", "Ember", "Slate", "Flint", "Peroxide"]
    dosed = {0: MOSTLY, 1: MOSTLY - 0.01, 2: 1.0, 3: 0.9, 4: 1.0}
    found = [one[0] for one in roles(*names, dosed=dosed)]
    assert found == [BASE, ADDITIVE, BASE, BASE, ADDITIVE]
    many = dict.fromkeys(range(4), 1.0)
    assert [one[0] for one in roles(*names[:4], dosed=many)] == [BASE, BASE, BASE, ADDITIVE]
    assert [one[0] for one in roles("Grow", *names[:2], dosed=many)] == [BASE, ADDITIVE, ADDITIVE]


def test_a_heading_over_rows_says_what_their_names_do_not() -> None:
    [pearl, ember] = guess_names(["Pearl", "Ember"], hints={0: "Boosters", 1: "Base feed"})
    assert (pearl.role, pearl.sure, wording(pearl.role_why)) == (
        BOOSTER,
        True,
        "the heading says “boosters”",
    )
    assert (ember.role, wording(ember.role_why)) == (BASE, "the heading says “base”")
    [named] = guess_names(["Pearl silica"], hints={0: "Boosters"})
    assert named.role is Role.SILICA


@pytest.mark.parametrize(
    ("text", "said"),
    [
        ("All doses in mL per litre", DoseUnitSaid("mL", "L")), ("ml/gal", DoseUnitSaid("mL", "gal")),
        ("Doses per 10 litres, in ml", DoseUnitSaid("mL", "L", 10)),
        ("Doses are given in teaspoons", DoseUnitSaid("tsp")),
        ("Quantities in grams", DoseUnitSaid("g")),
    ],
)  # fmt: skip
def test_a_title_says_the_unit_of_all_doses(text: str, said: DoseUnitSaid) -> None:
    assert unit_said(text) == said


@pytest.mark.parametrize(
    "text", ["Shake well", "A few drops make all the difference " * 3, "For water in a tank", ""]
)
def test_words_that_are_no_unit(text: str) -> None:
    assert unit_said(text) is None


@pytest.mark.parametrize(
    ("text", "scale"),
    [
        ("ppm (500 scale)", 500), ("ppm 700", 700), ("TDS x0.64", 640), ("ppm @ 0,7", 700),
        ("conversion: 0.5", 500), ("700 ppm/", 700), ("640 scale", 640), ("ppm (0.50)", 500),
        ("500 ppm", None), ("ppm 1500", None), ("ppm 5000", None), ("700", None), ("ppm", None),
    ],
)  # fmt: skip
def test_a_ppm_scale_is_told_beside_its_word(text: str, scale: int | None) -> None:
    assert ppm_scale_in(text) == scale


@pytest.mark.parametrize(
    ("text", "readings"),
    [
        ("EC added", Readings.ADDED), ("EC above tap water", Readings.ADDED),
        ("EC (+ water)", Readings.ADDED), ("nutrients only", Readings.ADDED),
        ("Total EC", Readings.TOTAL), ("EC incl. water", Readings.TOTAL),
        ("EC in the tank", Readings.TOTAL), ("EC", None),
    ],
)  # fmt: skip
def test_a_row_of_readings_says_which_they_are(text: str, readings: Readings | None) -> None:
    assert readings_in(text) is readings


def test_the_first_that_says_a_thing_decides() -> None:
    texts = ["For coco and soil. EC without water.", "Total EC in hydro", "Mix in this order"]
    found = statements_in(texts, "mL", besides=["per US gal", "ppm 700"])
    assert (found.medium, found.readings, found.rows_are_order) == (
        Medium.COIR, Readings.ADDED, True
    )  # fmt: skip
    assert (found.gallon, found.scale) == ("us", 700)
    assert found.unit is not None
    assert found.unit.measure == "mL"
    nothing = statements_in(["Total feed of the week"])
    assert (nothing.medium, nothing.readings, nothing.rows_are_order) == (None, None, False)


@pytest.mark.parametrize(
    "text",
    ["from top to bottom", "Add all in the order shown", "Mixing order", "pour in that order"],
)
def test_rows_that_are_said_to_be_the_mixing_order(text: str) -> None:
    assert statements_in([text]).rows_are_order
    assert not statements_in(["order more from your shop"]).rows_are_order


@pytest.mark.parametrize(
    ("text", "statement"),
    [
        ("All doses in ml per litre", True), ("mL/L", True), ("Weeks", True), ("Feeds / week", True),
        ("Growth stages", True), ("Figures (per 10 L)", True), ("Product", True),
        ("Skerry two-part", False), ("Week 3 of Dunlin", False), ("Dunlin grow chart", False),
    ],
)  # fmt: skip
def test_a_title_of_units_alone_is_no_name(text: str, statement: bool) -> None:
    assert is_statement(text) is statement
