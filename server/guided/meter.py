"""Meters: the port that a connected pen answers at, and the simulated pen of the demo."""

from collections.abc import Callable, Mapping
from dataclasses import dataclass
from fractions import Fraction
from random import Random
from statistics import median
from typing import Protocol

from core.chemistry import Alkali
from core.chemistry.elements import Component
from core.guided import GuidedPlan, GuidedPour, GuidedState, Step, StepKind
from core.guided.ph.adjusting import PEN_CHECK
from core.practice import SOUR_CUP_PH, Pen, PenReading, SimulatedTank
from core.practice.pen import stands_still
from server.grows.scope import Scope
from server.guided.models import Mix
from server.shelf.models import Meter as StoredMeter


@dataclass(frozen=True, slots=True)
class MeterReading:
    """EC in mS/cm, pH and °C; `still` once the figures do not move any more."""

    ec: float
    ph: float
    temperature: float
    still: bool


class Meter(Protocol):
    """A pen in the tank of a mix."""

    def read(self, mix: Mix, state: GuidedState, seconds: float) -> MeterReading:
        """What it shows after so many seconds; once it stands still, the median of the last few."""


class SimulatedPen:
    """A pen in a tank that reacts chemically to what was really poured."""

    pen = Pen()

    def read(self, mix: Mix, state: GuidedState, seconds: float) -> MeterReading:
        """As `Meter.read`, by PHREEQC; the same second of the same mix shows the same."""
        solved = _simulated(mix, state).solved()
        step = None if state.now is None else state.steps[state.now]
        ph = SOUR_CUP_PH if step is not None and step.why == PEN_CHECK else solved.ph
        before = PenReading(ec=0.0, ph=7.0, temperature=self.pen.temperature)
        shown = [
            self.pen.show(
                solved.ms_cm, ph, seconds=second, chance=self._chance(mix, state, second),
                before=before,
            )
            for second in range(max(0, int(seconds) - 4), int(seconds) + 1)
        ]  # fmt: skip
        ecs, phs = [one.ec for one in shown], [one.ph for one in shown]
        still = stands_still(ecs, step=self.pen.ec_step * 2) and stands_still(
            phs, step=self.pen.ph_step
        )
        last = shown[-1]
        return MeterReading(
            ec=median(ecs) if still else last.ec,
            ph=median(phs) if still else last.ph,
            temperature=last.temperature,
            still=still,
        )

    @staticmethod
    def _chance(mix: Mix, state: GuidedState, second: int) -> Random:
        return Random(f"{mix.pk} {state.undoable} {second}")  # noqa: S311 -- a pen's noise


_TRUE_SHARE = 0.03


def _simulated(mix: Mix, state: GuidedState) -> SimulatedTank:
    """The tank as it really is: its volume is a little off, its bottles are what labels say."""
    plan = mix.as_plan()
    chance = Random(mix.pk)  # noqa: S311
    litres = float(plan.litres) * (1 + chance.uniform(-_TRUE_SHARE, _TRUE_SHARE))
    water = {Component(name): mol for name, mol in mix.simulated_water.items()}
    tank = SimulatedTank(litres, dict(water))
    for step in state.steps:
        if step.figure is not None:
            _do_in(tank, step, step.figure, plan=plan, water=water)
    return tank


def _do_in(
    tank: SimulatedTank,
    step: Step,
    done: Fraction,
    *,
    plan: GuidedPlan,
    water: dict[Component, float],
) -> None:
    """What a step that was done has done to the tank."""
    match step.kind:
        case StepKind.POUR | StepKind.ADD if step.pour is not None:
            _pour_in(tank, plan, plan.pours[step.pour], done)
        case StepKind.ACID if plan.acid:
            tank.pour_acid(plan.acid.acid, float(done))
        case StepKind.ALKALI:
            tank.pour_alkali(plan.alkali.alkali if plan.alkali else _SOME_ALKALI, float(done))
        case StepKind.DRAIN:
            tank.exchange(float(done), water)


_SOME_ALKALI = Alkali(1.0, 0.0)
"""Of unknown strength: potassium hydroxide of 1 mol/L, say."""


def _pour_in(tank: SimulatedTank, plan: GuidedPlan, pour: GuidedPour, amount: Fraction) -> None:
    """What a label tells, else what the chart expects of it."""
    if pour.brings is not None:
        tank.pour_moles(pour.brings, float(amount))
    else:
        tank.pour_unlabelled(float(plan.brings_about(pour.key, amount)))


def meter_of(scope: Scope) -> Meter | None:
    """The pen that is connected in a grow; None where none is."""
    connected = scope.all(StoredMeter).exclude(connection="by_hand").first()
    return None if connected is None else _CONNECTED[connected.connection]()


_CONNECTED: Mapping[str, Callable[[], Meter]] = {StoredMeter.Connection.SIMULATED: SimulatedPen}
