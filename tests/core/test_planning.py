"""The main job: exact amounts, targets of both schools, the expected climb, and what to mind."""

from dataclasses import replace
from fractions import Fraction

import periodictable
import pytest
from hypothesis import given
from hypothesis import strategies as st

from core.chart import Column, Dose, Form, Product, Readings, Role
from core.chart.joining import join_charts
from core.chart.strength import End, Override
from core.errors import InputError
from core.planning import Between
from core.planning.climb import draw_climb
from core.quantities import DoseUnit, Reading, ReadingScale, ReadingUnit, Spoons, decimal_text
from core.water import TargetConvention
from tests.core.labels import label, labelled, shelf
from tests.core.mixes import DRY, F, chart, codes, dose, ec, pair, plan, poured, product, water
from tests.words import refuses, words_of

BASE = product("one", Role.BASE)


@pytest.mark.parametrize(
    ("text", "volume", "strength", "amount"),
    [
        # Worked examples of the trade (common practice).
        ("7 mL/gal_us", "4 gal_us", "0.5", "14"),
        ("3 mL/gal_us", "40 gal_us", "1", "120"),
        ("9 mL/gal_us", "40 gal_us", "1", "360"),
        ("9 mL/gal_us", "12 gal_us", "1", "108"),
        ("1.7 mL/L", "73.5 L", "0.6", "74.97"),
        ("2 mL/10L", "425 L", "1", "85"),
        ("3 mL/gal_uk", "40 gal_uk", "1", "120"),
        ("1 fl_oz/gal_us", "240 gal_us", "1", "7200"),
    ],
)
def test_worked_examples(text: str, volume: str, strength: str, amount: str) -> None:
    sheet = plan(chart([BASE], [dose("one", text)]), volume, strength)
    assert decimal_text(poured(sheet)["one"] or F(0)) == amount


def test_dry_products_are_weighed() -> None:
    salt = Product("salt", "Salt", Role.BASE, form=DRY)
    sheet = plan(chart([salt], [dose("salt", "2.5 g/gal_us")]), "80 gal_us")
    assert (sheet.pours[0].amount.value, sheet.pours[0].amount.unit) == (200, "g")  # type: ignore[union-attr]


def test_a_range_is_multiplied_at_its_own_ends() -> None:
    # 2 to 3 tsp/gal in 4.5 gal is 9 to 13.5 tsp, not 8 to 12 (common practice).
    of = chart([BASE], [dose("one", "2-3 tsp/gal_us")])
    ends = {end: poured(plan(of, "4.5 gal_us", end=end))["one"] for end in End}
    assert ends == {End.LOW: 45, End.MIDDLE: F("56.25"), End.HIGH: F("67.5")}
    us = plan(of, "4.5 gal_us", end=End.LOW, spoons=Spoons.US)
    assert poured(us)["one"] == 9 * F("4.92892159375")
    assert us.pours[0].range is not None
    low, high = us.pours[0].range
    assert [low.value, high.value] == [9 * F("4.92892159375"), F("13.5") * F("4.92892159375")]


def test_hoagland_and_arnon_1950_solution_1() -> None:
    """California Agricultural Experiment Station Circular 347: 1 M stocks, mL per litre.

    Gives N 210, P 31, K 235, Ca 200, Mg 48.6, S 64 ppm; atomic weights by periodictable (IUPAC).
    """
    stocks = {"KH2PO4": "1", "KNO3": "5", "CaN2O6": "5", "MgSO4": "2"}
    rows = [product(name, Role.BASE) for name in stocks]
    of = chart(rows, [dose(name, f"{ml} mL/L") for name, ml in stocks.items()])
    litres = 25
    amounts = poured(plan(of, f"{litres} L"))
    found: dict[str, float] = {}
    for name, millilitres in amounts.items():
        for element, count in periodictable.formula(name).atoms.items():
            grams = float(millilitres or 0) / 1000 * count * element.mass
            found[element.symbol] = found.get(element.symbol, 0) + grams / litres * 1000
    published = {"N": 210, "P": 31, "K": 235, "Ca": 200, "Mg": 48.6, "S": 64}
    assert {symbol: round(found[symbol]) for symbol in published} == {
        symbol: round(ppm) for symbol, ppm in published.items()
    }


def test_on_top_adds_the_chart_to_the_water() -> None:
    sheet = plan(pair(target=ec("0.8")), water=water("0.5"))
    assert sheet.target.convention is TargetConvention.ON_TOP
    assert sheet.target.reading == ec("1.3")
    assert sheet.target.all_in == ec("0.8")
    assert poured(sheet) == {"one": 200, "two": 200}


def test_all_in_leaves_room_for_the_water() -> None:
    of = pair(target=ec("1.0", "1.4"), readings=Readings.TOTAL)
    sheet = plan(of, strength="0.5", water=water("0.15"))
    assert sheet.target.reading == ec("0.5", "0.7")
    # T = 0.5 × 1.2 = 0.6, so (0.6 - 0.15) / 0.6 = 3/4 of the halved doses.
    assert poured(sheet) == {"one": 75, "two": 75}
    assert sheet.pours[-1].reading_after == Reading(F("0.6"))
    assert "room_left_by_water" in sheet.pours[0].dose_why


def test_all_in_keeps_what_does_not_scale() -> None:
    rows = [BASE, product("slip", Role.SILICA)]
    of = chart(rows, [dose("one", "2 mL/L"), dose("slip", "1 mL/L")], target=ec("1.0"))
    sheet = plan(of, convention=TargetConvention.ALL_IN, water=water("0.5"))
    assert poured(sheet) == {"slip": 100, "one": 100}


def test_water_stronger_than_an_all_in_target_pours_no_base() -> None:
    rows = [BASE, product("slip", Role.SILICA), product("fixed", Role.BASE, scales=False)]
    doses = [dose(row.key, "2 mL/L") for row in rows]
    sheet = plan(
        chart(rows, doses, target=ec("0.6")), convention=TargetConvention.ALL_IN, water=water("0.8")
    )
    assert poured(sheet) == {"slip": 200}
    assert {left.why for left in sheet.left_out} == {"no_room"}
    verdict = next(c for c in sheet.cautions if c.code == "water_too_strong")
    # At least 1 - 0.6/0.8; to leave the water a third of the target 1 - 0.2/0.8.
    assert verdict.values["ro_share_at_least"] == "0.25"
    assert verdict.values["ro_share"] == "0.75"
    assert "75 % RO" in words_of(verdict)
    blended = plan(
        chart(rows, doses, target=ec("0.6")), convention=TargetConvention.ALL_IN, water=water("0.2")
    )
    assert "water_too_strong" not in codes(blended)


def test_doses_only_has_no_target() -> None:
    sheet = plan(pair(target=ec("0.8"), readings=Readings.NONE))
    assert sheet.target.reading is None
    assert poured(sheet) == {"one": 200, "two": 200}


def test_until_a_reading_above_the_water() -> None:
    rule = Dose("one", "w1", until_ec=F(1))
    sheet = plan(chart([BASE], [rule]), water=water("0.4"))
    pour = sheet.pours[0]
    assert pour.amount is None
    assert pour.reading_target == Reading(F("1.4"))
    assert pour.printed == "until EC is 1 above the water"
    both = Dose("one", "w1", F(1), F(1), DoseUnit.FL_OZ_PER_GAL_US, F(1))
    guided = plan(chart([BASE], [both]), "15 gal_us", water=water("0.4")).pours[0]
    assert guided.amount is None
    assert guided.estimate is not None
    assert guided.estimate.value == 450


def test_the_climb_shares_the_charts_ec_over_the_base_parts() -> None:
    rows = [
        product("a", Role.BASE, rank=1),
        product("b", Role.BASE, rank=2),
        product("x", Role.BOOSTER),
    ]
    doses = [dose("a", "1 mL/L"), dose("b", "3 mL/L"), dose("x", "5 mL/L")]
    sheet = plan(chart(rows, doses, target=ec("0.6", "1.0")), strength="0.5", water=water("0.2"))
    assert [pour.reading_after for pour in sheet.pours] == [
        Reading(F(text)) for text in ("0.3", "0.6", "0.6")
    ]
    doubled = plan(
        chart(rows, doses, target=ec("0.8")), water=water("0.2"), overrides=(Override("b", F(2)),)
    )
    assert doubled.pours[1].reading_after == Reading(F("1.6"))  # a wrong bottle shows


def test_a_part_left_out_is_missing_in_the_climb() -> None:
    sheet = plan(pair(target=ec("0.8")), water=water("0.2"), overrides=(Override("one", F(0)),))
    assert [pour.reading_after for pour in sheet.pours] == [Reading(F("0.6"))]
    assert "base_part_missing" in codes(sheet)


def test_a_wish_moves_the_reading_at_which_to_stop() -> None:
    for scales in (True, False):
        row = product("one", Role.BASE, scales=scales)
        of = chart([row], [Dose("one", "w1", until_ec=F(1))])
        sheet = plan(of, water=water("0.4"), overrides=(Override("one", F("0.5")),))
        assert sheet.pours[0].reading_target == Reading(F("0.9"))


def test_the_climb_counts_from_unread_water_up() -> None:
    sheet = plan(pair(target=ec("0.8")), water=water(None))
    assert sheet.target.reading is None
    assert [pour.reading_after for pour in sheet.pours] == [None, None]
    climb = draw_climb(sheet, ReadingScale(ReadingUnit.PPM, 500))
    assert climb.relative
    assert [riser.level for riser in climb.risers] == [200, 400]
    assert [riser.minute for riser in climb.risers] == [1, 7]
    assert climb.minutes == 12


def test_per_product_rules_and_wishes() -> None:
    rows = [BASE, product("slip", Role.SILICA), product("kelp", Role.ADDITIVE)]
    of = chart(rows, [dose(row.key, "1 mL/L") for row in rows])
    sheet = plan(of, strength="0.5", overrides=(Override("slip", F("0.4")), Override("kelp", F(0))))
    assert poured(sheet) == {"slip": 40, "one": 50}
    assert [(left.product.key, left.why) for left in sheet.left_out] == [("kelp", "override")]
    assert "override" in sheet.pours[0].dose_why


@pytest.mark.parametrize(
    ("fields", "where"),
    [
        ({"volume": "0 L"}, "volume.value"), ({"volume": "1000001 L"}, "volume.value"),
        ({"strength": "0"}, "strength"), ({"strength": "2.01"}, "strength"),
        ({"water": water("520")}, "water.reading.value"),
        ({"overrides": (Override("ghost", F(1)),)}, "overrides[0].product"),
        ({"overrides": (Override("one", F(3)),)}, "overrides[0].strength"),
        ({"overrides": (Override("one", F(1)), Override("one"))}, "overrides[1].product"),
    ],
)  # fmt: skip
def test_bounds(fields: dict[str, object], where: str) -> None:
    with pytest.raises(InputError) as refused:
        plan(pair(), **fields)  # type: ignore[arg-type]
    assert refused.value.where == where


amounts = st.fractions(F(1, 100), 50, max_denominator=100)


@given(
    amounts,
    amounts,
    st.fractions(F(1, 10), 2, max_denominator=50),
    st.sampled_from(list(TargetConvention)),
)
def test_doubling_the_volume_doubles_every_amount(
    first: Fraction, second: Fraction, strength: Fraction, convention: TargetConvention
) -> None:
    rows = [BASE, product("slip", Role.SILICA)]
    doses = [Dose("one", "w1", first, first + second, DoseUnit.TSP_PER_GAL_US),
             Dose("slip", "w1", second, second, DoseUnit.ML_PER_10L)]  # fmt: skip
    of = chart(rows, doses, target=ec("1.1", "1.7"))
    once = plan(of, "37 L", str(strength), convention=convention, water=water("0.07"))
    twice = plan(of, "74 L", str(strength), convention=convention, water=water("0.07"))
    assert poured(twice) == {key: 2 * (amount or 0) for key, amount in poured(once).items()}
    assert once.target == twice.target


@given(st.fractions(F(1, 100), 2, max_denominator=100), st.fractions(0, 3, max_denominator=100))
def test_the_last_expected_reading_meets_the_target(strength: Fraction, source: Fraction) -> None:
    of = pair(target=ec("1.2", "1.6"))
    for convention in (TargetConvention.ON_TOP, TargetConvention.ALL_IN):
        sheet = plan(of, strength=str(strength), convention=convention, water=water(str(source)))
        if sheet.pours and sheet.target.reading:
            assert sheet.pours[-1].reading_after == sheet.target.reading.middle


SILICA = label("1.1", K2O="3", SiO2="7")
WITH_SILICA = chart(
    [product("sil", Role.SILICA), *pair().products],
    [dose("sil", "2 mL/L"), *pair().doses],
    target=ec("1.45", "1.55"),
)


@pytest.mark.parametrize("convention", [TargetConvention.ON_TOP, TargetConvention.ALL_IN])
@pytest.mark.parametrize("strength", ["1", "0.5", "0.25"])
def test_what_strength_does_not_scale_stays_whole_in_the_target(
    convention: TargetConvention, strength: str
) -> None:
    """Or a perfect half-strength mix reads too strong: common practice."""
    source = water("0.1", alkalinity="40", calcium="10", ph=F(7))
    sheet = plan(WITH_SILICA, strength=strength, convention=convention, water=source,
                 shelf=labelled(sil=SILICA))  # fmt: skip
    whole, scaled = sheet.target.whole, F(strength)
    added = sheet.target.all_in
    assert added is not None
    assert whole > F("0.05")
    if strength == "1":
        assert added == ec("1.45", "1.55")
    assert added.middle.ms_cm > F("1.5") * scaled or strength == "1"
    last, target = sheet.pours[-1].reading_after, sheet.target.reading
    assert last is not None
    assert target is not None
    # What is poured as it should be stands in its own band, but for what crowding of ions makes.
    assert last.ms_cm <= target.high.ms_cm + F("0.03")


def test_what_no_label_tells_is_said_not_to_be_counted() -> None:
    assert plan(WITH_SILICA, strength="0.5", shelf=labelled()).target.uncounted == ("Sil",)
    assert plan(WITH_SILICA, strength="1", shelf=labelled()).target.uncounted == ()
    assert plan(WITH_SILICA, strength="0.5", shelf=labelled(sil=SILICA)).target.uncounted == ()


def test_a_base_past_the_rule_makes_no_reading_fall_and_asks_for_nothing() -> None:
    rule = Dose("org", "w1", F(2), F(2), DoseUnit.ML_PER_L, F(1))
    of = chart([*pair().products, product("org", Role.BASE)], [*pair().doses, rule],
               target=ec("1.4"))  # fmt: skip
    sheet = plan(of, shelf=labelled())
    levels = [pour.above_water.ms_cm for pour in sheet.pours if pour.above_water]
    assert levels == sorted(levels)
    last = sheet.pours[-1]
    assert (last.amount, last.estimate, last.measured) == (None, None, None)
    assert "rule_met" in last.dose_why
    above = replace(of, doses=(*pair().doses, replace(rule, until_ec=F(2))))
    assert plan(above, shelf=labelled()).pours[-1].estimate is not None


@pytest.mark.parametrize(
    ("total", "until", "stop"),
    [("1.0", "1.0", "0.6"), ("1.5", "1.0", "1.0"), ("0.8", "1.0", "0.4"), ("1.2", "0.5", "0.5")],
)
def test_all_in_and_a_rule_agree_in_one_sum(total: str, until: str, stop: str) -> None:
    """On water at 0.4 the final reading is the total at most; the dose beside it shrinks along."""
    rule = Dose("one", "w1", F(5), F(5), DoseUnit.ML_PER_L, F(until))
    of = chart([product("one", Role.BASE)], [rule], target=ec(total), readings=Readings.TOTAL)
    [pour] = plan(of, water=water("0.4")).pours
    assert pour.stop == Reading(F(stop))
    assert pour.reading_target == Reading(F("0.4") + F(stop))
    assert pour.estimate is not None
    assert pour.estimate.value == 500 * F(stop) / F(until)


def test_half_way_between_two_rules_the_dose_beside_them_is_half_way_too() -> None:
    doses = [Dose("one", "w1", F(2), F(2), DoseUnit.ML_PER_L, F(1)),
             Dose("one", "w2", F(10), F(10), DoseUnit.ML_PER_L, F(2))]  # fmt: skip
    one = chart([product("one", Role.BASE)], [])
    of = replace(one, columns=(one.columns[0], Column("w2", "Week 2")), doses=tuple(doses))
    [pour] = plan(of, between=Between("w2", F(1, 2))).pours
    assert pour.stop == Reading(F("1.5"))
    assert pour.estimate is not None
    assert pour.estimate.value == 600


@pytest.mark.parametrize(
    ("one", "other", "form", "amount"),
    [
        ("2 g/L", "30 g/10L", DRY, "250"), ("2 mL/L", "30 mL/10L", Form.LIQUID, "250"),
        ("2 mL/L", "2 mL/L", Form.LIQUID, "200"), ("20 g/10L", "40 g/10L", DRY, "300"),
        # a US gallon is 3.785411784 L (NIST Handbook 44): 3.785411784 mL in it are 1 mL/L
        ("2 mL/L", "3.785411784 mL/gal_us", Form.LIQUID, "150"),
    ],
)  # fmt: skip
def test_two_units_meet_per_litre_half_way(one: str, other: str, form: Form, amount: str) -> None:
    of = chart([product("one", Role.BASE, form=form)], [])
    of = replace(of, columns=(of.columns[0], Column("w2", "Week 2")),
                 doses=(dose("one", one), dose("one", other, "w2")))  # fmt: skip
    [pour] = plan(of, between=Between("w2", F(1, 2))).pours
    assert pour.amount is not None
    assert (pour.amount.value, pour.amount.unit.value) == (F(amount), "g" if form is DRY else "mL")


# Between two charts

amounts = st.fractions(F(1, 4), F(6), max_denominator=8)


@given(st.lists(amounts, min_size=4, max_size=4), st.fractions(0, 1, max_denominator=12))
def test_between_two_charts_each_bottle_is_poured_by_its_share(
    printed: list[Fraction], share: Fraction
) -> None:
    a, shared, other_shared, z = map(str, printed)
    first = chart([product("a", Role.BASE), product("k", Role.ADDITIVE, scales=True)],
                  [dose("a", f"{a} mL/L"), dose("k", f"{shared} mL/L")], target=ec("1"))  # fmt: skip
    # the second calls the bottle of the first's "k" something else, and has an "a" of its own
    second = chart([product("kelp", Role.ADDITIVE, scales=True), product("a", Role.BOOSTER)],
                   [dose("kelp", f"{other_shared} mL/L"), dose("a", f"{z} mL/L")], target=ec("2"))  # fmt: skip
    joined = join_charts(first, "w1", second, "w1", {"kelp": "k"})
    sheet = plan(joined.chart, "10 L", between=Between(joined.towards, share))
    exact = [F(a) * (1 - share), F(shared) * (1 - share) + F(other_shared) * share, F(z) * share]
    found = poured(sheet)
    assert [found.get(key) or 0 for key in ("a", "k", joined.keys["a"])] == [
        10 * one for one in exact
    ]
    reading = sheet.target.reading
    assert reading
    assert reading.middle.ms_cm == F("0.1") + 1 + share


def test_between_readings_that_mean_different_things_there_is_no_target() -> None:
    first = pair(target=ec("1"))
    second = replace(pair(target=ec("2"), readings=Readings.TOTAL), name="Other")
    joined = join_charts(first, "w1", second, "w1", {})
    sheet = plan(joined.chart, between=Between(joined.towards, F(1, 2)))
    assert sheet.target.reading is None
    assert [pour.product.group for pour in sheet.pours] == ["g", "g", "Other: g", "Other: g"]
    assert joined.chart.columns[1].label == "Other, Week 1"


def test_two_charts_are_joined_by_columns_that_they_have() -> None:
    for column, towards in (("w9", "w1"), ("w1", "w9")):
        with refuses("no column “w9”"):
            join_charts(pair(), column, pair(), towards, {})
    many = replace(
        pair(), columns=tuple(replace(pair().columns[0], key=f"w{at}") for at in range(1, 15))
    )
    with refuses(r"it has w1, .*w11, w12\.$"):
        many.column("w99")


def test_what_a_label_puts_before_a_row_comes_with_it() -> None:
    second = chart([product("one", Role.SILICA), product("two", Role.ADDITIVE, after=("one",))],
                   [dose("one", "1 mL/L"), dose("two", "1 mL/L")])  # fmt: skip
    joined = join_charts(pair(), "w1", second, "w1", {})
    rows = {row.key: row.after for row in joined.chart.products}
    assert rows == {"one": (), "two": (), "one-2": (), "two-2": ("one-2",)}
    taken = [product(key, Role.ADDITIVE) for key in ("one", "one-2", "one-3")]
    third = chart([product("one", Role.ADDITIVE)], [dose("one", "1 mL/L")])
    many = chart(taken, [dose("one", "1 mL/L")])
    crowded = join_charts(many, "w1", third, "w1", {})
    assert crowded.keys == {"one": "one-4"}


@pytest.mark.parametrize(("one", "other"), [(True, True), (True, False), (False, True)])
def test_rows_of_two_charts_are_the_order_where_both_say_so(one: bool, other: bool) -> None:
    first, second = (replace(pair(), rows_are_order=told) for told in (one, other))
    joined = join_charts(first, "w1", second, "w1", {"one": "one", "two": "two"})
    assert joined.chart.rows_are_order is (one and other)


@pytest.mark.parametrize("strong", ["one", "two"])
def test_of_two_bottles_that_a_third_clouds_with_the_worse_is_named(strong: str) -> None:
    weak = "two" if strong == "one" else "one"
    rows = [product(key, Role.BASE, group="g", rank=rank)
            for rank, key in enumerate(("one", "two", "lime"), 1)]  # fmt: skip
    made = chart(rows, [dose(row.key, "2 mL/L") for row in rows])
    known = shelf(**{strong: label(S="3", K2O="7.3"), weak: label(S="0.6", K2O="1.5")},
                  lime=label(N_nitrate="6", Ca="8"))  # fmt: skip
    *_, last = plan(made, shelf=known).pours
    assert last.product.key == "lime"
    assert last.precipitate is not None
    assert last.precipitate.other.key == strong
