"""Windows that growers stay within: pH, temperature and elements."""

from collections.abc import Mapping
from dataclasses import dataclass
from fractions import Fraction

from core.chart import Medium, PhWindow, Stage
from core.chart.growing import Crop
from core.chemistry import Element
from core.facts import one_each

PH_WINDOWS: Mapping[Medium, PhWindow] = one_each(
    Medium,
    {
        Medium.WATER: PhWindow(Fraction("5.5"), Fraction("6.5")),
        Medium.COIR: PhWindow(Fraction("5.5"), Fraction("6.2")),
        Medium.SOIL: PhWindow(Fraction("6.0"), Fraction("7.0")),
    },
)
"""Where the chart prints none: common practice; the one for soil from memory."""

COLDEST, WARMEST = Fraction(18), Fraction(22)
"""°C of a solution: common practice."""


@dataclass(frozen=True, slots=True)
class Window:
    """ppm of an element in the finished tank; own if the grower entered it."""

    low: Fraction
    high: Fraction
    own: bool = False


def _window(low: int, high: int) -> Window:
    return Window(Fraction(low), Fraction(high))


_E = Element
_LEAF: dict[Element, Window] = {
    _E.N: _window(100, 200), _E.P: _window(15, 60), _E.K: _window(100, 250),
    _E.CA: _window(80, 200), _E.MG: _window(20, 60), _E.S: _window(20, 110),
    _E.FE: _window(1, 5), _E.NA: _window(0, 50), _E.CL: _window(0, 100),
}  # fmt: skip
_FRUIT: dict[Element, Window] = {
    _E.N: _window(100, 220), _E.P: _window(25, 65), _E.K: _window(150, 350),
    _E.CA: _window(100, 220), _E.MG: _window(30, 70), _E.S: _window(30, 130),
    _E.FE: _window(1, 5), _E.NA: _window(0, 50), _E.CL: _window(0, 120),
}  # fmt: skip
_SEEDLING: dict[Element, Window] = {
    _E.N: _window(40, 120), _E.P: _window(8, 40), _E.K: _window(40, 150),
    _E.CA: _window(30, 120), _E.MG: _window(8, 40), _E.S: _window(8, 80),
    _E.FE: _window(0, 3), _E.NA: _window(0, 40), _E.CL: _window(0, 80),
}  # fmt: skip
_OF_STAGE: dict[Stage | None, dict[Element, Window]] = {
    None: _LEAF,
    Stage.SEEDLING: _SEEDLING,
    Stage.LEAF: _LEAF,
    Stage.TRANSITION: _LEAF,
    Stage.FLOWER: _FRUIT,
    Stage.RIPEN: _FRUIT,
    Stage.FLUSH: {},
}
RANGES_SOURCE = "general hydroponic ranges, after Jones and Resh, from memory"
"""Both handbooks give ranges for leafy and for fruiting crops that agree within what is here;
those for seedlings are half of the leafy ones."""

SHOWN = (_E.N, _E.P, _E.K, _E.CA, _E.MG, _E.S, _E.FE, _E.NA, _E.CL)
"""Elements that are drawn, in the usual order."""


def element_windows(
    stage: Stage | None,
    crop: Crop | None,
    own: Mapping[Element, Window],
    strength: Fraction = Fraction(1),
) -> Mapping[Element, Window]:
    """The ranges for a stage and a crop, the grower's own in place of the general ones.

    Leafy crops stay with the leafy ranges whatever the stage: they are held in it for good. Of a
    weak start no more is expected than it is: the low ends go with its strength.
    """
    general = _OF_STAGE[stage]
    if crop is Crop.LEAFY and general is _FRUIT:
        general = _LEAF
    lighter = min(strength, Fraction(1))
    scaled = {element: Window(one.low * lighter, one.high) for element, one in general.items()}
    return {**scaled, **own}
