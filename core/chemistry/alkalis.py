"""How strong what raises pH is."""

from dataclasses import dataclass

from core.chemistry.contents import Contents
from core.chemistry.elements import CHARGE, Component


@dataclass(frozen=True, slots=True)
class Alkali:
    """The strength of an alkali.

    Args:
        meq: milliequivalents of base in a mL, or in a g of a dry one.
        carbonate: mol of carbonate that comes with an equivalent: 0 for a hydroxide, 1/2 for
            potassium carbonate, 1 for a bicarbonate.
    """

    meq: float
    carbonate: float


def alkali_of(contents: Contents) -> Alkali | None:
    """What a product for pH raises it by: the charge that its label leaves to hydroxide or
    carbonate; None where that is none.

    >>> from core.chart import Form, Role
    >>> from core.chemistry import Label, Salt, contents_of
    >>> potash = Label({}, salt=Salt.POTASSIUM_HYDROXIDE)
    >>> round(alkali_of(contents_of(potash, Form.DRY, Role.PH_ADJUSTER)).meq, 1)
    17.8
    """
    base = sum(mol * CHARGE.get(part, 0) for part, mol in contents.moles.items()
               if part is not Component.CARBONATE)  # fmt: skip
    if base <= 0:
        return None
    return Alkali(base * 1000, contents.moles.get(Component.CARBONATE, 0.0) / base)
