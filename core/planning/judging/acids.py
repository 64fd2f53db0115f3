"""Cautions about acids and alkalis. They stand at the act; label and codes come before them."""

from collections.abc import Iterator, Mapping
from fractions import Fraction

from core.cautions import BELOW_WINDOW, HEATS_FROM_PERCENT, Caution
from core.chart import Product, Role
from core.chemistry import Acid, AcidKind, Label, alkali_of, contents_of
from core.messages import Figure, Message
from core.planning.judging.judging_input import JudgingInput, keys, names
from core.planning.tank import choose_acid, label_of
from core.quantities import decimal_text, of_float

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
    yield Caution(Message("acid_into_water", adjusters=names(adjusters)), products=keys(adjusters))
    down = [product for product in adjusters if _is_acid(labels[product.key])]
    up = [product for product in adjusters if _lifts(product, labels)]
    if unknown := [product for product in adjusters if product not in (*down, *up)]:
        yield Caution(
            Message("acid_strength_unknown", unknown=names(unknown)), products=keys(unknown)
        )
    if down and up:
        yield Caution(
            Message("acid_and_alkali", down=names(down), up=names(up)), products=keys([*down, *up])
        )


def _below_window(given: JudgingInput) -> Iterator[Caution]:
    ph = given.in_tank.ph if given.in_tank else None
    if ph is None or ph >= float(given.window.low) - float(BELOW_WINDOW):
        return
    yield Caution(
        Message("ph_below_window", ph=Figure(of_float(ph, 1), 1), low=Figure(given.window.low, 1)),
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
            Message(
                "ph_above_window", ph=Figure(of_float(ph, 1), 1), high=Figure(given.window.high, 1)
            ),
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
        yield Caution(Message("sulfuric_heats"))


def _heats(acid: Acid) -> bool:
    if acid.kind is not AcidKind.SULFURIC:
        return False
    strong = acid.percent is not None and acid.percent > HEATS_FROM_PERCENT
    return strong or (acid.molar is not None and acid.molar > HEATS_FROM_MOLAR)
