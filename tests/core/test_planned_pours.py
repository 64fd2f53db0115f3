"""The base in two passes, columns in between, and readings that follow from labels."""

from dataclasses import replace
from fractions import Fraction
from math import hypot
from typing import Any

import pytest
from hypothesis import given
from hypothesis import strategies as st

from core.chart import Chart, Column, Dose, Medium, PhWindow, Readings, Role, Stage
from core.chart.between import dose_between
from core.chart.growing import Crop
from core.chart.strength import Override
from core.chemistry import AcidKind, Doubt, Element, Salt
from core.errors import InputError
from core.order.rules import OrderPreferences, RowsPlace, stir_for, wait_after
from core.planning import Between, Shelf
from core.planning.chart_ec_shares import CHART_UNCERTAINTY
from core.planning.expected import RestsOn
from core.planning.planned_pours import FIRST_SHARE, Pass
from core.quantities import Reading, Volume
from core.water import TargetConvention
from core.windows import element_windows
from tests.core.labels import CALMAG, acid_on_shelf, label, labelled, salt, shelf
from tests.core.mixes import DRY, F, chart, dose, ec, pair, plan, poured, product, water

shares = st.fractions(0, 1, max_denominator=50)
MAINS = water("0.52", alkalinity="150", calcium="68", magnesium="7", sodium="18", ph=F("7.6"))


# Two passes


@given(st.fractions(F(1, 10), 50, max_denominator=100), st.fractions(F(1, 50), 2))
def test_two_passes_pour_what_one_does_and_keep_the_parts_in_ratio(
    ml: Fraction, strength: Fraction
) -> None:
    parts = [product("a", Role.BASE, rank=1), product("b", Role.BASE, rank=2)]
    of = chart(parts, [dose("a", f"{ml} mL/L"), dose("b", f"{ml * 3} mL/L")], target=ec("1.2"))
    whole = plan(of, strength=str(strength))
    split = plan(of, strength=str(strength), split=True)
    assert [(p.product.key, p.turn) for p in split.pours] == [
        ("a", Pass.FIRST), ("b", Pass.FIRST), ("a", Pass.SECOND), ("b", Pass.SECOND),
    ]  # fmt: skip
    amounts = [pour.amount.value for pour in split.pours if pour.amount]
    assert [amounts[0] + amounts[2], amounts[1] + amounts[3]] == list(poured(whole).values())
    assert amounts[1] == 3 * amounts[0]
    assert amounts[3] == 3 * amounts[2]
    assert amounts[0] == FIRST_SHARE * (amounts[0] + amounts[2])
    assert split.pours[-1].reading_after == whole.pours[-1].reading_after


def test_the_pen_is_read_between_the_passes_and_boosters_come_after_both() -> None:
    rows = [product("one", Role.BASE), product("tide", Role.BOOSTER), product("slip", Role.SILICA)]
    of = chart(rows, [dose(row.key, "1 mL/L") for row in rows], target=ec("1"))
    sheet = plan(of, split=True)
    assert [(p.product.key, p.read_before) for p in sheet.pours] == [
        ("slip", False), ("one", False), ("one", True), ("tide", False),
    ]  # fmt: skip
    assert [p.place for p in sheet.pours] == [1, 2, 3, 4]


def test_what_is_poured_until_a_reading_is_not_split() -> None:
    of = chart([product("one", Role.BASE)], [Dose("one", "w1", until_ec=F(1))])
    assert [p.turn for p in plan(of, split=True).pours] == [Pass.WHOLE]


# Between two columns


def two_weeks(first: str, second: str, **fields: object) -> Chart:
    columns = (
        Column("w1", "Week 1", stage=Stage.LEAF, ec=ec("0.8"), ph=PhWindow(F("5.6"), F("6.0"))),
        Column("w2", "Week 2", stage=Stage.FLOWER, ec=ec("1.2"), ph=PhWindow(F("5.8"), F("6.4"))),
    )
    doses = [dose("one", first, "w1"), dose("one", second, "w2")]
    return Chart("Two", Medium.WATER, Readings.ADDED, False, (product("one", Role.BASE),),
                 columns, tuple(doses))  # fmt: skip


@given(shares)
def test_between_two_columns_everything_lies_by_the_share(share: Fraction) -> None:
    sheet = plan(two_weeks("1 mL/L", "2-4 mL/L"), between=Between("w2", share))
    # The middle of the second range is 3.
    assert poured(sheet)["one"] == 100 * (1 + 2 * share)
    assert sheet.target.all_in is not None
    assert sheet.target.all_in.middle == Reading(F("0.8") + F("0.4") * share)
    assert sheet.ph.low == F("5.6") + F("0.2") * share
    assert sheet.column.stage is (Stage.FLOWER if share > F(1, 2) else Stage.LEAF)
    assert sheet.pours[0].printed == "1 mL/L → 2–4 mL/L"


@given(shares)
def test_two_units_meet_per_litre(share: Fraction) -> None:
    sheet = plan(two_weeks("1 mL/L", "3.785411784 mL/gal_us"), between=Between("w2", share))
    assert poured(sheet)["one"] == 100


def test_a_product_of_one_column_alone_comes_in_by_the_share() -> None:
    of = two_weeks("1 mL/L", "1 mL/L")
    silica = product("slip", Role.SILICA)
    more = Chart("More", of.medium, of.readings, False, (*of.products, silica), of.columns,
                 (*of.doses, dose("slip", "2 mL/L", "w2")))  # fmt: skip
    assert poured(plan(more, between=Between("w2", F(1, 4))))["slip"] == 50
    assert "slip" not in poured(plan(more, between=Between("w2", F(0))))


def test_there_is_nothing_half_way_between_a_dose_and_a_rule() -> None:
    rule = Dose("one", "w2", until_ec=F(1))
    with pytest.raises(InputError) as refused:
        dose_between(dose("one", "1 mL/L"), rule, F(1, 2), lambda _: F(1), name="One")
    assert refused.value.where == "between"
    for one, other in ((None, rule), (rule, None), (rule, dose("one", "1 mL/L"))):
        with pytest.raises(InputError):
            dose_between(one, other, F(1, 2), lambda _: F(1), name="One")
    other = Dose("one", "w1", until_ec=F(2))
    met = dose_between(rule, other, F(1, 2), lambda _: F(1), name="One")
    assert met is not None
    assert met.until_ec == F("1.5")
    beside = replace(dose("one", "2 mL/L"), until_ec=F(2))
    for pairs in ((rule, beside), (beside, rule)):
        half = dose_between(*pairs, F(1, 2), lambda _: F(1), name="One")
        assert half is not None
        assert (half.until_ec, half.low, half.unit) == (F("1.5"), None, None)
    assert dose_between(None, None, F(1, 2), lambda _: F(1), name="One") is None


def test_between_a_column_with_a_reading_and_one_without_there_is_no_target() -> None:
    weeks = two_weeks("1 mL/L", "2 mL/L")
    for at in (0, 1):
        columns = [
            replace(one, ec=ec("1.2") if at == i else None) for i, one in enumerate(weeks.columns)
        ]
        sheet = plan(replace(weeks, columns=tuple(columns)), between=Between("w2", F(1, 2)))
        assert sheet.target.reading is None


@pytest.mark.parametrize(("share", "column"), [("1.1", "w2"), ("0.5", "w9")])
def test_between_has_bounds(share: str, column: str) -> None:
    with pytest.raises(InputError):
        plan(two_weeks("1 mL/L", "2 mL/L"), between=Between(column, F(share)))


# Readings by label


def test_labels_go_before_the_chart_and_every_pour_says_which() -> None:
    rows = [
        product("one", Role.BASE, group="g", rank=1),
        product("two", Role.BASE, group="g", rank=2),
        product("three", Role.BASE, group="g", rank=3),
        product("kelp", Role.ADDITIVE),
    ]
    of = chart(rows, [dose(row.key, "1 mL/L") for row in rows], target=ec("0.9"))
    sheet = plan(of, shelf=labelled(), water=water("0.2"))
    assert [pour.basis for pour in sheet.pours] == [
        RestsOn.LABEL, RestsOn.LABEL, RestsOn.CHART, RestsOn.NOTHING,
    ]  # fmt: skip
    assert sheet.in_tank is not None
    assert sheet.in_tank.unlabelled == ("Three",)
    levels = [pour.above_water.ms_cm for pour in sheet.pours if pour.above_water]
    assert levels == sorted(levels)
    assert levels[2] - levels[1] == F("0.3")  # a third of the chart's EC
    uncertainty = [pour.uncertainty for pour in sheet.pours]
    assert uncertainty == sorted(uncertainty)
    assert uncertainty[2] > 0.3 * float(CHART_UNCERTAINTY)


WITH_CALMAG = [*pair().products, product("calmag", Role.CALMAG), product("kelp", Role.ADDITIVE)]


def rises_of(known: Shelf, target: str, *doses: Dose, **asked: Any) -> dict[str, Fraction]:
    """mS/cm that each product is expected to bring, at 2 mL/L of each unless said otherwise."""
    told = {one.product: one for one in doses}
    of = chart(WITH_CALMAG, [told.get(row.key, dose(row.key, "2 mL/L")) for row in WITH_CALMAG],
               target=ec(target))  # fmt: skip
    found, before = {}, F(0)
    for pour in plan(of, shelf=known, water=water("0.2"), **asked).pours:
        assert pour.above_water is not None
        found[pour.product.key], before = pour.above_water.ms_cm - before, pour.above_water.ms_cm
    return found


def test_the_charts_reading_is_of_all_that_strength_scales() -> None:
    """What a label tells of is no part of what those without one bring: common practice."""
    calmag = rises_of(shelf(calmag=CALMAG), "2.0")
    assert calmag["one"] == calmag["two"]
    assert sum(calmag.values()) == pytest.approx(2, abs=0.03)
    assert calmag["kelp"] == 0
    halved = rises_of(shelf(calmag=CALMAG), "2.0", overrides=(Override("calmag", F("0.5")),))
    assert halved["one"] == calmag["one"]
    assert halved["calmag"] == pytest.approx(float(calmag["calmag"] / 2), rel=0.03)
    gone = rises_of(shelf(calmag=CALMAG), "2.0", overrides=(Override("calmag", F(0)),))
    assert gone["one"] == calmag["one"]
    # the other way round: a base with labels leaves the rest to what has none
    base = rises_of(labelled(), "2.0")
    assert base["calmag"] > 0.3
    assert sum(base.values()) == pytest.approx(2, abs=0.03)
    half = rises_of(labelled(), "2.0", overrides=(Override("calmag", F("0.5")),))
    assert half["calmag"] == base["calmag"] / 2
    # labels that bring more than the chart prints leave nothing
    assert rises_of(labelled(), "1.2")["calmag"] == 0
    assert rises_of(shelf(calmag=CALMAG), "0.5")["one"] == 0
    # by a rule the base takes what it takes
    until = rises_of(
        shelf(),
        "2.0",
        Dose("one", "w1", None, None, None, F(1)),
        Dose("two", "w1", None, None, None, F("1.5")),
    )
    assert until["calmag"] == 0


def test_parts_by_weight_and_by_volume_share_a_charts_reading_alike() -> None:
    of = chart([product("one", Role.BASE, form=DRY), product("two", Role.BASE)],
               [dose("one", "1 g/L"), dose("two", "4 mL/L")], target=ec("1.2"))  # fmt: skip
    levels = [
        pour.above_water.ms_cm for pour in plan(of, water=water("0.2")).pours if pour.above_water
    ]
    assert levels == [F("0.6"), F("1.2")]


def test_what_shares_a_charts_reading_is_as_unsure_as_all_of_it() -> None:
    of = chart(WITH_CALMAG[:3], [dose(row.key, "2 mL/L") for row in WITH_CALMAG[:3]],
               target=ec("2.0"))  # fmt: skip
    pours = plan(of, shelf=shelf(calmag=CALMAG), water=water("0.2")).pours
    before, by_parts = pours[0].uncertainty, 2 * float(CHART_UNCERTAINTY) / 2
    assert [one.basis for one in pours] == [RestsOn.LABEL, RestsOn.CHART, RestsOn.CHART]
    assert pours[1].uncertainty == pytest.approx(hypot(before, by_parts))
    over = plan(replace(of, columns=(replace(of.columns[0], ec=ec("0.5")),)),
                shelf=shelf(calmag=CALMAG), water=water("0.2")).pours  # fmt: skip
    assert [(one.basis, one.uncertainty) for one in over[1:]] == [(RestsOn.NOTHING, before)] * 2


def test_doubts_of_a_label_are_told_and_widen_the_band() -> None:
    sure, vague = label("1.2", N_nitrate="4", Ca="5.7"), label(None, N="4", Ca="5.7")
    of = chart([product("one", Role.BASE)], [dose("one", "1 mL/L")])
    [one], [other] = (plan(of, shelf=shelf(one=known)).pours for known in (sure, vague))
    assert one.doubts == ()
    assert set(other.doubts) == {Doubt.DENSITY_ESTIMATED, Doubt.NITROGEN_NOT_SPLIT}
    assert other.uncertainty > one.uncertainty


def test_elements_are_the_waters_and_the_feeds() -> None:
    of = chart([product("salt", Role.BASE, form=DRY)], [dose("salt", "1 g/L")])
    sheet = plan(of, shelf=shelf(salt=salt(Salt.POTASSIUM_NITRATE)), water=MAINS)
    assert sheet.in_tank is not None
    found = {one.element: one for one in sheet.in_tank.elements}
    # KNO3 is 38.67 % K and 13.85 % N (IUPAC weights).
    assert found[Element.K].ppm == pytest.approx(386.7, rel=1e-3)
    assert found[Element.N].ppm == pytest.approx(138.5, rel=1e-3)
    assert (found[Element.CA].ppm, found[Element.CA].from_water) == pytest.approx((68, 68))


def test_leafy_crops_keep_the_leafy_ranges() -> None:
    leafy = element_windows(Stage.FLOWER, Crop.LEAFY, {})
    assert leafy == element_windows(Stage.LEAF, None, {})
    assert leafy != element_windows(Stage.FLOWER, Crop.FRUITING, {})
    assert element_windows(Stage.FLUSH, Crop.LEAFY, {}) == {}


# Acid


def test_the_acid_follows_tank_medium_and_stage_unless_chosen() -> None:
    acids = [acid_on_shelf(kind) for kind in (AcidKind.PHOSPHORIC, AcidKind.NITRIC)]

    def chosen(of: Chart, volume: str = "100 L", **fields: object) -> tuple[str, str]:
        fields.setdefault("shelf", labelled(*acids))
        sheet = plan(of, volume, water=MAINS, **fields)
        assert sheet.in_tank is not None
        assert sheet.in_tank.acid is not None
        return sheet.in_tank.acid.kind.value, sheet.in_tank.acid.why

    weeks = two_weeks("2 mL/L", "2 mL/L")
    flower = {"between": Between("w2", F(1))}
    assert chosen(weeks) == ("nitric", "acid_nitric_for_leaf")
    assert chosen(weeks, **flower) == ("phosphoric", "acid_phosphoric_in_bloom")
    assert chosen(weeks, grown_in=Medium.COIR, **flower) == ("nitric", "acid_nitric_in_coir")
    assert chosen(weeks, acid="phosphoric") == ("phosphoric", "acid_chosen")
    sulfuric = acid_on_shelf(AcidKind.SULFURIC, "35")
    large = {"shelf": labelled(*acids, sulfuric)}
    assert chosen(weeks, "3000 L", **large)[0] == "sulfuric"
    assert chosen(weeks, **large)[0] == "nitric"
    assert chosen(weeks, shelf=labelled(sulfuric)) == ("sulfuric", "acid_on_the_shelf")
    with pytest.raises(InputError):
        chosen(weeks, acid="vinegar")


def test_acid_is_diluted_one_to_ten_and_grows_with_the_tank() -> None:
    def need(volume: str):  # type: ignore[no-untyped-def]
        tank = plan(pair(target=ec("1.4")), volume, water=MAINS,
                    shelf=labelled(acid_on_shelf())).in_tank  # fmt: skip
        assert tank is not None
        assert tank.acid is not None
        return tank.acid

    small, large = need("100 L"), need("200 L")
    assert small.cup_water.value == 9 * small.measured.amount.value
    assert small.diluted.value == 10 * small.measured.amount.value
    assert float(large.amount.value) == pytest.approx(2 * float(small.amount.value), rel=0.01)
    assert small.to_ph == pytest.approx(5.8)
    assert small.from_ph > 6.0
    # 100 L at 150 mg/L CaCO3 hold 300 meq, 8 in 10 of them above pH 5.8; 38 % is 7.4 mol/L. The
    # phosphate of the feed gives some of the hydrogen.
    assert float(small.amount.value) == pytest.approx(0.8 * 300 / 7.4, rel=0.15)


# Waits and whose order


def test_waits_depend_on_the_product_and_the_volume() -> None:
    silica = product("slip", Role.SILICA)
    waits = [wait_after(silica, Volume(F(litres))) for litres in (12, 500, 501, 2001)]
    assert waits == [5, 5, 7, 10]
    assert wait_after(product("slip", Role.SILICA, wait_min=30), Volume(F(9000))) == 30
    stirs = [stir_for(Volume(F(litres))) for litres in (12, 100, 425, 3000)]
    assert stirs == [30, 60, 120, 180]  # 30 s to a few minutes, common practice


def test_chemistry_may_go_before_the_printed_order() -> None:
    rows = [product("tide", Role.BOOSTER), product("one", Role.BASE)]
    of = chart(rows, [dose(row.key, "1 mL/L") for row in rows], rows_are_order=True)
    assert list(poured(plan(of))) == ["tide", "one"]
    chemistry = OrderPreferences(rows=RowsPlace.CHEMISTRY)
    assert list(poured(plan(of, order_preferences=chemistry))) == ["one", "tide"]


def test_room_and_wishes_keep_the_parts_in_ratio() -> None:
    of = pair(target=ec("1.4"))
    sheet = plan(of, strength="0.5", convention=TargetConvention.ALL_IN, water=water("0.2"),
                 overrides=(Override("one", F("0.3")), Override("two", F("0.3"))))  # fmt: skip
    first, second = poured(sheet).values()
    assert first == second
