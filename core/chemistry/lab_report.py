"""Lab reports as they are printed: other units and forms, the balance of ions, what it means."""

import re
from collections.abc import Mapping
from dataclasses import dataclass
from enum import StrEnum
from fractions import Fraction

from core.errors import InputError
from core.messages import Listed
from core.quantities import figure
from core.water import LabReport

_MOLAR: Mapping[str, tuple[Fraction, int]] = {
    "calcium": (Fraction("40.078"), 2),
    "magnesium": (Fraction("24.305"), 2),
    "potassium": (Fraction("39.098"), 1),
    "sodium": (Fraction("22.990"), 1),
    "chloride": (Fraction("35.45"), 1),
    "sulfur": (Fraction("32.06"), 2),
    "nitrate_n": (Fraction("14.007"), 1),
}
"""g/mol of what the report is kept as, and charges of the ion (IUPAC, abridged 2021)."""

CACO3_PER_MEQ = Fraction("50.04")
"""mg of CaCO3 in a meq."""

_CACO3_IN: Mapping[str, Fraction] = {
    "°dh": Fraction("17.848"),
    "dh": Fraction("17.848"),
    "°fh": Fraction(10),
    "fh": Fraction(10),
    "gpg": Fraction("17.118"),
    "gr/gal": Fraction("17.118"),
}
"""mg/L CaCO3 in a German degree (10 mg/L CaO), a French one, and a grain in a US gallon."""

_FORMS: Mapping[str, Mapping[str, Fraction]] = {
    "sulfur": {"SO4": Fraction("32.06") / Fraction("96.06"), "S": Fraction(1)},
    "nitrate_n": {"NO3": Fraction("14.007") / Fraction("62.004"), "N": Fraction(1)},
    "alkalinity": {"HCO3": CACO3_PER_MEQ / Fraction("61.017"), "CaCO3": Fraction(1)},
    "calcium": {"Ca": Fraction(1), "CaCO3": Fraction("20.039") / CACO3_PER_MEQ},
    "magnesium": {"Mg": Fraction(1), "CaCO3": Fraction("12.1525") / CACO3_PER_MEQ},
}
"""What a mg of a form that reports print is of the form that is kept."""

_TYPED = re.compile(
    r"\s*(?P<value>[\d.,]+)\s*(?P<unit>mg/l|ppm|mmol/l|meq/l|°?[df]h|gpg|gr/gal)?"
    r"\s*(?:as\s+)?(?P<form>so4|s|no3-n|no3|n|hco3|caco3|ca|mg)?\s*",
    re.IGNORECASE,
)


def reported(name: str, text: str) -> Fraction:
    """A line of a lab report, in mg/L of what the report is kept as.

    Args:
        name: a field of `LabReport`.
        text: as printed: `68`, `3.4 mmol/L`, `9.5 °dH`, `42 mg/L SO4`.

    >>> float(reported("calcium", "10 °dH")), float(round(reported("sulfur", "96.06 mg/L SO4"), 2))
    (71.47..., 32.06)

    Raises:
        InputError: no figure, or a unit or form in which this line is not printed.
    """
    found = _TYPED.fullmatch(text)
    if found is None:
        raise InputError("report_unclear", name)
    value = figure(found["value"].replace(",", "."))
    unit = (found["unit"] or "mg/l").lower()
    form = (found["form"] or "").lower()
    form = "n" if form == "no3-n" else form
    if unit in _CACO3_IN:
        return _of_hardness(name, value * _CACO3_IN[unit])
    if unit in ("mmol/l", "meq/l"):
        return _of_moles(name, value, is_charge=unit == "meq/l")
    printed = _FORMS.get(name, {})
    forms = {one.lower(): of_kept for one, of_kept in printed.items()}
    if form and form not in forms:
        if not printed:
            raise InputError("form_unknown.element", name)
        raise InputError("form_unknown", name, forms=Listed(tuple(printed), "or"))
    return value * forms.get(form, Fraction(1))


def _of_hardness(name: str, caco3: Fraction) -> Fraction:
    if name == "alkalinity":
        return caco3
    if name not in ("calcium", "magnesium"):
        raise InputError("unit_unknown.degrees", name)
    molar, charges = _MOLAR[name]
    return caco3 / CACO3_PER_MEQ * molar / charges


def _of_moles(name: str, value: Fraction, *, is_charge: bool) -> Fraction:
    if name == "alkalinity":
        return value * CACO3_PER_MEQ  # bicarbonate has one charge: a mmol is a meq
    molar, charges = _MOLAR[name]
    return value * molar / (charges if is_charge else 1)


MOST_UNBALANCED = Fraction(1, 10)
"""Share by which the charges of a report may differ before it is doubted."""


def is_balanced(balance: Fraction) -> bool:
    """Whether a report's charges differ by no more than may be."""
    return abs(balance) <= MOST_UNBALANCED


def ion_balance(report: LabReport) -> Fraction | None:
    """By which share of all charge cations outweigh anions; None where too little was looked for.

    (cations − anions) / (cations + anions), as Standard Methods 1030 E has it.
    """
    needed = ("calcium", "magnesium", "sodium", "chloride", "sulfur", "alkalinity")
    if any(getattr(report, name) is None for name in needed):
        return None
    meq = {
        name: (getattr(report, name) or Fraction(0)) / molar * charges
        for name, (molar, charges) in _MOLAR.items()
    }
    cations = meq["calcium"] + meq["magnesium"] + meq["potassium"] + meq["sodium"]
    anions = meq["chloride"] + meq["sulfur"] + meq["nitrate_n"]
    anions += (report.alkalinity or Fraction(0)) / CACO3_PER_MEQ
    return (cations - anions) / (cations + anions) if cations + anions else None


class WaterIs(StrEnum):
    """What a water is, in a word."""

    SOFT = "soft"
    MODERATE = "moderate"
    HARD = "hard"
    VERY_HARD = "very_hard"
    ALKALINE = "alkaline"
    SALTY_SODIUM = "salty_sodium"
    SALTY_CHLORIDE = "salty_chloride"


SOFT_TO, MODERATE_TO, HARD_TO = Fraction(60), Fraction(120), Fraction(180)
"""mg/L CaCO3 up to which water is soft, moderately hard, hard: U.S. Geological Survey."""

ALKALINE_ABOVE = Fraction(150)
"""mg/L CaCO3 of alkalinity above which acid is needed at each filling: common practice."""

SALTY_SODIUM_ABOVE, SALTY_CHLORIDE_ABOVE = Fraction(50), Fraction(100)
"""ppm above which a recirculating tank gathers salt before it is changed out: common practice."""


@dataclass(frozen=True, slots=True)
class ReportFinding:
    """What a water is, the figure that says so, and the threshold that it is held against."""

    what: WaterIs
    figure: Fraction
    threshold: Fraction


def hardness(report: LabReport) -> Fraction | None:
    """mg/L CaCO3 of calcium and magnesium; None where one of them was not looked for."""
    if report.calcium is None or report.magnesium is None:
        return None
    meq = report.calcium / _MOLAR["calcium"][0] * 2 + report.magnesium / _MOLAR["magnesium"][0] * 2
    return meq * CACO3_PER_MEQ


def water_is(report: LabReport) -> tuple[ReportFinding, ...]:
    """What a report makes of a water, each with its threshold."""
    found = []
    hard = hardness(report)
    if hard is not None:
        grades = (
            (SOFT_TO, WaterIs.SOFT, SOFT_TO),
            (MODERATE_TO, WaterIs.MODERATE, SOFT_TO),
            (HARD_TO, WaterIs.HARD, MODERATE_TO),
        )
        what, threshold = next(
            ((what, edge) for most, what, edge in grades if hard <= most),
            (WaterIs.VERY_HARD, HARD_TO),
        )
        found.append(ReportFinding(what, hard, threshold))
    for value, above, what in (
        (report.alkalinity, ALKALINE_ABOVE, WaterIs.ALKALINE),
        (report.sodium, SALTY_SODIUM_ABOVE, WaterIs.SALTY_SODIUM),
        (report.chloride, SALTY_CHLORIDE_ABOVE, WaterIs.SALTY_CHLORIDE),
    ):
        if value is not None and value > above:
            found.append(ReportFinding(what, value, above))
    return tuple(found)
