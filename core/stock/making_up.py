"""A concentrate that is made up once from paste or powder, as steps at the bench.

Common practice: half a bottle of just-boiled water, the cap loose, shaken until the base of the
bottle is evenly hot, filled up hot, cooled, and dated.
"""

from dataclasses import dataclass
from enum import StrEnum
from fractions import Fraction

from core.chart import Form, Product, Role
from core.errors import InputError
from core.quantities import Amount, AmountUnit

_SPOILT_BY_HEAT = frozenset({Role.LIVE, Role.ENZYME})
"""Cultures die, and enzymes come apart, well below the heat of a kettle."""

LARGEST_BOTTLE_ML = Fraction(5000)
"""mL: a larger bottle of hot water is not shaken by one person, our own default."""


class MakeUpAct(StrEnum):
    """One act of the instructions; each is a press at the bench."""

    PROTECT = "protect"
    PUT_IN = "put_in"
    HALF = "half"
    LOOSE = "loose"
    SHAKE = "shake"
    FILL_UP = "fill_up"
    COOL = "cool"
    DATE = "date"


@dataclass(frozen=True, slots=True)
class MakeUpStep:
    """One press at the bench; `amount` is what goes in, where anything does."""

    act: MakeUpAct
    amount: Amount | None = None


def make_up_steps(
    product: Product, size: Fraction, put_in: Amount | None = None
) -> tuple[MakeUpStep, ...]:
    """The steps, in order.

    Args:
        product: what is made up.
        size: mL that the full bottle holds, as the jar or bag says.
        put_in: what is weighed or measured into it; None where its paste is in the bottle already.

    Raises:
        InputError: hot water is wrong for such a product, or a bottle of that size.

    >>> [step.act.value for step in make_up_steps(Product("k", "Kelp", Role.ADDITIVE), Fraction(1))]
    ['protect', 'half', 'loose', 'shake', 'fill_up', 'cool', 'date']
    """
    _check(product, size)
    half = Amount(size / 2, AmountUnit.ML)
    weighed = [MakeUpStep(MakeUpAct.PUT_IN, put_in)] if put_in is not None else []
    return (
        MakeUpStep(MakeUpAct.PROTECT),
        *weighed,
        MakeUpStep(MakeUpAct.HALF, half),
        MakeUpStep(MakeUpAct.LOOSE),
        MakeUpStep(MakeUpAct.SHAKE),
        MakeUpStep(MakeUpAct.FILL_UP, Amount(size, AmountUnit.ML)),
        MakeUpStep(MakeUpAct.COOL),
        MakeUpStep(MakeUpAct.DATE),
    )


def may_be_made_up(form: Form, role: Role) -> bool:
    """Whether a bottle of it can be made up with hot water, as far as its form and role tell."""
    return form is Form.LIQUID and role is not Role.PH_ADJUSTER and role not in _SPOILT_BY_HEAT


def may_be_put_in(role: Role) -> bool:
    """Whether it may be what is put into hot water: no acid or alkali, and nothing that lives."""
    return role is not Role.PH_ADJUSTER and role not in _SPOILT_BY_HEAT


def check_put_in(name: str, role: Role) -> None:
    """Refuse what hot water makes dangerous, or spoils.

    Raises:
        InputError: it is an acid or alkali, a culture or an enzyme.
    """
    if role is Role.PH_ADJUSTER:
        raise InputError("never_hot.adjuster", "from_product")
    if not may_be_put_in(role):
        raise InputError("never_hot.product", "from_product", product=name)


def _check(product: Product, size: Fraction) -> None:
    if product.form is Form.DRY:
        raise InputError("made_up_is_liquid", "")
    if product.role is Role.PH_ADJUSTER:
        raise InputError("never_hot.adjuster", "")
    if not may_be_made_up(product.form, product.role) or product.oxidiser:
        raise InputError("never_hot.product", "", product=product.name)
    if not 0 < size <= LARGEST_BOTTLE_ML:
        raise InputError("size_out_of_range.size", "size")
