"""Reading pH after EC, and what is done about it."""

from dataclasses import dataclass
from fractions import Fraction

from core.chemistry.acids import PROTONS_AT_6
from core.quantities import AmountUnit
from core.session.bounds import Bounds, Portion
from core.session.events import Event, Kind
from core.session.ph import (
    CAUTIOUS_MEQ_PER_MS_CM,
    FIRST_UNKNOWN_MEQ,
    WAIT_MIN,
    Advice,
    Assistance,
    assist,
)
from core.session.steps import StepKind
from core.session.walk import MOST_ROUNDS, Walk

_LOOKED_INTO = (Advice.UNMOVED, Advice.BEYOND_NEED)
"""Advice whose cause is looked for, so that pH is read again."""

_GOES_ON = (Advice.ACID, Advice.ALKALI, *_LOOKED_INTO)
"""Advice after which pH is read again."""


@dataclass(slots=True)
class _Round:
    """Between two readings of pH.

    Args:
        pending: meq/L that were poured and the pH before, of which the next reading tells.
        unmoved_at: the pH that did not follow, when its cause was looked for.
        looked: how often the need was passed and looked into.
    """

    pending: tuple[float, float] | None = None
    unmoved_at: float | None = None
    looked: int = 0


HIGHEST_PH = Fraction(14)

SAME_PH = 0.05
"""Two readings of pH that differ by less are the same."""


def read_ph(walk: Walk) -> None:
    """Read pH, and correct by portions until it is right or accepted."""
    if walk.ended:
        return
    portions, at = walk.portions, _Round()
    most = MOST_ROUNDS if walk.plan.ph_expected is not None else MOST_CAREFUL_ROUNDS
    for turn in range(1, most + 1):
        read = walk.step(f"read-ph-{turn}", StepKind.READ_PH)
        if read is None or read.figure is None:
            return
        walk.ph = min(read.figure, HIGHEST_PH)
        if at.pending is not None:
            portions.append(Portion(at.pending[0], at.pending[1], float(walk.ph)))
            at.pending = None
        walk.assistance = _assist(walk, at)
        advice = walk.assistance.advice
        if advice is Advice.RIGHT:
            return
        if turn == most and advice in _GOES_ON:
            walk.assistance = Assistance(Advice.TOO_MANY_ROUNDS)
        if walk.assistance.advice in (Advice.ACID, Advice.ALKALI):
            if not _correct(walk, turn, at):
                return
        elif not _look_into(walk, turn, at):
            return


def _assist(walk: Walk, at: _Round) -> Assistance:
    low, high = (float(edge) for edge in walk.plan.ph)
    ph = float(walk.ph or 0)
    stood = at.unmoved_at is not None and abs(ph - at.unmoved_at) < SAME_PH
    if stood and not low <= ph <= high:
        return Assistance(Advice.UNMOVED)  # looked into, and the same still: nothing goes in
    return assist(
        ph,
        low=low,
        high=high,
        litres=float(walk.least_litres),
        alkalinity=_alkalinity(walk),
        phosphate=_phosphate(walk),
        acid_meq=_acid_meq(walk),
        alkali=walk.plan.alkali.alkali if walk.plan.alkali else None,
        portions=walk.portions,
        settles=walk.plan.settles,
        checked=at.unmoved_at is not None,
        bounds=Bounds(
            reported=walk.plan.reported,
            need=None if walk.plan.acid_need is None else float(walk.plan.acid_need),
            pen_over=_pen_over(walk),
            looked=at.looked,
            besides=float(walk.acid_astray / walk.least_litres) * _acid_meq(walk),
        ),
    )


PEN_OVER = 1.0
"""pH by which a pen may read too high where nothing tells what it should read: a pen that was not
calibrated for long does (common practice)."""

PEN_OVER_SHOWS = 0.4
PEN_OVER_SHOWS_ROUGHLY = 0.25
"""pH above the expected from which a pen is taken to read too high, by a lab report or roughly by
an ordinary water: the model is no better, and water that was aerated has lost carbonic acid (our
own default)."""

MOST_CAREFUL_ROUNDS = 12
"""Readings of pH where nothing tells what to expect, so that every portion is small."""


def _pen_over(walk: Walk) -> float:
    """How much too high the pen may read: what its first reading is above the expected."""
    plan = walk.plan
    if plan.ph_expected is None:
        return PEN_OVER
    first = walk.portions[0].before if walk.portions else float(walk.ph or 0)
    over = first - float(plan.ph_expected)
    if plan.reported:
        return over if over > PEN_OVER_SHOWS else 0.0
    return PEN_OVER if over > PEN_OVER_SHOWS_ROUGHLY else 0.0


def _look_into(walk: Walk, turn: int, at: _Round) -> bool:
    """Lay out an advice; whether pH is read again after its cause was looked for."""
    assert walk.assistance is not None
    advice, again = walk.assistance.advice, at.unmoved_at is not None
    if not walk.advised(f"{turn}", advice) or advice not in _LOOKED_INTO:
        return False
    if advice is Advice.BEYOND_NEED:
        at.looked += 1
    elif again:
        return False
    else:
        at.unmoved_at = float(walk.ph or 0)
        if walk.portions and not walk.is_ahead:
            last = walk.portions.pop()  # of which the next reading tells what it did
            at.pending = (last.meq_l, last.before)
    return True


def _correct(walk: Walk, turn: int, at: _Round) -> bool:
    """Lay out a portion of acid or alkali; whether pH is read after it."""
    if not any(step.kind is StepKind.GEAR for step in walk.steps):
        walk.step("gear", StepKind.GEAR)
    done = _ph_step(walk, turn)
    if done is not None and done.kind is not Kind.POURED:
        return False
    if done is not None and done.figure is not None:
        at.pending = (_meq_of(walk, done.figure), float(walk.ph or 0))
    walk.step(f"wait-ph-{turn}", StepKind.WAIT, seconds=WAIT_MIN * 60)
    return True


def _alkalinity(walk: Walk) -> float | None:
    if walk.plan.alkalinity is not None:
        return float(walk.plan.alkalinity)
    return None if walk.source is None else float(walk.source) * CAUTIOUS_MEQ_PER_MS_CM


def _phosphate(walk: Walk) -> float:
    """mmol/L by the labels; what they do not tell is not counted on before portions show it."""
    return float(walk.plan.phosphate or 0)


def _ph_step(walk: Walk, turn: int) -> Event | None:
    assert walk.assistance is not None
    advice, alkali = walk.assistance.advice, walk.plan.alkali
    if advice is Advice.ACID:
        kind, unit = StepKind.ACID, AmountUnit.ML
    else:
        kind, unit = StepKind.ALKALI, alkali.unit if alkali else AmountUnit.ML
    amount = Fraction(walk.assistance.amount).limit_denominator(1000) or None
    return walk.step(f"{kind.value}-{turn}", kind, amount=amount, unit=unit.value)


def _acid_meq(walk: Walk) -> float:
    """What a mL of the acid at hand gives near pH 6, meq; 0 where there is none."""
    acid = walk.plan.acid
    return float(acid.molar) * PROTONS_AT_6[acid.acid.kind] if acid else 0.0


def _meq_of(walk: Walk, amount: Fraction) -> float:
    """meq/L of a portion; of an alkali of unknown strength, a small step the other way."""
    assert walk.assistance is not None
    per_litre = float(amount / walk.least_litres)
    if walk.assistance.advice is Advice.ACID:
        return per_litre * _acid_meq(walk)
    alkali = walk.plan.alkali
    return -per_litre * float(alkali.meq) if alkali else -FIRST_UNKNOWN_MEQ
