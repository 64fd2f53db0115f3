"""The rules of the mixing order, as data.

All are common practice. A hard rule is never broken: calcium meets phosphate or sulfate in
concentrate and falls out, silica meets almost anything in concentrate and gels. Everything else is
a preference, over which a chart that states its rows as the mixing order wins.
"""

from dataclasses import dataclass
from enum import StrEnum
from fractions import Fraction

from core.chart import Product, Role
from core.chart.roles import ROLES
from core.quantities import Volume


@dataclass(frozen=True, slots=True)
class HardRule:
    """Every product of the one roles goes in before every product of the others.

    Args:
        code: a stable word for programs and tests.
        before: roles that go in first.
        after: roles that go in later.
        about_before: whether the rule is about the first roles, which it moves up, or about the
            later ones, which it moves down.
    """

    code: str
    before: frozenset[Role]
    after: frozenset[Role]
    about_before: bool


HARD_RULES: tuple[HardRule, ...] = (
    HardRule(
        "silica_before_concentrate",
        frozenset({Role.SILICA}),
        frozenset(Role) - {Role.SILICA, Role.BUFFER, Role.LIVE},
        True,
    ),
    HardRule(
        "ph_after_feed",
        frozenset(Role) - {Role.PH_ADJUSTER, Role.LIVE},
        frozenset({Role.PH_ADJUSTER}),
        False,
    ),
)


class CalmagPlace(StrEnum):
    """Two schools of where cal-mag goes. The default keeps calcium apart from phosphate longest."""

    BEFORE_BASE = "before_base"
    AFTER_BASE = "after_base"


class SilicaPlace(StrEnum):
    """Makers differ on RO water. The default is the buffer first, so that it has settled."""

    AFTER_BUFFER = "after_buffer"
    BEFORE_BUFFER = "before_buffer"


class LivePlace(StrEnum):
    """Two schools of where live cultures go. The default, last, keeps them from the acid."""

    LAST = "last"
    FIRST = "first"


class RowsPlace(StrEnum):
    """Whose order holds where a chart states its rows as the mixing order.

    The default is the chart's: its maker knows the bottles. Hard rules hold either way.
    """

    PRINTED = "printed"
    CHEMISTRY = "chemistry"


@dataclass(frozen=True, slots=True)
class OrderPreferences:
    """The schools this grower follows where growers disagree about the order."""

    calmag: CalmagPlace = CalmagPlace.BEFORE_BASE
    silica: SilicaPlace = SilicaPlace.AFTER_BUFFER
    live: LivePlace = LivePlace.LAST
    rows: RowsPlace = RowsPlace.PRINTED

    def sequence(self) -> tuple[Role, ...]:
        """The roles in their preferred order."""
        roles = list(ROLES)
        if self.silica is SilicaPlace.BEFORE_BUFFER:
            _move(roles, Role.SILICA, before=Role.BUFFER)
        if self.calmag is CalmagPlace.AFTER_BASE:
            _move(roles, Role.CALMAG, after=Role.MAGNESIUM)
        if self.live is LivePlace.FIRST:
            _move(roles, Role.LIVE, before=roles[0])
        return tuple(roles)


def _move(
    roles: list[Role], role: Role, *, before: Role | None = None, after: Role | None = None
) -> None:
    """Put a role beside another."""
    roles.remove(role)
    beside = before or after
    assert beside is not None
    roles.insert(roles.index(beside) + (after is not None), role)


_LARGE_L = ((Fraction(500), 0), (Fraction(2000), 2))
_MORE_IN_LARGEST = 5
_STIR_S = ((Fraction(25), 30), (Fraction(100), 60), (Fraction(500), 120))
_LONGEST_STIR_S = 180


def wait_after(product: Product, volume: Volume) -> int:
    """Minutes to wait after a pour: what the label says, else by its role, longer in large tanks.

    The longer waits above 500 and 2000 L are our own default: a pump turns such a tank over slowly.
    """
    if product.wait_min is not None:
        return product.wait_min
    more = next((more for up_to, more in _LARGE_L if volume.litres <= up_to), _MORE_IN_LARGEST)
    return ROLES[product.role].wait_min + more


def stir_for(volume: Volume) -> int:
    """Seconds to stir after a pour: 30 s to a few minutes is common practice, the steps our own."""
    return next((s for up_to, s in _STIR_S if volume.litres <= up_to), _LONGEST_STIR_S)
