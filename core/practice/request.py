"""What a rehearsal is asked: a mix, and what is really otherwise than it is believed."""

from collections.abc import Mapping
from dataclasses import dataclass, field
from enum import StrEnum
from fractions import Fraction
from typing import Literal

from core.chemistry import Label
from core.errors import InputError
from core.guided import Pace
from core.meters import PEN_PH_STEP
from core.planning import MixRequest
from core.water import Water

MOST_OFF = Fraction(1000)
"""Times by which anything may be off: more is a slip of the keyboard."""


class Stops(StrEnum):
    """How the grower takes advice and stops.

    Answer: each is seen to, and what is offered beyond the printed dose, or of acid beyond the
    need, is declined. Insist: that is taken too. Obey: the mix ends at the first.
    """

    ANSWER = "answer"
    INSIST = "insist"
    OBEY = "obey"


@dataclass(frozen=True, slots=True)
class Truth:
    """How things really are, as factors on what the request believes.

    Args:
        volume: of the water in the tank.
        acid: of the strength of acid and alkali.
        alkalinity: of the water's alkalinity.
        bottles: of the strength of single products.
        swapped: for a product, the one that is really in its bottle.
        contents: what single bottles hold, where the mix has no label of them or a wrong one.
        water: the water that is really in the tank; None for the one that the mix names.
    """

    volume: Fraction = Fraction(1)
    acid: Fraction = Fraction(1)
    alkalinity: Fraction = Fraction(1)
    bottles: Mapping[str, Fraction] = field(default_factory=dict)
    swapped: Mapping[str, str] = field(default_factory=dict)
    contents: Mapping[str, Label] = field(default_factory=dict)
    water: Water | None = None


@dataclass(frozen=True, slots=True)
class PenFault:
    """How a pen shows something else than what is so.

    Args:
        stuck: what it shows whatever it is in, from the first reading after the water on.
        stops_after: after so many readings after the water it shows the last one again; None for
            a pen that does not stop.
        gain: the share of the rise over the water that it shows.
        scale: times of everything that it shows, water too: another unit than is believed.
        slope: of pH, the share of the way from pH 7 that it shows, as an old electrode does.
        lag: the share of the way from the reading before that is still missing when it is read.
        offset: what it shows too much.
        drift: the share of itself by which each reading after the water is further off.
        noise: the share of a reading by which it wavers, one standard deviation.
    """

    stuck: Fraction | None = None
    stops_after: int | None = None
    gain: Fraction = Fraction(1)
    scale: Fraction = Fraction(1)
    slope: Fraction = Fraction(1)
    lag: Fraction = Fraction(0)
    offset: Fraction = Fraction(0)
    drift: Fraction = Fraction(0)
    noise: Fraction = Fraction(0)


@dataclass(frozen=True, slots=True)
class TypingSlip:
    """A figure that is typed wrong once: who is asked about it types it right.

    Args:
        kind: what is read, `ec` or `ph`.
        reading: which reading of that kind, the water's the first of EC.
        times: what is typed, as times of what the pen shows.
    """

    kind: Literal["ec", "ph"]
    reading: int
    times: Fraction


@dataclass(frozen=True, slots=True)
class RehearsalRequest:
    """A mix, and how everything about it really is.

    Args:
        mix: what the grower believes and asks for.
        truth: how it really is.
        ec_pen, ph_pen: how the pens show it.
        pours: by product, times of what is asked for that are poured and told.
        untold: keys of products that go in, and that the screen is told were left out.
        water_read: mS/cm that the water really reads at the bench; None for what was believed.
        stops: how the grower takes stops.
        ph_step: pH within which what it is read with tells what is so: a pen, or drops.
        volume_told: litres that the grower tells when asked; None to take the bench's estimate.
        seed: of the pens' noise.
        pace: of the grower; what it cuts is left out.
        slip: a figure that is typed wrong; None for a grower who types what the pen shows.
        hurries: whether the grower skips every stir and wait.
    """

    mix: MixRequest
    truth: Truth = Truth()
    ec_pen: PenFault = PenFault()
    ph_pen: PenFault = PenFault()
    pours: Mapping[str, Fraction] = field(default_factory=dict)
    untold: frozenset[str] = frozenset()
    water_read: Fraction | None = None
    stops: Stops = Stops.ANSWER
    volume_told: Fraction | None = None
    seed: int = 1
    ph_step: Fraction = PEN_PH_STEP
    pace: Pace = Pace.FULL
    slip: TypingSlip | None = None
    hurries: bool = False

    def __post_init__(self) -> None:
        self._check_products()
        self._check_factors()

    def _check_products(self) -> None:
        keys = {product.key for product in self.mix.chart.products}
        swaps = self.truth.swapped
        named = [
            *(("truth.bottles", key) for key in self.truth.bottles),
            *(("truth.swapped", key) for pair in swaps.items() for key in pair),
            *(("pours", key) for key in self.pours),
            *(("untold", key) for key in sorted(self.untold)),
            *(("truth.contents", key) for key in self.truth.contents),
        ]
        for where, key in named:
            if key not in keys:
                raise InputError("unknown_product.named", where, key=key)

    def _check_factors(self) -> None:
        factors = {
            "truth.volume": self.truth.volume, "truth.acid": self.truth.acid,
            "truth.alkalinity": self.truth.alkalinity,
        } | {f"truth.bottles.{k}": v for k, v in self.truth.bottles.items()} | {
            f"pours.{k}": v for k, v in self.pours.items()
        }  # fmt: skip
        for where, factor in factors.items():
            least = 1 / MOST_OFF if where == "truth.volume" else 0
            if not least <= factor <= MOST_OFF:
                raise InputError("factor_out_of_range", where)
