"""Cautions about acids and alkalis. They stand at the act; label and codes come before them."""

from collections.abc import Iterator, Mapping
from fractions import Fraction

from core.cautions import BELOW_WINDOW, HEATS_FROM_PERCENT, Caution
from core.chart import Product, Role
from core.chemistry import Acid, AcidKind, Label, alkali_of, contents_of
from core.planning.judging.judging_input import JudgingInput, keys, names
from core.planning.tank import choose_acid, label_of
from core.quantities import decimal_text, number_text

HEATS_FROM_MOLAR = Fraction(7)
"""mol/L of sulfuric acid that is as strong; 50 % is 7.1 mol/L: CRC Handbook."""


def cautions(given: JudgingInput) -> Iterator[Caution]:
    """What acids and the expected pH give to mind."""
    adjusters = given.poured(Role.PH_ADJUSTER)
    labels = {product.key: label_of(given.request, product.key) for product in adjusters}
    if adjusters:
        yield from _adjusters(adjusters, labels)
    yield from _heating(given, [label.acid for label in labels.values() if label and label.acid])
    yield from _below_window(given)
    yield from _above_window(given)


def _adjusters(adjusters: list[Product], labels: Mapping[str, Label | None]) -> Iterator[Caution]:
    yield Caution(
        "acid_into_water",
        f"{names(adjusters)}: goggles and gloves. Dilute 1 to 10 in a separate cup, acid into "
        "water and never the other way; never with bleach. The label comes before this sheet.",
        products=keys(adjusters),
    )
    down = [product for product in adjusters if _is_acid(labels[product.key])]
    up = [product for product in adjusters if _lifts(product, labels)]
    if unknown := [product for product in adjusters if product not in (*down, *up)]:
        yield Caution(
            "acid_strength_unknown",
            f"How strong {names(unknown)} is was never entered: the same bottle at another "
            "strength moves pH several times as far. Enter its percentage on the shelf.",
            products=keys(unknown),
        )
    if down and up:
        yield Caution(
            "acid_and_alkali",
            f"{names(down)} and {names(up)} undo each other, and heat and spit where they meet: "
            "one of them only, never both in one mix.",
            products=keys([*down, *up]),
        )


def _below_window(given: JudgingInput) -> Iterator[Caution]:
    ph = given.in_tank.ph if given.in_tank else None
    if ph is None or ph >= float(given.window.low) - float(BELOW_WINDOW):
        return
    yield Caution(
        "ph_below_window",
        f"The tank may end near pH {ph:.1f}, below the window from "
        f"{number_text(given.window.low, 1)}. Read it before adding anything: feeds with organic "
        "acids come back by themselves within a day or two.",
        {"ph": f"{ph:.2f}", "low": decimal_text(given.window.low)},
    )


def _above_window(given: JudgingInput) -> Iterator[Caution]:
    """pH that is expected too high, and nothing of known strength to bring it down with."""
    ph = given.in_tank.ph if given.in_tank else None
    settles = any(pour.product.settles for pour in given.pours)
    if ph is None or given.request.shelf.acids or settles or given.poured(Role.PH_ADJUSTER):
        return
    if ph > float(given.window.high) + float(BELOW_WINDOW):
        yield Caution(
            "ph_above_window",
            f"The tank may end near pH {ph:.1f}, above the window up to "
            f"{number_text(given.window.high, 1)}, where iron and phosphate fall out of reach. "
            "Enter your pH down on the shelf, with its strength.",
            {"ph": f"{ph:.2f}", "high": decimal_text(given.window.high)},
        )


def _is_acid(label: Label | None) -> bool:
    return label is not None and label.acid is not None


def _lifts(product: Product, labels: Mapping[str, Label | None]) -> bool:
    """Whether chemistry sees an alkali in it."""
    label = labels[product.key]
    if label is None:
        return False
    return alkali_of(contents_of(label, product.form, product.role)) is not None


def _heating(given: JudgingInput, poured: list[Acid]) -> Iterator[Caution]:
    # What is at hand for pH may be poured, whether or not the need is known beforehand.
    settles = any(pour.product.settles for pour in given.pours)
    at_hand = None if settles else choose_acid(given.request, given.column.stage)
    chosen = [at_hand.on_shelf.acid] if at_hand else []
    if any(_heats(acid) for acid in [*poured, *chosen]):
        yield Caution(
            "sulfuric_heats",
            "Sulfuric acid of this strength heats violently when diluted: add it to cold water in "
            "a thin stream, never water to acid, with goggles, gloves and running water at hand. "
            "Large amounts are work for trained people.",
        )


def _heats(acid: Acid) -> bool:
    if acid.kind is not AcidKind.SULFURIC:
        return False
    strong = acid.percent is not None and acid.percent > HEATS_FROM_PERCENT
    return strong or (acid.molar is not None and acid.molar > HEATS_FROM_MOLAR)
