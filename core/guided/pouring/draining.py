"""Draining a part of a tank and filling it up with water."""

from fractions import Fraction

from core.guided.events import EventKind
from core.guided.ph.assistant import WAIT_MIN
from core.guided.replay import Replay
from core.guided.steps import StepKind


def drain(replay: Replay, name: str, litres: Fraction) -> Fraction | None:
    """Lay out draining and filling; the litres, None if that is left out."""
    done = replay.step(f"drain-{name}", StepKind.DRAIN, amount=litres, unit="L")
    if done is not None and done.kind is EventKind.SKIPPED:
        return None
    if done is not None and done.figure is not None:
        litres = done.figure
    replay.ledger.keep(1 - min(litres / replay.litres, Fraction(1)))
    let_mix_through(replay, name)
    return litres


def let_mix_through(replay: Replay, name: str) -> None:
    """Let a correction mix through before the next reading."""
    replay.step(f"settle-{name}", StepKind.WAIT, seconds=WAIT_MIN * 60)
