"""What must hold of every mix, judged by the tank as it truly is."""

from collections.abc import Callable, Mapping
from dataclasses import dataclass
from fractions import Fraction

from core.chart import Form
from core.chemistry import contents_of, rise_of
from core.guided import GuidedPlan, StepKind, guided_plan
from core.guided.ec.steering import Verdict
from core.guided.ec.usual import USUAL_FEED
from core.guided.readings.causes import OFFERED
from core.planning import PourSheet, plan_mix
from core.practice.drawn.case import DrawnCase
from core.practice.rehearsal import Rehearsal, RehearsedStep, rehearse
from core.practice.request import Stops
from core.practice.truth import TrueTank
from core.quantities import AmountUnit
from core.water import Water

LOWEST_PH, HIGHEST_PH = 4.5, 9.0
"""Roots are burnt below, and nutrients fall out above: common practice."""

MOST_OF_DOSE = Fraction(11, 10)
FINEST_MARK = Fraction(1, 20)
"""mL or g to which the finest vessel rounds: common practice."""

MOST_OF_TARGET = 1.5
OFF_TARGET = 0.25
MOST_ADJUSTING = 40

_ADJUSTING = frozenset(
    {StepKind.READ_EC, StepKind.READ_PH, StepKind.ADVICE, StepKind.VOLUME, StepKind.ADD,
     StepKind.DRAIN, StepKind.ACID, StepKind.ALKALI}
)  # fmt: skip
_EC_ADVICE = frozenset(map(str, Verdict)) | {"overpoured"}
_POURS = (StepKind.POUR, StepKind.ADD)


@dataclass(frozen=True, slots=True)
class Judged:
    """What laws say of a rehearsed case.

    Args:
        broken: names of the laws that it breaks.
        insisted: of those that its person broke by taking what was offered beyond the right.
        hidden: of those that no reading of this mix could have shown.
        record: of the rehearsal.
        aim_ec: mS/cm that the finished tank should truly have.
        litres: that truly are in it.
    """

    broken: tuple[str, ...]
    insisted: tuple[str, ...]
    hidden: tuple[str, ...]
    record: Rehearsal
    aim_ec: float
    litres: float


@dataclass(frozen=True, slots=True)
class _Rehearsed:
    """A case, its plan and what came of it."""

    case: DrawnCase
    sheet: PourSheet
    plan: GuidedPlan
    tank: TrueTank
    record: Rehearsal

    @property
    def water(self) -> Water:
        """What is truly in the tank before any feed."""
        truth = self.case.rehearsal.truth
        return truth.water or self.case.rehearsal.mix.water

    def true_rise(self, amounts: Mapping[str, Fraction], litres: Fraction) -> float:
        """mS/cm that amounts in mL or g truly bring to a volume, bottles as they should be."""
        products = {product.key: product for product in self.case.rehearsal.mix.chart.products}
        contents = self.case.rehearsal.truth.contents
        feed = [
            (contents_of(contents[key], Form.LIQUID, products[key].role), float(amount / litres))
            for key, amount in amounts.items()
            if amount
        ]
        return rise_of(self.water, (), feed)

    @property
    def aim(self) -> float:
        """The EC that the finished tank should truly have."""
        water, target = self.tank.water_ec, self.sheet.target
        rule = max((p.stop_at_rise for p in self.plan.pours if p.stop_at_rise), default=None)
        if rule is not None:
            return water + float(rule)
        if target.reading is not None and self.plan.added is not None:
            return water + float(sum(self.plan.added) / 2)
        if target.reading is not None:
            return max(float(target.reading.middle.ms_cm), water)
        whole = {pour.key: self.plan.whole(pour.key) for pour in self.plan.pours}
        return water + self.true_rise(whole, self.plan.litres)


def judge_case(case: DrawnCase) -> Judged | None:
    """Rehearse a case and hold every law against it; None where its mix pours nothing."""
    request = case.rehearsal
    sheet = plan_mix(request.mix)
    if not sheet.pours:
        return None
    plan = guided_plan(request.mix, sheet, ph_step=request.ph_step)
    run = _Rehearsed(case, sheet, plan, TrueTank(request, plan), rehearse(request))
    broken = tuple(name for name, breaks in LAWS.items() if breaks(run))
    insisted = broken if _insisted(run) else ()
    hidden = tuple(n for n in broken if n in _OF_EC and not insisted and _nothing_shows(run))
    return Judged(
        tuple(n for n in broken if n not in insisted and n not in hidden),
        insisted,
        hidden,
        run.record,
        run.aim,
        float(run.tank.litres),
    )


def _insisted(run: _Rehearsed) -> bool:
    offered = {code for step in run.record.steps for code in step.advice}
    return run.case.rehearsal.stops is Stops.INSIST and bool(offered & OFFERED)


def _ph_burns(run: _Rehearsed) -> bool:
    """pH never below 4.5 by acid, nor above 9 by alkali; of a feed that is there already, no more
    than a pen can tell."""
    before = run.tank.water_ph
    for step in run.record.steps:
        lowest, highest = min(before, LOWEST_PH), max(before, HIGHEST_PH)
        if step.kind is StepKind.ACID and step.ph < lowest - (PH_STEP if before < LOWEST_PH else 0):
            return True
        if step.kind is StepKind.ALKALI and step.ph > highest + (
            PH_STEP if before > HIGHEST_PH else 0
        ):
            return True
        before = step.ph
    return False


PH_STEP = 0.1


def _as_asked(step: RehearsedStep) -> Fraction:
    """What went in as asked; who pours more than asked is not advised."""
    return min(step.asked or Fraction(0), step.done or Fraction(0))


def _passes_dose(run: _Rehearsed) -> bool:
    """No product beyond printed × strength, for the largest volume: believed, answered or true."""
    answered = run.case.rehearsal.volume_told or run.plan.litres
    litres = max(run.plan.litres, run.tank.litres, answered) / run.plan.litres
    poured: dict[str, Fraction] = {}
    overpoured = False
    for step in run.record.steps:
        overpoured = overpoured or "overpoured" in step.advice
        if step.kind in _POURS and step.product is not None:
            poured[step.product] = poured.get(step.product, Fraction(0)) + _as_asked(step)
    if overpoured:
        # The other parts of a base follow one that was overpoured: trade's own rule.
        return False
    return any(
        amount > run.plan.takes(key) * litres * MOST_OF_DOSE + FINEST_MARK
        for key, amount in poured.items()
        if run.plan.takes(key)
    )


def _dosed_against_reading(run: _Rehearsed) -> bool:
    """Once a reading showed that the volume is smaller, no more goes in than its dose.

    Only a case in which nothing but the volume is otherwise shows it: its readings are right.
    """
    if not _is_smaller_alone(run):
        return False
    share, poured, shown = run.tank.litres / run.plan.litres, dict[str, Fraction](), False
    for step in run.record.steps:
        if step.kind is StepKind.READ_EC:
            shown = shown or _contradicts(run, poured, step)
        elif step.kind in _POURS and step.product is not None and _as_asked(step):
            key = step.product
            poured[key] = poured.get(key, Fraction(0)) + _as_asked(step)
            most = (run.plan.takes(key) * share * MOST_OF_DOSE + FINEST_MARK) * LABELS_OFF
            if shown and run.plan.takes(key) and poured[key] > most:
                return True
    return False


def _is_smaller_alone(run: _Rehearsed) -> bool:
    """Whether the tank is smaller than planned, and nothing else is wrong, also no answer."""
    answer = run.case.rehearsal.volume_told
    smaller = run.tank.litres < run.plan.litres and answer in (None, run.tank.litres)
    return smaller and run.case.faults == ("volume",)


LABELS_OFF = Fraction(115, 100)
"""Labels and charts are sure to some 15 %, and so is a volume that readings tell by them."""


def _burns_unsaid(run: _Rehearsed) -> bool:
    """A true EC above 1.5 × the target, or off by more than a quarter at the end, is said."""
    last = run.record.steps[-1].ec
    highest = max(step.ec for step in run.record.steps)
    off = abs(last - run.aim) > max(OFF_TARGET * run.aim, 0.1)
    return (highest > MOST_OF_TARGET * run.aim or off) and not _is_pointed_out(run)


def _is_pointed_out(run: _Rehearsed) -> bool:
    if run.record.correction not in (None, Verdict.RIGHT):
        return True
    asked = any(step.kind in (StepKind.VOLUME, StepKind.DRAIN) for step in run.record.steps)
    return asked or any(code in _EC_ADVICE for step in run.record.steps for code in step.advice)


def _worsens_twice(run: _Rehearsed) -> bool:
    """No two corrections in a row that each leave the true tank further off than before."""
    steps, before, worse = run.record.steps, run.tank.water_ec, 0
    rounds: list[tuple[float, float]] = []
    for at, step in enumerate(steps):
        before = steps[at - 1].ec if at else before
        if step.kind in (StepKind.ADD, StepKind.DRAIN) and step.done:
            follows = at and steps[at - 1].kind is StepKind.ADD and step.kind is StepKind.ADD
            if follows:
                rounds[-1] = (rounds[-1][0], step.ec)
            else:
                rounds.append((before, step.ec))
    for start, end in rounds:
        further = abs(end - run.aim) > abs(start - run.aim) + 0.05 + 0.02 * run.aim
        worse = worse + 1 if further else 0
        if worse > 1:
            return True
    return False


def _goes_on(run: _Rehearsed) -> bool:
    """Every mix ends, within 40 steps of adjusting."""
    adjusting = sum(step.kind in _ADJUSTING for step in run.record.steps)
    return run.record.ended != "done" or adjusting > MOST_ADJUSTING


LAWS: Mapping[str, Callable[[_Rehearsed], bool]] = {
    "ph_within_4.5_and_9": _ph_burns,
    "no_product_beyond_its_dose": _passes_dose,
    "no_dose_against_a_reading": _dosed_against_reading,
    "ec_off_is_said": _burns_unsaid,
    "no_two_corrections_for_the_worse": _worsens_twice,
    "ends_within_40_steps": _goes_on,
}
"""Each law by its name, and whether a rehearsal breaks it."""

_OF_EC = ("ec_off_is_said", "no_two_corrections_for_the_worse")


def _nothing_shows(run: _Rehearsed) -> bool:
    """Whether every reading until the first correction is what a right mix would read.

    Two faults may cancel: a pen that shows half in a tank of half the volume. What no reading
    contradicts can be said to nobody; such cases are counted apart.
    """
    poured: dict[str, Fraction] = {}
    read = False
    for step in run.record.steps:
        if step.kind in (StepKind.ADD, StepKind.DRAIN) and step.done:
            break
        if step.kind is StepKind.POUR and step.product is not None:
            poured[step.product] = poured.get(step.product, Fraction(0)) + (step.done or 0)
        if step.kind is StepKind.READ_EC:
            read = True
            if _contradicts(run, poured, step):
                return False
    return read


def _contradicts(run: _Rehearsed, poured: Mapping[str, Fraction], step: RehearsedStep) -> bool:
    """Whether a reading is not what so much feed brings, as far as label, chart or habit tell."""
    expected = run.true_rise(poured, run.plan.litres)
    waters = [s.done for s in run.record.steps if s.kind is StepKind.READ_WATER and s.done]
    water = float(waters[-1]) if waters else 0.0
    shown = float(step.done or 0) - water
    known = all(
        run.plan.rise_of(pour.key) and (pour.stop_at_rise is None or pour.brings)
        for pour in run.plan.pours
        if pour.base
    )
    if known:
        return abs(shown - expected) > 0.3 * expected + 0.1
    of_base = {pour.key for pour in run.plan.pours if pour.is_feed}
    per_litre = float(sum(poured[key] for key in poured if key in of_base) / run.plan.litres)
    usual = USUAL_FEED[AmountUnit.ML]
    least, most = float(usual.weakest) * per_litre, float(usual.strongest) * per_litre
    return not least - 0.1 <= shown <= most + 0.1
