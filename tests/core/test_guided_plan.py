"""What is taken to the bench of a sheet: amounts, rises, target, acid and alkali, and its format."""

import json
from fractions import Fraction
from typing import Any

import pytest
from hypothesis import given
from hypothesis import strategies as st

from core.chart import Dose, Role
from core.chart.growing import System
from core.chemistry import Acid, AcidKind
from core.formats.guided_plan import plan_document, plan_from
from core.guided import GuidedPlan, StepKind, guided_plan, replay
from core.planning import AcidOnShelf, AlkaliOnShelf, MixRequest, PourSheet, Shelf, Tank, plan_mix
from core.planning.planned_pours import Pass
from core.quantities import AmountUnit, Volume
from core.vessels import Vessel, VesselKind
from core.water import Disinfectant, TargetConvention, Water
from tests.core.guided import HARD, MAINS, POTASH, SOFT, plan_for
from tests.core.labels import PART_ONE, PART_TWO, acid_on_shelf, labelled, shelf
from tests.core.mixes import F, chart, codes, dose, ec, pair, product, water

CYLINDER = Vessel(VesselKind.CYLINDER, F(100), F(1))


def taken(**fields: Any) -> tuple[GuidedPlan, PourSheet]:
    """A plan and the sheet it was taken from."""
    of = fields.pop("of", pair(target=ec("1.4", "1.5")))
    fields = {"water": MAINS, "shelf": labelled(acid_on_shelf()), **fields}
    request = MixRequest(of, "w1", Volume(F(100)), **fields)
    sheet = plan_mix(request)
    return guided_plan(request, sheet), sheet


@pytest.mark.parametrize("split", [False, True])
@pytest.mark.parametrize("source", [SOFT, MAINS, HARD], ids=["soft", "mains", "hard"])
def test_a_plan_pours_what_its_sheet_says_and_climbs_as_high(split: bool, source: Water) -> None:
    plan, sheet = taken(split=split, water=source)
    assert [(p.key, p.amount) for p in plan.pours] == [
        (p.product.key, p.amount.value if p.amount else None) for p in sheet.pours
    ]
    last = sheet.pours[-1].above_water
    assert last is not None
    assert sum(p.ec_rise for p in plan.pours) == last.ms_cm
    assert all(p.ec_rise >= 0 for p in plan.pours)
    assert [p.turn is not Pass.WHOLE for p in plan.pours] == [split] * len(plan.pours)


def test_the_target_is_told_with_what_it_is_counted_from() -> None:
    on_top, sheet = taken()
    assert sheet.target.reading is not None
    assert on_top.target == (F("1.92"), F("2.02"))
    assert on_top.added == (F("1.4"), F("1.5"))
    total, _ = taken(convention=TargetConvention.ALL_IN)
    assert (total.target, total.added) == ((F("1.4"), F("1.5")), None)
    none, _ = taken(convention=TargetConvention.DOSES_ONLY)
    assert (none.target, none.added) == (None, None)
    unread, _ = taken(of=pair(), shelf=Shelf(), convention=TargetConvention.DOSES_ONLY)
    kinds = [{s.kind for s in replay(plan, []).steps} for plan in (none, unread)]
    # Without a target the reading is a check, by labels or by what feed usually brings.
    assert [StepKind.READ_EC in found for found in kinds] == [True, True]


def test_a_rule_by_reading_is_counted_from_the_water() -> None:
    of = chart([product("one", Role.BASE)], [Dose("one", "w1", until_ec=F("1.2"))])
    for source in (MAINS, Water()):  # also where nobody has read it yet
        [pour] = plan_for(source, of=of).pours
        assert (pour.stop_at_rise, pour.amount) == (F("1.2"), None)
        # That belongs to the feed's kind, not to the rule.
        assert not plan_for(source, of=of).settles
    living = chart([product("one", Role.BASE, settles=True)], list(of.doses))
    assert plan_for(of=living).settles


@pytest.mark.parametrize(
    ("told", "hours"),
    [
        ({"kind": None, "disinfectant": Disinfectant.CHLORINE}, 24),
        ({"disinfectant": Disinfectant.CHLORINE, "stood_h": F(20)}, 4),
        ({"disinfectant": Disinfectant.CHLORINE, "stood_h": F(30)}, 0),
        ({"disinfectant": Disinfectant.NONE}, 0),
    ],
)
def test_chlorine_is_waited_for_as_long_as_it_takes(told: dict[str, Any], hours: int) -> None:
    plan = plan_for(water("0.5", **told))
    assert plan.chlorine_h == hours
    kinds = [step.kind for step in replay(plan, []).steps]
    assert (StepKind.CHLORINE in kinds) is (hours > 0)


def test_the_report_goes_before_what_this_tank_taught() -> None:
    def alkalinity(source: Water) -> Fraction | None:
        request = MixRequest(pair(target=ec("1.4")), "w1", Volume(F(100)), water=source,
                             shelf=labelled())  # fmt: skip
        return guided_plan(request, plan_mix(request), learned=F("1.7")).alkalinity

    reported = alkalinity(MAINS)
    assert reported is not None
    # 150 mg/L CaCO3 at 50.04 mg to the milliequivalent: handbook figure, half of CaCO3's 100.09.
    assert float(reported) == pytest.approx(150 / 50.04, rel=1e-3)
    assert alkalinity(water("0.5")) == F("1.7")


@pytest.mark.parametrize(
    ("kind", "percent", "molar"),
    [(AcidKind.NITRIC, "38", 7.44), (AcidKind.PHOSPHORIC, "85", 14.6),
     (AcidKind.SULFURIC, "96", 18.0)],
)  # fmt: skip
def test_the_acid_is_as_strong_as_handbooks_say(kind: AcidKind, percent: str, molar: float) -> None:
    """Concentrated acids, mol/L: 85 % phosphoric 14.6 to 14.8, 96 % sulfuric 18.0, as suppliers
    print them; 38 % nitric 7.4 by its density of 1.234. From memory."""
    plan = plan_for(shelf=labelled(acid_on_shelf(kind, percent)))
    assert plan.acid is not None
    assert float(plan.acid.molar) == pytest.approx(molar, rel=0.015)
    assert plan.handles_acid


def test_a_large_tank_is_soured_with_sulfuric_and_a_choice_goes_before() -> None:
    acids = [acid_on_shelf(kind) for kind in (AcidKind.NITRIC, AcidKind.SULFURIC)]

    def chosen(litres: int, **more: Any) -> str:
        request = MixRequest(pair(target=ec("1.4")), "w1", Volume(F(litres)), water=MAINS,
                             shelf=labelled(*acids), **more)  # fmt: skip
        acid = guided_plan(request, plan_mix(request)).acid
        assert acid is not None
        return acid.why

    assert chosen(2000) == "acid_nitric_for_leaf"
    assert chosen(2001) == "acid_sulfuric_for_large_tanks"
    assert chosen(2001, acid="nitric") == "acid_chosen"


def test_what_comes_after_a_pour_comes_along() -> None:
    of = chart(
        [product("sil", Role.SILICA), *pair().products],
        [dose("sil", "0.5 mL/L"), *pair().doses],
        target=ec("1.4"),
    )
    plan, sheet = taken(of=of, vessels=(CYLINDER,))
    assert [p.wait_min for p in plan.pours] == [p.wait_min for p in sheet.pours]
    assert plan.pours[0].wait_min >= 5  # silica alone, at least 5 min: common practice
    assert plan.pours[2].rinse == "One"  # part two out of the cylinder that part one was in
    assert plan.vessels == (CYLINDER,)


strengths = st.sampled_from([F(1), F("0.6"), F(1, 3)])
acids = st.sampled_from([(), (acid_on_shelf(),), (acid_on_shelf(AcidKind.PHOSPHORIC, "59"),)])
alkalis = st.sampled_from([(), (AlkaliOnShelf("9", "Up", POTASH, AmountUnit.ML),)])
charts = st.sampled_from([
    pair(target=ec("1.4", "1.5")),
    pair("2-3 tsp/gal_us"),
    chart([product("one", Role.BASE)], [Dose("one", "w1", until_ec=F(1))]),
    chart([*pair().products, product("brew", Role.LIVE)], [*pair().doses, dose("brew", "1 mL/L")]),
])  # fmt: skip


@given(
    of=charts, strength=strengths, acids=acids, alkalis=alkalis, split=st.booleans(),
    source=st.sampled_from([SOFT, MAINS, HARD, Water()]),
    convention=st.sampled_from([None, *TargetConvention]), vessels=st.sampled_from([(), (CYLINDER,)]),
)  # fmt: skip
def test_a_plan_that_is_kept_comes_back_to_the_last_fraction(
    of: Any, strength: Fraction, acids: tuple[AcidOnShelf, ...],
    alkalis: tuple[AlkaliOnShelf, ...], source: Water, **fields: Any,
) -> None:  # fmt: skip
    known = shelf(*acids, one=PART_ONE, two=PART_TWO)
    plan, _ = taken(of=of, strength=strength, water=source, **fields,
                    shelf=Shelf(known.products, known.acids, alkalis))  # fmt: skip
    again = plan_from(json.loads(json.dumps(plan_document(plan))))
    assert again == plan
    assert replay(again, []) == replay(plan, [])


def test_an_acid_given_by_its_molarity_is_kept_too() -> None:
    made_up = AcidOnShelf("n", "One molar", Acid(AcidKind.NITRIC, molar=F(1)))
    plan = plan_for(shelf=labelled(made_up))
    assert plan_from(json.loads(json.dumps(plan_document(plan)))) == plan
    with pytest.raises(ValueError, match="version 2"):
        plan_from({**plan_document(plan), "version": 1})
    assert plan.acid is not None
    assert plan.acid.molar == 1


def test_a_suggested_strength_is_never_taken_to_the_bench_by_itself() -> None:
    """Recirculating deep water: half is suggested (common practice); the dose stays as asked."""
    tank = Tank(system=System.RECIRCULATING_DEEP_WATER)
    plan, sheet = taken(tank=tank)
    assert [p.amount for p in plan.pours] == [200, 200]
    assert "strong_for_system" in codes(sheet)
