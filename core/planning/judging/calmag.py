"""The cal-mag that a water makes needless, as far as its report and the labels tell."""

from collections.abc import Iterator, Sequence
from dataclasses import dataclass
from fractions import Fraction

from core.cautions import CREDIT_FROM_PPM, Caution
from core.chemistry import Element, contents_of, elements_of
from core.messages import Figure, Listed, Message, Percent
from core.planning.doses import Dosed
from core.planning.judging.judging_input import JudgingInput
from core.planning.tank import label_of
from core.quantities import Amount, decimal_text, number_text, of_float
from core.windows import element_windows


def credit(given: JudgingInput, product: str) -> Iterator[Caution]:
    """Cal-mag stands in for calcium and magnesium that the feed lacks in soft water.

    What water and feed bring of both without it is held against what the crop takes; the dose is
    cut to what is still missing of either.
    """
    item = next(item for item in given.dosed if item.product.key == product)
    calcium = given.request.water.report.calcium
    # The full dose at this mix's end and strength, whatever was wished for this product.
    rule = given.request.strength if item.product.scales else Fraction(1)
    if calcium is None or calcium < CREDIT_FROM_PPM or item.amount is None or not item.printed:
        return
    full = item.printed.poured(item.share.end, rule * given.target.headroom_share)
    needs = _needs(given, item, full)
    if not needs:
        return
    # If the whole dose lifts one element above its range, only the least of the other is dosed.
    at_least = any(need.without + need.brings > need.high for need in needs)
    left = max(one.share(at_least=at_least) for one in needs)
    wanted = Fraction(number_text(left * rule, 2))
    if item.share.chosen <= wanted + Fraction(1, 100):
        return
    yield Caution(
        Message(
            "calmag_credit.none" if left == 0 else "calmag_credit",
            product=item.product.name,
            full=full,
            needs=_sums(needs, at_least=at_least),
            enough=Percent(left),
        ),
        {
            "calcium_ppm": decimal_text(calcium),
            "brings_ppm": decimal_text(next((n.brings for n in needs), Fraction(0))),
            "share": decimal_text(left),
        },
        (product,),
        {"product": product, "strength": decimal_text(wanted)},
    )


@dataclass(frozen=True, slots=True)
class _Need:
    """An element that a cal-mag brings, in ppm.

    Args:
        element: calcium or magnesium.
        brings: what all of its dose brings.
        without: what water and feed bring without it.
        low, high: the range that the crop takes.
    """

    element: Element
    brings: Fraction
    without: Fraction
    low: Fraction
    high: Fraction

    def takes(self, *, at_least: bool) -> Fraction:
        """What the crop is to have: the middle of its range, or its low end."""
        return self.low if at_least else (self.low + self.high) / 2

    def share(self, *, at_least: bool) -> Fraction:
        """The share of the dose that brings what is missing without it."""
        lacks = max(self.takes(at_least=at_least) - self.without, Fraction(0))
        return min(lacks / self.brings, Fraction(1))


def _needs(given: JudgingInput, item: Dosed, full: Amount) -> list[_Need]:
    """Calcium and magnesium beside what the crop takes; none where labels leave either open."""
    chemistry, request = given.chemistry, given.request
    label = label_of(request, item.product.key)
    if chemistry is None or label is None or not _feed_is_told(given):
        return []
    windows = element_windows(
        given.column.stage, request.tank.crop, request.windows, request.strength
    )
    assert item.amount is not None
    found = []
    for element in (Element.CA, Element.MG):
        window, brings = windows.get(element), _ppm_of(given, item, full, element)
        if window is None or brings == 0:
            continue
        poured = _ppm_of(given, item, item.amount, element)
        without = of_float(chemistry.elements.get(element, 0.0), 3) - poured
        found.append(_Need(element, brings, max(without, Fraction(0)), window.low, window.high))
    return found


def _feed_is_told(given: JudgingInput) -> bool:
    """Whether labels tell of all feed: what an unlabelled base brings may be all that is needed."""
    return all(
        contents is not None
        for pour, contents in zip(given.pours, given.contents, strict=True)
        if pour.product.is_feed
    )


def _sums(needs: Sequence[_Need], *, at_least: bool) -> Listed:
    """The sum of a credit as it is worked, in ppm."""
    return Listed(
        tuple(
            Message(
                "calmag_credit.need",
                element=Message(f"element.{need.element}"),
                brings=Figure(need.brings, 0),
                without=Figure(need.without, 0),
                takes=Figure(need.takes(at_least=at_least), 0),
            )
            for need in needs
        ),
        "semicolon",
    )


def _ppm_of(given: JudgingInput, item: Dosed, amount: Amount, element: Element) -> Fraction:
    """ppm of an element that so much of a product brings by its label."""
    label = label_of(given.request, item.product.key)
    if label is None:
        return Fraction(0)
    per_unit = contents_of(label, item.product.form, item.product.role).declared
    per_litre = amount.value / given.request.volume.litres
    return of_float(elements_of(per_unit).get(element, 0.0) * float(per_litre), 3)
