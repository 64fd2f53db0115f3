"""What to mind: each caution names the risk, the reason and the way out."""

from collections.abc import Mapping
from dataclasses import dataclass, field
from enum import StrEnum
from fractions import Fraction

from core.chart import Medium, PhWindow
from core.quantities import Reading, ReadingScale, decimal_text, number_text
from core.water import RoShares, Water


class Severity(StrEnum):
    """How much it matters: good to know, act on it, or someone or the plants may be hurt."""

    NOTE = "note"
    ATTENTION = "attention"
    DANGER = "danger"


@dataclass(frozen=True, slots=True)
class Caution:
    """One thing to mind.

    Args:
        code: a stable word for programs and tests.
        severity: how much it matters.
        message: risk, reason and way out, in the grower's words and units.
        values: the figures behind it, as decimal text; EC in mS/cm, shares of 1.
        products: keys of the products it is about.
    """

    code: str
    severity: Severity
    message: str
    values: Mapping[str, str] = field(default_factory=dict)
    products: tuple[str, ...] = ()


PH_WINDOWS: dict[Medium, PhWindow] = {
    Medium.WATER: PhWindow(Fraction("5.5"), Fraction("6.5")),
    Medium.COIR: PhWindow(Fraction("5.5"), Fraction("6.2")),
    Medium.SOIL: PhWindow(Fraction("6.0"), Fraction("7.0")),
}
"""Where the chart prints none: common practice; the one for soil from memory."""

_MEDIUM_WORDS = {Medium.WATER: "water culture", Medium.COIR: "coir", Medium.SOIL: "soil"}


def _percent(share: Fraction) -> str:
    return f"{number_text(share * 100, 0)} %"


def _reading(reading: Reading, meter: ReadingScale) -> str:
    return f"{reading.shown(meter)} {meter.words}"


def water_not_read() -> Caution:
    """The source reading is missing."""
    return Caution(
        "water_not_read",
        Severity.ATTENTION,
        "The source water has not been read. Its EC counts towards the final reading and differs "
        "by season: read it before the first bottle. Until then doses are as for neutral water.",
    )


def hard_water(water: Water, meter: ReadingScale, calmag: tuple[str, ...]) -> Caution:
    """The source brings much calcium or salt."""
    values, brings = {}, []
    if water.reading is not None:
        values["ec"] = decimal_text(water.reading.ms_cm)
        brings.append(f"reads {_reading(water.reading, meter)}")
    if water.calcium_ppm is not None:
        values["calcium_ppm"] = decimal_text(water.calcium_ppm)
        brings.append(f"brings {decimal_text(water.calcium_ppm)} ppm calcium")
    way_out = "use the maker's hard-water base if there is one"
    way_out += ", and cut the cal-mag by what the water brings" if calmag else ""
    return Caution(
        "hard_water",
        Severity.ATTENTION,
        f"Hard water: it {' and '.join(brings)}. Too much calcium locks out other food: {way_out}.",
        values,
        calmag,
    )


def water_too_strong(
    source: Reading, total: Reading, ro: RoShares | None, meter: ReadingScale
) -> Caution:
    """The water alone is at or above the all-in target; no RO helps where both are 0."""
    way_out = (
        f"With {_percent(ro.advised)} RO water in the tank the water takes a third of the target "
        "and two thirds are left for feed."
        if ro
        else "Check the target."
    )
    values = {"source": decimal_text(source.ms_cm), "target": decimal_text(total.ms_cm)}
    if ro:
        values |= {
            "ro_share": decimal_text(ro.advised),
            "ro_share_at_least": decimal_text(ro.at_least),
        }
    return Caution(
        "water_too_strong",
        Severity.DANGER,
        f"The water at {_reading(source, meter)} leaves no room under a total of "
        f"{_reading(total, meter)}, so no base is poured. {way_out}",
        values,
    )


def soil_chart_in_water(strength: Fraction) -> Caution:
    """A chart written for soil is poured into water culture."""
    full = strength > Fraction(1, 2)
    way_out = (
        "start at 50 %; one can always add."
        if full
        else f"{_percent(strength)} is a careful start; watch the leaf tips before adding."
    )
    return Caution(
        "soil_chart_in_water",
        Severity.ATTENTION if full else Severity.NOTE,
        "This chart was written for soil, which holds food back; bare roots in water get all of "
        f"it at once and burn: {way_out}",
        {"strength": decimal_text(strength)},
    )


def no_ph_window(medium: Medium, window: PhWindow) -> Caution:
    """The column prints no pH window."""
    low, high = number_text(window.low, 1), number_text(window.high, 1)
    return Caution(
        "no_ph_window",
        Severity.NOTE,
        f"The chart prints no pH window here; {low} to {high} is common practice in "
        f"{_MEDIUM_WORDS[medium]}.",
        {"low": decimal_text(window.low), "high": decimal_text(window.high)},
    )


def pair_unequal(
    names: tuple[str, str], amounts: tuple[str, str], keys: tuple[str, str], *, printed_so: bool
) -> Caution:
    """The two parts of a base differ; amounts in words, such as `14 mL`."""
    if printed_so:
        reason = "The chart prints them so: check the leaflet once more."
    else:
        reason = "Parts of a pair belong together, or the feed lacks half its elements: even them."
    return Caution(
        "pair_unequal",
        Severity.NOTE if printed_so else Severity.ATTENTION,
        f"{names[0]} gets {amounts[0]} and {names[1]} {amounts[1]}; such a pair is usually "
        f"poured one to one. {reason}",
        {keys[0]: amounts[0], keys[1]: amounts[1]},
        keys,
    )


def strength_over_chart(strength: Fraction, products: tuple[str, ...] = ()) -> Caution:
    """More than the printed dose."""
    return Caution(
        "strength_over_chart",
        Severity.ATTENTION,
        f"{_percent(strength)} is more than the chart prints. Burnt plants do not come back: "
        "step up by 10 % at a time, and only while the tips stay green.",
        {"strength": decimal_text(strength)},
        products,
    )


def no_target_reading() -> Caution:
    """The column prints no EC, so there is nothing to aim at."""
    return Caution(
        "no_target_reading",
        Severity.NOTE,
        "The chart prints no EC for this column: pour the doses, and note what the meter shows.",
    )


def printed_order_changed(names: tuple[str, ...], keys: tuple[str, ...]) -> Caution:
    """A hard rule overruled the chart's printed order."""
    return Caution(
        "printed_order_changed",
        Severity.ATTENTION,
        f"{', '.join(names)}: moved from the printed place, because the printed order would let "
        "products spoil each other; the reason stands at the pour.",
        {},
        keys,
    )


def chlorine_kills_live(names: tuple[str, ...], keys: tuple[str, ...]) -> Caution:
    """Live cultures in mains water."""
    return Caution(
        "chlorine_kills_live",
        Severity.ATTENTION,
        f"Chlorine in mains water kills {', '.join(names)}. Let the water stand open for 24 h "
        "first; chloramine does not gas off and needs a carbon filter.",
        {},
        keys,
    )


def acid_into_water(names: tuple[str, ...], keys: tuple[str, ...]) -> Caution:
    """A pH adjuster is poured by dose."""
    return Caution(
        "acid_into_water",
        Severity.DANGER,
        f"{', '.join(names)}: goggles and gloves. Dilute 1 to 10 in a separate cup, acid into "
        "water and never the other way; never with bleach. The label comes before this sheet.",
        {},
        keys,
    )


def below_finest_mark(name: str, key: str) -> Caution:
    """The pour is too small to measure as it is."""
    return Caution(
        "below_finest_mark",
        Severity.ATTENTION,
        f"{name} is too little for the finest syringe: mix 1 part with 9 parts of tank water in a "
        "cup, and pour ten times as much of that.",
        {},
        (key,),
    )
