"""What becomes of tanks in which one thing, or two, are not what was thought: seeded rehearsals.

The charts and labels are invented. A case is a whole guided mix, answered as the screen asks.
"""

from collections.abc import Callable, Mapping
from dataclasses import dataclass, replace
from fractions import Fraction
from random import Random

from core.chart import Chart, Column, Dose, Medium, PhWindow, Product, Readings, Role
from core.chemistry import Acid, AcidKind, Basis, Label, Nutrient
from core.guided import Pace
from core.meters import DROPS_STEP
from core.planning import AcidOnShelf, MixRequest, OnShelf, Shelf
from core.practice import PenFault, RehearsalRequest, Stops, Truth, rehearse
from core.quantities import DoseUnit, Reading, ReadingRange, Volume
from core.water import LabReport, TargetConvention, Water

CASES = 60
"""Of each family in `./brisk bench`."""

_F = Fraction


def _label(density: str, **percents: str) -> Label:
    analysis = {Nutrient(line): _F(percent) for line, percent in percents.items()}
    return Label(analysis, Basis.BY_WEIGHT, _F(density))


_LABELS = {
    "one": _label("1.2", N_nitrate="4.2", N_ammonium="0.2", Ca="5.2", K2O="1.6", Fe="0.05"),
    "two": _label("1.2", P2O5="3.2", K2O="6.4", Mg="1.3", S="1.8", N_nitrate="0.5"),
    "silica": _label("1.1", K2O="3", SiO2="7"),
}


def _water(reading: str, ph: str, **report: str) -> Water:
    told = LabReport(**{name: _F(value) for name, value in report.items()})
    return Water(Reading(_F(reading)), report=told, ph=_F(ph))


WATERS: Mapping[str, Water] = {
    "RO": _water("0.02", "6.3", alkalinity="3", calcium="0", sodium="2"),
    "soft": _water("0.05", "6.5", alkalinity="12", calcium="3"),
    "mains": _water("0.52", "7.6", alkalinity="150", calcium="68", magnesium="7", sodium="18"),
    "hard": _water("0.86", "7.3", alkalinity="265", calcium="112", magnesium="15", sodium="31"),
    "unknown": Water(Reading(_F("0.5"))),
}
_ACIDS = (
    AcidOnShelf("n", "Down N", Acid(AcidKind.NITRIC, _F(38))),
    AcidOnShelf("p", "Down P", Acid(AcidKind.PHOSPHORIC, _F(59))),
    AcidOnShelf("s", "Down S", Acid(AcidKind.SULFURIC, _F(35))),
)


def _chart(*, silica: bool) -> Chart:
    rows = [
        Product("one", "One", Role.BASE, group="g", rank=1),
        Product("two", "Two", Role.BASE, group="g", rank=2),
    ]
    doses = [Dose(row.key, "w1", _F(2), _F(2), DoseUnit.ML_PER_L) for row in rows]
    if silica:
        rows.insert(0, Product("silica", "Silica", Role.SILICA, scales=False))
        doses.append(Dose("silica", "w1", _F("0.4"), _F("0.4"), DoseUnit.ML_PER_L))
    band = ReadingRange(Reading(_F("1.4")), Reading(_F("1.5")))
    column = Column("w1", "Week 1", ec=band, ph=PhWindow(_F("5.6"), _F("6.0")))
    return Chart(
        "Invented", Medium.WATER, Readings.ADDED, False, tuple(rows), (column,), tuple(doses)
    )


def any_mix(chance: Random) -> MixRequest:
    """Some water, acid, strength, volume; with silica or without; labelled, or now and then not."""
    labels = _LABELS if chance.random() < 0.8 else {}
    name = chance.choice(list(WATERS))
    # On salty water a weak all-in mix has no room for feed at all.
    schools = [None, TargetConvention.ALL_IN] if name in ("RO", "soft") else [None]
    return MixRequest(
        _chart(silica=chance.random() < 0.5),
        "w1",
        Volume(_F(chance.choice([10, 100, 1000]))),
        _F(chance.choice(["1", "0.8", "0.5", "0.25"])),
        water=WATERS[name],
        convention=chance.choice(schools),
        shelf=Shelf({key: OnShelf(label) for key, label in labels.items()},
                    (chance.choice(_ACIDS),)),
        split=chance.random() < 0.4,
    )  # fmt: skip


def _times(chance: Random, least: float, most: float) -> Fraction:
    return _F(str(round(least * (most / least) ** chance.random(), 3)))


def _quarter(chance: Random) -> Fraction:
    return chance.choice([_F("0.75"), _F("0.8"), _F("1.25")])


Wrong = Callable[[Random, RehearsalRequest], RehearsalRequest]


def _true(**fields: object) -> Callable[[RehearsalRequest], RehearsalRequest]:
    return lambda right: replace(right, truth=replace(right.truth, **fields))  # type: ignore[arg-type]


def _volume(chance: Random, right: RehearsalRequest) -> RehearsalRequest:
    times = _times(chance, 0.2, 5)
    told = right.mix.volume.litres * times if chance.random() < 0.5 else None
    return replace(_true(volume=times)(right), volume_told=told)


def _two(chance: Random, right: RehearsalRequest) -> RehearsalRequest:
    bottles = {"one": _quarter(chance), "two": _quarter(chance)}
    ways: list[Callable[[RehearsalRequest], RehearsalRequest]] = [
        _true(volume=_quarter(chance)), _true(acid=_quarter(chance)),
        _true(alkalinity=_quarter(chance)), _true(bottles=bottles),
        lambda one: replace(one, ph_pen=PenFault(offset=chance.choice([_F("-0.25"), _F("0.25")]))),
    ]  # fmt: skip
    for wrong in chance.sample(ways, 2):
        right = wrong(right)
    return right


FAMILIES: Mapping[str, Wrong] = {
    "all as thought": lambda _, right: right,
    "volume 0.2 to 5 times": _volume,
    "acid half to twice": lambda chance, one: _true(acid=_times(chance, 0.5, 2))(one),
    "a bottle half to twice": lambda chance, one: _true(
        bottles={chance.choice(["one", "two"]): _times(chance, 0.5, 2)}
    )(one),
    "bottles swapped": lambda _, one: _true(swapped={"one": "two", "two": "one"})(one),
    "alkalinity half to twice": lambda chance, one: _true(alkalinity=_times(chance, 0.5, 2))(one),
    "pH pen 1 off": lambda chance, one: replace(
        one, ph_pen=PenFault(offset=_F(chance.choice([-1, 1])))
    ),
    "pH by drops": lambda _, one: replace(one, ph_step=DROPS_STEP),
    "drops, alkalinity half to twice": lambda chance, one: replace(
        _true(alkalinity=_times(chance, 0.5, 2))(one), ph_step=DROPS_STEP
    ),
    "drops, a colour off": lambda chance, one: replace(
        one, ph_step=DROPS_STEP, ph_pen=PenFault(offset=_F(chance.choice(["-0.5", "0.5"])))
    ),
    "pH pen stuck": lambda chance, one: replace(
        one, ph_pen=PenFault(stuck=_F(chance.choice(["6.6", "7", "8"])))
    ),
    "EC pen stuck": lambda chance, one: replace(
        one, ec_pen=PenFault(stuck=_F(chance.choice(["0", "0.8", "1.4"])))
    ),
    "EC pen shows a part": lambda chance, one: replace(
        one, ec_pen=PenFault(gain=_times(chance, 0.2, 2))
    ),
    "EC pen drifts": lambda chance, one: replace(
        one, ec_pen=PenFault(drift=_F(chance.choice(["-0.08", "0.08"])))
    ),
    "a part overpoured": lambda chance, one: replace(
        one, pours={chance.choice(["one", "two"]): _times(chance, 1.2, 3)}
    ),
    "a part left out on the screen alone": lambda chance, one: replace(
        one, untold=frozenset(chance.sample(["one", "two"], chance.choice([1, 2])))
    ),
    "pH pen stops on its way": lambda chance, one: replace(
        one, ph_pen=PenFault(stops_after=chance.choice([1, 2, 3]))
    ),
    "EC pen stops on its way": lambda chance, one: replace(
        one, ec_pen=PenFault(stops_after=chance.choice([1, 2, 3]))
    ),
    "water stronger than planned": lambda chance, one: replace(
        one, water_read=_F(chance.choice(["0.3", "0.9", "1.4"]))
    ),
    "two of them a quarter": _two,
}


def case(family: str, seed: int, stops: Stops = Stops.ANSWER) -> RehearsalRequest:
    """One case of a family; the same seed is the same case."""
    chance = Random(f"{family} {seed}")
    right = RehearsalRequest(any_mix(chance), Truth(), seed=seed, stops=stops)
    return FAMILIES[family](chance, right)


@dataclass(frozen=True, slots=True)
class Worst:
    """The worst of a family: true EC as share of its all-in target, true pH, share of a dose."""

    ec: float
    ph_low: float
    of_dose: float


def worst_of(family: str, cases: int = CASES) -> Worst:
    """The worst over so many cases, each at every pace."""
    requests = [case(family, seed) for seed in range(cases)]
    found = [rehearse(replace(request, pace=pace)) for request in requests for pace in Pace]
    doses = [float(d) for one in found for _, _, d in one.poured.values() if d is not None]
    return Worst(
        max(one.steps[-1].ec for one in found),
        min(one.ph_low for one in found),
        max(doses, default=0.0),
    )


def report() -> None:
    """The table of families."""
    print(
        f"Safety: {CASES} rehearsed mixes of each family at each pace; worst true EC at the end, "
        "true pH, dose"
    )
    for family in FAMILIES:
        worst = worst_of(family)
        print(f"  {family:<30} {worst.ec:5.2f} mS/cm   pH {worst.ph_low:4.2f}   "
              f"{worst.of_dose:4.0%} of its dose")  # fmt: skip
