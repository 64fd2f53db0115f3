"""Cautions about what is in the finished tank."""

from collections.abc import Iterator, Mapping, Sequence
from fractions import Fraction

from core.cautions import APART, OUT_OF_RANGE, Caution
from core.chemistry import Element, Mineral
from core.messages import Figure, Listed, Message, Percent
from core.planning.expected import RestsOn
from core.planning.judging.judging_input import JudgingInput
from core.planning.judging.order import times_over
from core.planning.sheet import SHOWN_WHOLE_PPM, ElementInTank, InTank, LabelCoverage
from core.quantities import Reading, decimal_text, of_float


def cautions(given: JudgingInput) -> Iterator[Caution]:
    """What chemistry gives to mind."""
    yield from _chart_and_labels(given)
    tank = given.in_tank
    if tank is None:
        return
    yield from _saturated(given, tank)
    yield from _out_of_range(given, tank)


def _saturated(given: JudgingInput, tank: InTank) -> Iterator[Caution]:
    # Carbonates and phosphates follow from pH, which an unknown alkalinity leaves open.
    known = given.request.water.report.alkalinity is not None
    milky = [s for s in tank.saturated if known or s.mineral is Mineral.GYPSUM]
    if milky:
        worst = milky[0]
        yield Caution(
            Message(
                "tank_saturated",
                times=times_over(worst.times),
                mineral=Message(f"mineral.{worst.mineral}"),
            ),
            {"mineral": worst.mineral.value, "times": f"{worst.times:.2f}"},
        )


def _out_of_range(given: JudgingInput, tank: InTank) -> Iterator[Caution]:
    known = tank.label_coverage is LabelCoverage.ALL
    out = [found for found in tank.elements if known and _is_far_out(given, found)]
    if out:
        elements = Listed(tuple(_beside_range(found) for found in out), "semicolon")
        by_acid, remedy = _brought_by_acid(given, out)
        told = Message("elements_out_of_range", elements=elements)
        if by_acid:
            told = Message("elements_out_of_range.acid", elements=elements, by_acid=by_acid)
        yield Caution(
            told,
            {str(found.element): f"{found.ppm:.1f}" for found in out},
            remedy=remedy,
        )


def _is_far_out(given: JudgingInput, found: ElementInTank) -> bool:
    """Whether it is out by more than labels are sure to, and not by the acid that we chose."""
    if not found.is_out or found.window is None:
        return False
    own = found.window.own
    low, high = float(found.window.low) * (1 if own else _fullness(given)), float(found.window.high)
    share = float(OUT_OF_RANGE)
    if given.request.acid is None and _is_brought_by_acid(found):
        return False
    if found.element in (Element.NA, Element.CL) and found.from_water > high:
        return False  # the water's own caution says so
    return found.ppm < low * (1 - share) or found.ppm > high * (1 + share)


WHOLE_FEED_MS_CM = 1.2
"""mS/cm that a feed brings which is to cover the low ends of the general ranges: common practice.
Of a weaker one, as seedlings get, no more is expected than it is."""


def _fullness(given: JudgingInput) -> float:
    """The share of a whole feed that this one is."""
    last = given.pours[-1].above_water if given.pours else None
    return 1.0 if last is None else min(float(last.ms_cm) / WHOLE_FEED_MS_CM, 1.0)


def _brought_by_acid(
    given: JudgingInput, out: Sequence[ElementInTank]
) -> tuple[Message | None, Mapping[str, str]]:
    """Whether it is the chosen acid that takes an element out of its range, and another one."""
    plan = given.in_tank.acid if given.in_tank else None
    brought = [one for one in out if _is_brought_by_acid(one)]
    if plan is None or not brought:
        return None, {}
    [first, *_] = brought
    brings = {"acid": plan.name, "ppm": f"{first.from_acid:.0f}", "element": first.element.value}
    others = [acid for acid in given.request.shelf.acids if acid.acid.kind is not plan.kind]
    if not others:
        return Message("brought_by_acid", **brings), {}
    told = Message("brought_by_acid.other", **brings, other=others[0].name)
    return told, {"acid": others[0].key}


def _is_brought_by_acid(one: ElementInTank) -> bool:
    """Whether it would be within its range without the acid."""
    if one.window is None:
        return False
    return one.ppm > float(one.window.high) >= one.ppm - one.from_acid


def _beside_range(found: ElementInTank) -> Message:
    assert found.window is not None
    places = 0 if found.ppm >= SHOWN_WHOLE_PPM else 1
    below = found.ppm < float(found.window.low)
    edge = found.window.low if below else found.window.high
    return Message(
        "elements_out_of_range.below" if below else "elements_out_of_range.above",
        element=found.element.value,
        ppm=Figure(of_float(found.ppm, places), places),
        edge=Figure(edge, 0 if edge.denominator == 1 else 1),
    )


def _chart_and_labels(given: JudgingInput) -> Iterator[Caution]:
    """What the labels of the feed add up to, beside what the chart prints for the same."""
    added = given.target.all_in  # the printed EC at this strength
    labels = _by_labels(given)
    if added is None or labels is None:
        return
    # What goes in whole is no feed by its label: the chart's EC stands for it as well.
    printed = (added.middle.ms_cm - given.target.whole) * given.target.headroom_share
    if printed == 0 or abs(labels - printed) <= APART * printed:
        return
    off = (labels - printed) / printed
    yield Caution(
        Message(
            "chart_and_labels_differ",
            labels=Reading(labels),
            printed=Reading(printed),
            off=Percent(abs(off)),
            which="more" if off > 0 else "less",
        ),
        {"labels_ec": decimal_text(labels), "chart_ec": decimal_text(printed)},
    )


def _by_labels(given: JudgingInput) -> Fraction | None:
    """mS/cm that the feed adds by its labels; None where not all tell, or some are wished off."""
    if given.chemistry is None:
        return None
    rises = zip(given.pours, given.chemistry.ec_rises, strict=True)
    feed = [(pour, rise) for pour, rise in rises if pour.product.is_feed]
    wished = {override.product for override in given.request.overrides}
    told = [pour.basis is RestsOn.LABEL and pour.product.key not in wished for pour, _ in feed]
    if not feed or not all(told):
        return None
    return of_float(sum(rise for _, rise in feed if rise is not None), 4)
