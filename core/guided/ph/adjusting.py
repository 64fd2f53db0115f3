"""Reading pH after EC, and what is done about it."""

from dataclasses import dataclass, field
from fractions import Fraction

from core.chemistry.acids import PROTONS_AT_6
from core.guided.events import Event, EventKind
from core.guided.ph.advice import Advice, Assistance
from core.guided.ph.assistant import (
    ORDINARY_MEQ_PER_MS_CM,
    WAIT_MIN,
    PhReading,
    assist,
    may_be_right,
)
from core.guided.ph.bounds import Bounds, Portion
from core.guided.ph.least_buffer import (
    hardest_capacity,
    least_capacity,
    of_planned_water,
    report_holds,
    times_stronger,
)
from core.guided.ph.portion_sizes import FIRST_UNKNOWN_MEQ
from core.guided.plan import GuidedPlan
from core.guided.replay import Replay
from core.guided.steps import StepKind
from core.meters import PEN_PH_STEP
from core.quantities import AmountUnit

_LOOKED_INTO = (Advice.UNMOVED, Advice.ODD, Advice.BEYOND_NEED, Advice.NO_RESPONSE)
"""Advice whose cause is looked for, so that pH is read again."""

_GOES_ON = (Advice.ACID, Advice.ALKALI, *_LOOKED_INTO)
"""Advice after which pH is read again."""


@dataclass(slots=True)
class PhOutcome:
    """How pH went: what was read, poured, and made of it.

    Args:
        ph: the last reading.
        assistance: what it calls for.
        portions: the corrections made so far, with the pH around each.
        pending: meq/L that were poured and the pH before, of which the next reading tells.
        unmoved_at: the pH that did not follow, when its cause was looked for.
        looked: how often the need was passed and looked into.
        allowed: how often the pen was seen to be alive though nothing of what went in had shown.
        alive_at: how many portions were in when the pen was last seen to be alive.
        far_at: the pH far past the window, when its cause was looked for.
        cup: the pH that the pen showed in the cup: if the tank shows it too, it has stopped there.
    """

    ph: Fraction | None = None
    assistance: Assistance | None = None
    portions: list[Portion] = field(default_factory=list)
    pending: tuple[float, float] | None = None
    unmoved_at: float | None = None
    looked: int = 0
    allowed: int = 0
    alive_at: int | None = None
    far_at: float | None = None
    cup: float | None = None


HIGHEST_PH = Fraction(14)

SAME_PH = 0.05
"""Two readings of pH that differ by less are the same."""


def read_ph(replay: Replay) -> PhOutcome:
    """Read pH, and correct by portions until it is right or accepted."""
    outcome = PhOutcome()
    most = MOST_CAREFUL_ROUNDS
    for turn in range(1, most + 1):
        read = replay.step(f"read-ph-{turn}", StepKind.READ_PH)
        if read is None or read.figure is None:
            return outcome
        _take(outcome, read.figure)
        outcome.assistance = _assist(replay, outcome)
        if _fell_too_far(replay, outcome):
            outcome.assistance = Assistance(Advice.ODD)
        if outcome.assistance.advice is Advice.NO_RESPONSE and _check_pen(replay, turn, outcome):
            outcome.assistance = _assist(replay, outcome)
        if turn == most and outcome.assistance.advice in _GOES_ON:
            outcome.assistance = Assistance(Advice.TOO_MANY_ROUNDS)
        if not _goes_on(replay, turn, outcome):
            return outcome
    return outcome


FAR_BEYOND = 0.5
"""pH beyond the window that no portion should bring: it is read again before anything goes in."""


def _fell_too_far(replay: Replay, outcome: PhOutcome) -> bool:
    """Whether the last portion brought pH far past the window, and nobody looked why yet."""
    if not outcome.portions or outcome.far_at is not None:
        return False
    low, high = (float(edge) for edge in replay.plan.ph)
    last = outcome.portions[-1]
    if last.meq_l > 0:
        return last.after < low - FAR_BEYOND
    return last.after > high + FAR_BEYOND


PEN_CHECK = "pen_check"
"""Why pH of a cup is read: tank water with a drop of acid in it. A pen that shows the same there as
in the tank stands still."""

ALIVE_STEPS = 2


def _check_pen(replay: Replay, turn: int, outcome: PhOutcome) -> bool:
    """Read a cup of another pH; whether the pen shows something else there, and so is alive."""
    read = replay.step(f"check-ph-{turn}", StepKind.READ_PH, why=PEN_CHECK)
    if read is None or read.figure is None or outcome.ph is None:
        return False
    by_drops = replay.plan.ph_step > PEN_PH_STEP
    least = replay.plan.ph_step * (1 if by_drops else ALIVE_STEPS)
    if abs(read.figure - outcome.ph) < least:
        return False
    outcome.allowed += 1
    outcome.alive_at, outcome.cup = len(outcome.portions), float(read.figure)
    return True


def _take(outcome: PhOutcome, figure: Fraction) -> None:
    """A reading; it tells what the portion before it did."""
    outcome.ph = min(figure, HIGHEST_PH)
    if outcome.pending is not None:
        outcome.portions.append(Portion(*outcome.pending, float(outcome.ph)))
        outcome.pending = None


def _goes_on(replay: Replay, turn: int, outcome: PhOutcome) -> bool:
    """Lay out what a reading calls for; whether pH is read again after it."""
    assert outcome.assistance is not None
    advice = outcome.assistance.advice
    if advice is Advice.RIGHT:
        return False
    if advice in (Advice.ACID, Advice.ALKALI):
        return _correct(replay, turn, outcome)
    return _look_into(replay, turn, outcome)


def _assist(replay: Replay, outcome: PhOutcome) -> Assistance:
    low, high = (float(edge) for edge in replay.plan.ph)
    ph = float(outcome.ph or 0)
    alive = outcome.alive_at == len(outcome.portions)
    stood = outcome.unmoved_at is not None and abs(ph - outcome.unmoved_at) < SAME_PH
    if outcome.cup is not None and abs(ph - outcome.cup) < SAME_PH:
        return Assistance(Advice.NO_RESPONSE)
    if stood and not alive and not may_be_right(ph, low, high, float(replay.plan.ph_step)):
        return Assistance(Advice.NO_RESPONSE)  # looked into, and the same still
    read = PhReading(
        ph,
        low=low,
        high=high,
        litres=float(replay.least_litres),
        alkalinity=_alkalinity(replay),
        phosphate=_phosphate(replay),
        acid_meq=_acid_meq(replay),
        alkali=replay.plan.alkali.alkali if replay.plan.alkali else None,
        portions=outcome.portions,
        resolution=float(replay.plan.ph_step),
        settles=replay.plan.settles,
        checked=alive or outcome.unmoved_at is not None,
        bounds=Bounds(
            reported=report_holds(replay),
            need=None if replay.plan.acid_need is None else float(replay.plan.acid_need),
            pen_over=pen_over(_first_shown(outcome), replay.plan, reported=report_holds(replay)),
            looked=outcome.looked,
            besides=float(replay.acid_astray / replay.least_litres) * _acid_meq(replay),
            least=least_capacity(replay, confirmed=_is_as_expected(replay, outcome)),
            strongest=times_stronger(replay),
            allowed=outcome.allowed,
            hardest=hardest_capacity(replay, _phosphate(replay)),
        ),
    )
    return assist(read)


PEN_OVER = 1.0
"""pH by which a pen may read too high where nothing tells what it should read: a pen that was not
calibrated for long does (common practice)."""

PEN_OVER_SHOWS = 0.4
"""pH above the expected from which a pen is taken to read too high: the model is no better, and
water that was aerated has lost carbonic acid (our own default)."""

MOST_CAREFUL_ROUNDS = 10
"""Readings of pH in a mix: where nothing tells what to expect every portion is small."""


def _first_shown(outcome: PhOutcome) -> float:
    """What the pen showed before anything was done about pH."""
    return outcome.portions[0].before if outcome.portions else float(outcome.ph or 0)


DROPS_OVER = 0.5
"""The same of drops: a colour taken for the next one (common practice)."""


def pen_over(first: float, plan: GuidedPlan, *, reported: bool) -> float:
    """How much too high the pen may read, by what it first showed: pH."""
    if plan.ph_expected is None or not reported:
        return PEN_OVER if plan.ph_step <= PEN_PH_STEP else DROPS_OVER
    over = first - float(plan.ph_expected)
    return over if over > PEN_OVER_SHOWS else 0.0


def _is_as_expected(replay: Replay, outcome: PhOutcome) -> bool:
    plan = replay.plan
    if not report_holds(replay) or plan.ph_expected is None:
        return False
    return abs(_first_shown(outcome) - float(plan.ph_expected)) <= PEN_OVER_SHOWS


def _look_into(replay: Replay, turn: int, outcome: PhOutcome) -> bool:
    """Lay out an advice; whether pH is read again after its cause was looked for."""
    assert outcome.assistance is not None
    advice, again = outcome.assistance.advice, outcome.unmoved_at is not None
    if not replay.advised(f"{turn}", advice) or advice not in _LOOKED_INTO:
        return False
    if advice is Advice.BEYOND_NEED:
        outcome.looked += 1
    elif advice is Advice.ODD:
        outcome.far_at = float(outcome.ph or 0)
        _read_again(replay, outcome)
    elif again:
        return False
    else:
        outcome.unmoved_at = float(outcome.ph or 0)
        _read_again(replay, outcome)
    return True


def _read_again(replay: Replay, outcome: PhOutcome) -> None:
    """Let the next reading tell what the last portion did."""
    if outcome.portions and not replay.is_ahead:
        last = outcome.portions.pop()
        outcome.pending = (last.meq_l, last.before)


def _correct(replay: Replay, turn: int, outcome: PhOutcome) -> bool:
    """Lay out a portion of acid or alkali; whether pH is read after it."""
    if not any(step.kind is StepKind.GEAR for step in replay.steps):
        replay.step("gear", StepKind.GEAR)
    done = _ph_step(replay, turn, outcome)
    if done is not None and done.kind is not EventKind.POURED:
        return False
    if done is not None and done.figure is not None:
        outcome.pending = (_meq_of(replay, outcome, done.figure), float(outcome.ph or 0))
    replay.step(f"wait-ph-{turn}", StepKind.WAIT, seconds=WAIT_MIN * 60)
    return True


def _alkalinity(replay: Replay) -> float | None:
    if replay.plan.alkalinity is not None:
        return float(replay.plan.alkalinity) * of_planned_water(replay)
    return None if replay.source is None else float(replay.source) * ORDINARY_MEQ_PER_MS_CM


def _phosphate(replay: Replay) -> float:
    """mmol/L by the labels; what they do not tell is not counted on before portions show it."""
    return float(replay.plan.phosphate or 0)


def _ph_step(replay: Replay, turn: int, outcome: PhOutcome) -> Event | None:
    assert outcome.assistance is not None
    advice, alkali = outcome.assistance.advice, replay.plan.alkali
    if advice is Advice.ACID:
        kind, unit = StepKind.ACID, AmountUnit.ML
    else:
        kind, unit = StepKind.ALKALI, alkali.unit if alkali else AmountUnit.ML
    amount = Fraction(outcome.assistance.amount).limit_denominator(1000) or None
    return replay.step(f"{kind.value}-{turn}", kind, amount=amount, unit=unit.value)


def _acid_meq(replay: Replay) -> float:
    """What a mL of the acid at hand gives near pH 6, meq; 0 where there is none."""
    acid = replay.plan.acid
    return float(acid.molar) * PROTONS_AT_6[acid.acid.kind] if acid else 0.0


def _meq_of(replay: Replay, outcome: PhOutcome, amount: Fraction) -> float:
    """meq/L of a portion; of an alkali of unknown strength, a small step the other way."""
    assert outcome.assistance is not None
    per_litre = float(amount / replay.least_litres)
    if outcome.assistance.advice is Advice.ACID:
        return per_litre * _acid_meq(replay)
    alkali = replay.plan.alkali
    return -per_litre * float(alkali.meq) if alkali else -FIRST_UNKNOWN_MEQ
