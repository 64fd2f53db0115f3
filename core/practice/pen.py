"""A pen for EC and pH that settles over seconds, with noise, resolution and drift."""

from dataclasses import dataclass
from math import exp
from random import Random


@dataclass(frozen=True, slots=True)
class PenReading:
    """What the pen shows: EC in mS/cm, pH, and °C."""

    ec: float
    ph: float
    temperature: float


@dataclass(frozen=True, slots=True)
class Pen:
    """A two-in-one pen.

    Args:
        ec_step: mS/cm that it can tell apart.
        ph_step: pH that it can tell apart.
        ec_noise: share of a reading by which it wavers, one standard deviation.
        ph_noise: pH by which it wavers.
        settles_s: seconds in which two thirds of the way to a new reading are gone.
        ph_drift: pH by which it has drifted since it was calibrated.
        temperature: °C of the solution.
    """

    ec_step: float = 0.01
    ph_step: float = 0.1
    ec_noise: float = 0.003
    ph_noise: float = 0.02
    settles_s: float = 4.0
    ph_drift: float = 0.0
    temperature: float = 20.0

    def show(
        self, ec: float, ph: float, *, seconds: float, chance: Random, before: PenReading
    ) -> PenReading:
        """What it shows so many seconds after it was put into a solution of an EC and a pH."""
        gone = 1 - exp(-max(seconds, 0.0) / self.settles_s)
        ec_now = before.ec + (ec - before.ec) * gone
        ph_now = before.ph + (ph + self.ph_drift - before.ph) * gone
        ec_now *= 1 + chance.gauss(0, self.ec_noise)
        ph_now += chance.gauss(0, self.ph_noise)
        return PenReading(
            ec=round(round(ec_now / self.ec_step) * self.ec_step, 4),
            ph=round(round(ph_now / self.ph_step) * self.ph_step, 4),
            temperature=self.temperature,
        )


def stands_still(shown: list[float], *, step: float, of: int = 4) -> bool:
    """Whether the last few figures differ by no more than the pen's step."""
    last = shown[-of:]
    return len(last) == of and max(last) - min(last) <= step * 1.001
