"""Meters: the port that a connected pen answers at, and the simulated pen of the demo."""

from dataclasses import dataclass
from random import Random
from statistics import median
from typing import Protocol

from core.chart import Form, Role
from core.chemistry import Alkali, contents_of
from core.chemistry.elements import Component
from core.formats import LabelDocument
from core.practice import Pen, PenReading, SimulatedTank
from core.practice.pen import stands_still
from core.session import State, StepKind
from server.charts.models import Product
from server.grows.models import Grow
from server.mixes.models import Mix


@dataclass(frozen=True, slots=True)
class MeterReading:
    """EC in mS/cm, pH and °C; `still` once the figures do not move any more."""

    ec: float
    ph: float
    temperature: float
    still: bool


class Meter(Protocol):
    """A pen in the tank of a mix."""

    def read(self, mix: Mix, state: State, seconds: float) -> MeterReading:
        """What it shows after so many seconds; once it stands still, the median of the last few."""


class SimulatedPen:
    """A pen in a tank that reacts chemically to what was really poured."""

    pen = Pen()

    def read(self, mix: Mix, state: State, seconds: float) -> MeterReading:
        """As `Meter.read`, by PHREEQC; the same second of the same mix shows the same."""
        solved = _simulated(mix, state).solved()
        before = PenReading(ec=0.0, ph=7.0, temperature=self.pen.temperature)
        shown = [
            self.pen.show(
                solved.ms_cm, solved.ph, seconds=second, chance=self._chance(mix, state, second),
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
    def _chance(mix: Mix, state: State, second: int) -> Random:
        return Random(f"{mix.pk} {state.undoable} {second}")  # noqa: S311 -- a pen's noise


_TRUE_SHARE = 0.03


def _simulated(mix: Mix, state: State) -> SimulatedTank:
    """The tank as it really is: its volume is a little off, its bottles are what labels say."""
    plan = mix.as_plan()
    chance = Random(mix.pk)  # noqa: S311
    litres = float(plan.litres) * (1 + chance.uniform(-_TRUE_SHARE, _TRUE_SHARE))
    water = {Component(name): mol for name, mol in mix.simulated_water.items()}
    tank = SimulatedTank(litres, dict(water))
    numbers = [found["product"] for found in mix.products.values()]
    products = {product.pk: product for product in Product.objects.filter(pk__in=numbers)}
    for step in state.steps:
        if step.figure is None:
            continue
        if step.kind in (StepKind.POUR, StepKind.ADD) and step.pour is not None:
            pour = plan.pours[step.pour]
            product = products.get(mix.product(pour.key) or 0)
            whole = pour.amount or pour.estimate
            if product is not None and product.label:
                label = LabelDocument.model_validate(product.label).label()
                contents = contents_of(label, Form(product.form), Role(product.role))
                tank.pour(contents, float(step.figure))
            elif whole:  # then it is what the chart expects of it
                rise = (pour.until or pour.rise) * step.figure / whole
                tank.pour_unlabelled(float(rise * plan.litres))
        elif step.kind is StepKind.ACID and plan.acid:
            tank.pour_acid(plan.acid.acid, float(step.figure))
        elif step.kind is StepKind.ALKALI:
            # Of an alkali of unknown strength: potassium hydroxide of 1 mol/L, say.
            tank.pour_alkali(
                plan.alkali.alkali if plan.alkali else Alkali(1.0, 0.0), float(step.figure)
            )
        elif step.kind is StepKind.DRAIN:
            tank.exchange(float(step.figure), water)
    return tank


def meter_of(grow: Grow) -> Meter | None:
    """The pen that is connected in a grow: in the demo the simulated one."""
    return SimulatedPen() if grow.is_demo else None
