"""Reading pH after EC, and what is done about it."""

from fractions import Fraction

from core.chemistry.acids import PROTONS_AT_6
from core.quantities import AmountUnit
from core.session.events import Event, Kind
from core.session.ph import (
    CAUTIOUS_MEQ_PER_MS_CM,
    CAUTIOUS_PHOSPHATE_PER_MS_CM,
    FIRST_UNKNOWN_MEQ,
    WAIT_MIN,
    Advice,
    Assistance,
    Portion,
    assist,
)
from core.session.steps import StepKind
from core.session.walk import MOST_ROUNDS, Walk

_GOES_ON = (Advice.ACID, Advice.ALKALI, Advice.UNMOVED)
"""Advice after which pH is read again."""


def read_ph(walk: Walk) -> None:
    """Read pH, and correct by portions until it is right or accepted."""
    low, high = (float(edge) for edge in walk.plan.ph)
    portions = walk.portions
    pending: tuple[float, float] | None = None
    checked = False
    for turn in range(1, MOST_ROUNDS + 1):
        read = walk.step(f"read-ph-{turn}", StepKind.READ_PH)
        if read is None or read.figure is None:
            return
        walk.ph = read.figure
        if pending is not None:
            portions.append(Portion(pending[0], pending[1], float(walk.ph)))
        walk.assistance = assist(
            float(walk.ph),
            low=low,
            high=high,
            litres=float(walk.plan.litres),
            alkalinity=_alkalinity(walk),
            phosphate=_phosphate(walk),
            acid_meq=_acid_meq(walk),
            alkali=walk.plan.alkali.alkali if walk.plan.alkali else None,
            portions=portions,
            settles=walk.plan.settles,
            checked=checked,
        )
        if walk.assistance.advice is Advice.RIGHT:
            return
        if turn == MOST_ROUNDS and walk.assistance.advice in _GOES_ON:
            walk.assistance = Assistance(Advice.TOO_MANY_ROUNDS)
        if walk.assistance.advice not in (Advice.ACID, Advice.ALKALI):
            if not walk.advised(f"{turn}", walk.assistance.advice):
                return
            checked = True
            if not walk.is_ahead:
                last = portions.pop()  # of which the next reading tells what it did
                pending = (last.meq_l, last.before)
            continue
        done = _ph_step(walk, turn)
        if done is not None and done.kind is not Kind.POURED:
            return
        if done is not None and done.figure is not None:
            pending = (_meq_of(walk, done.figure), float(walk.ph))
        walk.step(f"wait-ph-{turn}", StepKind.WAIT, seconds=WAIT_MIN * 60)


def _alkalinity(walk: Walk) -> float | None:
    if walk.plan.alkalinity is not None:
        return float(walk.plan.alkalinity)
    return None if walk.source is None else float(walk.source) * CAUTIOUS_MEQ_PER_MS_CM


def _phosphate(walk: Walk) -> float:
    if walk.plan.phosphate is not None:
        return float(walk.plan.phosphate)
    rise = (walk.ec or 0) - (walk.source or 0)
    return max(float(rise), 0.0) * CAUTIOUS_PHOSPHATE_PER_MS_CM


def _ph_step(walk: Walk, turn: int) -> Event | None:
    assert walk.assistance is not None
    advice, alkali = walk.assistance.advice, walk.plan.alkali
    if advice is Advice.ACID:
        kind, unit = StepKind.ACID, AmountUnit.ML
    else:
        kind, unit = StepKind.ALKALI, alkali.unit if alkali else AmountUnit.ML
    amount = Fraction(walk.assistance.amount).limit_denominator(1000) or None
    done = walk.step(f"{kind.value}-{turn}", kind, amount=amount, unit=unit.value)
    if done and done.figure is not None:
        walk.adjusted[kind] = walk.adjusted.get(kind, Fraction(0)) + done.figure
    return done


def _acid_meq(walk: Walk) -> float:
    """What a mL of the acid at hand gives near pH 6, meq; 0 where there is none."""
    acid = walk.plan.acid
    return float(acid.molar) * PROTONS_AT_6[acid.acid.kind] if acid else 0.0


def _meq_of(walk: Walk, amount: Fraction) -> float:
    """meq/L of a portion; of an alkali of unknown strength, a small step the other way."""
    assert walk.assistance is not None
    per_litre = float(amount / walk.plan.litres)
    if walk.assistance.advice is Advice.ACID:
        return per_litre * _acid_meq(walk)
    alkali = walk.plan.alkali
    return -per_litre * float(alkali.meq) if alkali else -FIRST_UNKNOWN_MEQ
