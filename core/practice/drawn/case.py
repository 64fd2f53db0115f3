"""One drawn case: a mix, what is truly otherwise, and what it is called by."""

from collections.abc import Mapping
from dataclasses import dataclass
from fractions import Fraction
from random import Random

from core.chart import Readings
from core.chemistry import Acid, AcidKind, Alkali, Label
from core.guided import Pace
from core.meters import DROPS_STEP, PEN_PH_STEP
from core.planning import AcidOnShelf, AlkaliOnShelf, MixRequest, OnShelf, Shelf
from core.practice.drawn.chance import figure, times_between
from core.practice.drawn.charts import CHARTS, draw_chart
from core.practice.drawn.faults import FAULTS
from core.practice.drawn.waters import KNOWN, RECIPES, as_known, draw_blend, draw_water
from core.practice.request import RehearsalRequest, Stops, Truth
from core.quantities import AmountUnit, Volume
from core.water import TargetConvention

LABELS = ("all", "some", "none")
MOST_FAULTS = 3

_ACIDS = (
    Acid(AcidKind.NITRIC, Fraction(38)),
    Acid(AcidKind.PHOSPHORIC, Fraction(59)),
    Acid(AcidKind.SULFURIC, Fraction(35)),
    Acid(AcidKind.CITRIC, Fraction(50)),
)
_ALKALIS = (Alkali(3.0, 0.0), Alkali(4.0, 0.5))
"""meq in a mL of a hydroxide and of a carbonate, as liquids for pH are sold: from memory."""


@dataclass(frozen=True, slots=True)
class DrawnCase:
    """A drawn case.

    Args:
        seed: draws the same case again.
        traits: what it is like, each by its name: `chart`, `labels`, `water`, `known`,
            `convention`, `blend`, `pace`, `ph_by`, `acid`, `stops`, `split`.
        faults: the names of what is not as believed, at most three.
        rehearsal: the mix, and how everything about it truly is.
    """

    seed: int
    traits: Mapping[str, str]
    faults: tuple[str, ...]
    rehearsal: RehearsalRequest


def is_like(seed: int, wanted: Mapping[str, str]) -> bool:
    """Whether the case of a seed has those traits, and the fault that `fault` names, or `none`."""
    traits, faults = _draw_traits(Random(seed))  # noqa: S311 -- drawn cases, no secrets
    return all(
        value in (faults or ["none"]) if name == "fault" else traits.get(name) == value
        for name, value in wanted.items()
    )


def draw_case(seed: int) -> DrawnCase:
    """The case of a seed."""
    chance = Random(seed)  # noqa: S311 -- drawn cases, no secrets
    traits, faults = _draw_traits(chance)
    rehearsal = _draw_right(chance, traits, seed)
    for name in faults:
        rehearsal = FAULTS[name](chance, rehearsal)
    return DrawnCase(seed, traits, tuple(faults), rehearsal)


def _draw_traits(chance: Random) -> tuple[dict[str, str], list[str]]:
    """What a case is like, and its faults by name: all that a wish can be about, drawn first."""
    traits = {
        "chart": chance.choice(CHARTS),
        "labels": chance.choice(LABELS),
        "water": chance.choice(list(RECIPES)),
        "known": chance.choice(KNOWN),
        "convention": chance.choice([c.value for c in TargetConvention]),
        "blend": chance.choice(["no", "no", "yes"]),
        "pace": chance.choice(list(Pace)).value,
        "ph_by": chance.choice(["pen", "pen", "pen", "drops"]),
        "acid": chance.choice([*(acid.kind.value for acid in _ACIDS), "none"]),
        "stops": chance.choice([Stops.ANSWER, Stops.ANSWER, Stops.ANSWER, Stops.INSIST]).value,
        "split": chance.choice(["no", "yes"]),
    }
    return traits, chance.sample(list(FAULTS), chance.choice([0, 1, 1, 1, 2, 2, 3]))


def _draw_right(chance: Random, traits: Mapping[str, str], seed: int) -> RehearsalRequest:
    """A mix in which everything is as believed."""
    total = traits["convention"] == TargetConvention.ALL_IN
    readings = Readings.TOTAL if total else Readings.ADDED
    drawn = draw_chart(chance, traits["chart"], readings)
    draw = draw_blend if traits["blend"] == "yes" else draw_water
    water = draw(chance, traits["water"])
    mix = MixRequest(
        drawn.chart,
        "now",
        Volume(figure(float(times_between(chance, 2, 10_000)), 1)),
        chance.choice([Fraction(1, 4), Fraction(1, 2), Fraction(4, 5), Fraction(1)]),
        water=as_known(water, traits["known"]),
        convention=TargetConvention(traits["convention"]),
        shelf=_draw_shelf(chance, traits, drawn.contents),
        split=traits["split"] == "yes",
    )
    return RehearsalRequest(
        mix,
        Truth(contents=drawn.contents, water=water),
        seed=seed,
        stops=Stops(traits["stops"]),
        ph_step=DROPS_STEP if traits["ph_by"] == "drops" else PEN_PH_STEP,
        pace=Pace(traits["pace"]),
    )


def _draw_shelf(chance: Random, traits: Mapping[str, str], contents: Mapping[str, Label]) -> Shelf:
    known = {
        "all": list(contents),
        "some": chance.sample(list(contents), len(contents) // 2),
        "none": [],
    }[traits["labels"]]
    acids = tuple(
        AcidOnShelf("acid", "Down", acid) for acid in _ACIDS if acid.kind.value == traits["acid"]
    )
    alkali = chance.choice([None, *_ALKALIS])
    return Shelf(
        {key: OnShelf(contents[key]) for key in known},
        acids,
        (AlkaliOnShelf("up", "Up", alkali, AmountUnit.ML),) if alkali else (),
    )
