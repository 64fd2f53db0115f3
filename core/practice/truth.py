"""The tank as it is and what pens show of it, both perhaps otherwise than the grower believes."""

from dataclasses import replace
from fractions import Fraction
from random import Random

from core.chemistry import Alkali, contents_of
from core.chemistry.source import source_water
from core.errors import InputError
from core.guided import GuidedPlan
from core.planning.tank import label_of
from core.practice.request import PenFault, RehearsalRequest
from core.practice.tank import SimulatedTank
from core.quantities import rounded
from core.water import Water

NEUTRAL_PH = 7.0
"""Where an electrode of glass gives no voltage, so that a worn one is right there: common
practice."""


BEYOND_MODEL_MS_CM = 200.0
"""What a tank is said to have that no model tells of: four times sea water."""


SOUR_CUP_PH = 3.0
"""Of a cup of tank water with a drop of acid in it."""


class TrueTank:
    """The tank as it is."""

    def __init__(self, request: RehearsalRequest, plan: GuidedPlan) -> None:
        self.mix, self.truth, self.plan = request.mix, request.truth, plan
        water = self._water(request)
        self.litres = plan.litres * self.truth.volume
        self.fresh = dict(source_water(water).moles)
        self.tank = SimulatedTank(float(self.litres), dict(self.fresh))
        solved = self.tank.solved()
        read = water.reading.ms_cm if water.reading else Fraction(solved.ms_cm)
        self.water_ec = float(request.water_read if request.water_read is not None else read)
        # What the model and the reading of this water differ by stays between them.
        self._zero = self.water_ec - solved.ms_cm
        self.now = (self.water_ec, solved.ph)
        self.water_ph = solved.ph

    @staticmethod
    def _water(request: RehearsalRequest) -> Water:
        truth = request.truth
        water = truth.water or request.mix.water
        if water.report.alkalinity is None:
            return water
        alkalinity = water.report.alkalinity * truth.alkalinity
        return replace(water, report=replace(water.report, alkalinity=alkalinity))

    def _solve(self) -> None:
        try:
            solved = self.tank.solved()
        except InputError:  # so much is in it that no model tells
            self.now = (BEYOND_MODEL_MS_CM, self.now[1])
            return
        self.now = (max(solved.ms_cm + self._zero, 0.0), solved.ph)

    def pour(self, key: str, amount: Fraction) -> None:
        really = self.truth.swapped.get(key, key)
        strong = self.truth.bottles.get(key, Fraction(1))
        product = next(p for p in self.mix.chart.products if p.key == really)
        label = self.truth.contents.get(really) or label_of(self.mix, really)
        if label is not None:
            self.tank.pour(contents_of(label, product.form, product.role), float(amount * strong))
        else:
            self.tank.pour_unlabelled(float(self.plan.brings_about(really, amount) * strong))
        self._solve()

    def pour_acid(self, amount: Fraction) -> None:
        if self.plan.acid is not None:
            self.tank.pour_acid(self.plan.acid.acid, float(amount * self.truth.acid))
        self._solve()

    def pour_alkali(self, amount: Fraction) -> None:
        alkali = self.plan.alkali.alkali if self.plan.alkali else Alkali(1.0, 0.0)
        self.tank.pour_alkali(alkali, float(amount * self.truth.acid))
        self._solve()

    def drain(self, litres: Fraction) -> None:
        self.tank.exchange(float(litres), self.fresh)
        self._solve()


class Pens:
    """What the pens show of it."""

    def __init__(self, request: RehearsalRequest, tank: TrueTank) -> None:
        self.request, self.tank = request, tank
        self.chance = Random(request.seed)  # noqa: S311 -- a pen's noise
        self.ecs = self.phs = 0
        self.last: dict[str, float] = {}

    def ec(self, *, of_water: bool) -> Fraction:
        self.ecs += not of_water
        pen = self.request.ec_pen
        shown = self._show("ec", pen, self.tank.now[0], self.tank.water_ec, self.ecs)
        return rounded(Fraction(max(shown, 0.0)), 2)

    def ph(self, *, in_a_cup: bool = False) -> Fraction:
        """pH of the tank, or of a cup of it with a drop of acid."""
        self.phs += 1
        pen = self.request.ph_pen
        true = SOUR_CUP_PH if in_a_cup else self.tank.now[1]
        shown = self._show("ph", pen, true, self.tank.water_ph, self.phs)
        step = self.request.ph_step
        return round(Fraction(min(max(shown, 0.0), 14.0)) / step) * step

    def _show(self, what: str, pen: PenFault, true: float, water: float, reading: int) -> float:
        if pen.stuck is not None and reading:
            return float(pen.stuck)
        if pen.stops_after is not None and reading > pen.stops_after and what in self.last:
            return self.last[what]
        shown = water + (true - water) * float(pen.gain) + float(pen.offset)
        if what == "ph":
            shown = NEUTRAL_PH + (shown - NEUTRAL_PH) * float(pen.slope)
        shown *= float(1 + pen.drift) ** reading * float(pen.scale)
        if what in self.last:
            shown += (self.last[what] - shown) * float(pen.lag)
        self.last[what] = shown * (1 + self.chance.gauss(0, float(pen.noise)))
        return self.last[what]
