"""The three figures of a label's front, `4-2-6`, as lines of its analysis."""

import re
from collections.abc import Mapping
from fractions import Fraction

from core.chemistry.label import Nutrient
from core.errors import InputError
from core.quantities import figure

_GRADE = re.compile(
    r"^\s*(?:N\s*[-–:/ ]?\s*P\s*[-–:/ ]?\s*K\s*:?)?\s*"
    r"(\d+(?:[.,]\d+)?)\s*[-–—:/]\s*(\d+(?:[.,]\d+)?)\s*[-–—:/]\s*(\d+(?:[.,]\d+)?)\s*%?\s*$",
    re.IGNORECASE,
)
_AS_OXIDES = (Nutrient.N, Nutrient.P2O5, Nutrient.K2O)
_AS_ELEMENTS = (Nutrient.N, Nutrient.P, Nutrient.K)


def printed_grade(text: str, *, as_elements: bool = False) -> Mapping[Nutrient, Fraction]:
    """Total N, phosphorus and potassium of a grade such as `N-P-K 4-2-6`, in percent.

    Args:
        text: as printed.
        as_elements: whether it gives P and K; else P2O5 and K2O, as labels of the EU and of the
            USA do by law (Regulation (EU) 2019/1009; AAPFCO's Uniform State Fertilizer Bill; from
            memory). Some makers of Australia and New Zealand print elements.

    Raises:
        InputError: these are no three figures.
    """
    found = _GRADE.match(text[:60])
    if found is None:
        raise InputError("no_grade")
    lines = _AS_ELEMENTS if as_elements else _AS_OXIDES
    return dict(
        zip(lines, (figure(group.replace(",", ".")) for group in found.groups()), strict=True)
    )
