"""The catalogue of what a mix can be warned of. The conditions stand in `core.planning.judging`."""

from collections.abc import Mapping
from dataclasses import dataclass, field
from enum import StrEnum
from fractions import Fraction

from core.chart.growing import CAREFUL_START
from core.facts import one_each
from core.messages import Message
from core.quantities import AmountUnit, number_text, on_both_scales
from core.vessels import WORTH_SHOWING
from core.water.source import (
    BUFFERED_PPM,
    HARD_CALCIUM_PPM,
    HARD_MS_CM,
    SALTY_CHLORIDE_PPM,
    SALTY_SODIUM_PPM,
    SOFT_READS_MS_CM,
)
from core.windows import COLDEST, WARMEST


class Severity(StrEnum):
    """How much it matters: to be acknowledged before a mix starts, to act on, or good to know."""

    STOP = "stop"
    MIND = "mind"
    NOTE = "note"


@dataclass(frozen=True, slots=True)
class Entry:
    """A kind of caution.

    Args:
        severity: how much it matters.
        when: what it is raised by.
    """

    severity: Severity
    when: str


def _stop(when: str) -> Entry:
    return Entry(Severity.STOP, when)


def _mind(when: str) -> Entry:
    return Entry(Severity.MIND, when)


def _note(when: str) -> Entry:
    return Entry(Severity.NOTE, when)


UNLIKE_REPORT = Fraction(30, 100)
UNLIKE_REPORT_MS_CM = Fraction(1, 20)
"""A reading that parts so far from its lab report, as a share and in mS/cm, is another water: our
own defaults; less is what seasons and pens make."""

CREDIT_FROM_PPM = Fraction(20)
"""Below it the water's calcium is left out of account: our own default; such water is soft."""

SALTIEST_WATER = Fraction(3)
"""mS/cm of a water above which no feed goes on top: more than the strongest feeds end at (common
practice)."""

LIQUID_CEILING, DRY_CEILING = Fraction(30), Fraction(5)
TANK_CEILING = Fraction(5)
"""mL/L of one liquid, g/L of one dry feed, and mS/cm of a finished tank beyond which no feed is
meant: weak liquids are poured at 1 to 2 fl oz a gallon (8 to 16 mL/L), brewed cultures at 1 to 60
(17 mL/L), dry feed at 2 to 3 g/L, feeds end at 1 to 3.5 mS/cm (common practice)."""

CEILINGS = one_each(AmountUnit, {AmountUnit.ML: LIQUID_CEILING, AmountUnit.G: DRY_CEILING})
"""By the unit in which a product is poured."""

OUT_OF_RANGE = Fraction(15, 100)
"""An element that is out of its range by less is seen in its drawing, and is no caution: labels are
no surer."""

OFF_VOLUME = Fraction(1, 10)
"""A volume so far from the tank's own is worth a word: our own default, as levels are read to
about that."""

HEATS_FROM_PERCENT = Fraction(50)
"""Sulfuric acid above this heats so much on dilution that it spits: common practice."""

BELOW_WINDOW = Fraction(3, 10)
"""How far below the window a pH is expected before it is worth a word; the model is no better."""

APART = Fraction(20, 100)
"""Labels and chart that part by more than this are worth a look: common practice."""


def _percent(share: Fraction) -> str:
    return f"{number_text(share * 100, 0)} %"


CATALOGUE: dict[str, Entry] = {
    # Water
    "water_not_read": _mind("no reading of the source is given"),
    "water_too_strong": _stop("the source reads as much as an all-in target, or more"),
    "water_takes_half": _mind("the source is more than half of the final target"),
    "water_too_salty": _stop(
        f"the source reads above {number_text(SALTIEST_WATER, 0)} mS/cm",
    ),
    "water_unlike_report": _mind(
        f"the reading differs by more than {_percent(UNLIKE_REPORT)} from what its lab report "
        "conducts; above it only where the report lists all major ions",
    ),
    "water_ph_unlikely": _note(
        "the water's pH is one that its alkalinity cannot hold, as pens show in RO water",
    ),
    "hard_water": _mind(f"the source brings more than {HARD_CALCIUM_PPM} ppm calcium"),
    "salty_water": _mind(
        f"the source brings more than {SALTY_SODIUM_PPM} ppm sodium or {SALTY_CHLORIDE_PPM} ppm "
        "chloride, or reads more than twice what its lime makes",
    ),
    "water_reads_high": _note(
        f"the source reads above {number_text(HARD_MS_CM, 1)} mS/cm, and its calcium or "
        "magnesium is not known",
    ),
    "soft_water_reads_high": _mind(
        f"RO or rain reads above {number_text(SOFT_READS_MS_CM, 1)} mS/cm",
    ),
    "hard_form_on_shelf": _mind("the water is hard, and the shelf has such a form of a base part"),
    "calmag_credit": _mind(
        f"the lab report has {CREDIT_FROM_PPM} ppm calcium or more, and with it the crop's "
        "calcium and magnesium are covered by less cal-mag",
    ),
    "no_buffer": _mind(
        f"the source has under {BUFFERED_PPM} mg/L CaCO3, or is RO or rain, and no buffer or "
        "cal-mag "
        "goes in",
    ),
    "chlorine_in_water": _note("the source has chlorine, and no live culture goes in"),
    "chloramine_in_water": _mind("the source has chloramine"),
    "chlorine_kills_live": _stop(
        "the source has chlorine or chloramine, and a live culture goes in",
    ),
    "water_cold": _note(f"the source is below {on_both_scales(COLDEST - 1)}"),
    "water_warm": _mind(f"the source is above {on_both_scales(WARMEST + 1)}"),
    # Chart and strength
    "soil_chart_in_water": _mind(
        f"a soil chart above {_percent(CAREFUL_START)} for plants in water culture",
    ),
    "soil_chart_lightened": _note(
        f"a soil chart at {_percent(CAREFUL_START)} or less for plants in water culture",
    ),
    "strong_for_system": _mind(
        f"above {_percent(CAREFUL_START)} in recirculating deep water or aeroponics",
    ),
    "seedlings_low_end": _mind("a seedling column with ranges, poured above their low end"),
    "strength_over_chart": _mind("the mix or one product above 100 %"),
    "volume_unlike_tank": _mind(
        f"the volume is {_percent(OFF_VOLUME)} or more off the tank's joined water",
    ),
    "held_elsewhere": _note("the tank is held in a column, and another one is mixed"),
    "no_ph_window": _note("the column prints no pH window"),
    "no_target_reading": _note("the column prints no EC, yet one is aimed at"),
    # Parts of the feed
    "base_part_missing": _stop("one part of a pair goes in without the other"),
    "pair_unequal": _mind("the parts of a pair get unequal amounts"),
    "pair_printed_unequal": _note("the chart itself prints a pair unequal"),
    # Order
    "printed_order_changed": _mind("a hard rule overrules the printed order"),
    "live_before_acid": _mind("a live culture goes in before pH is adjusted"),
    "live_with_oxidiser": _stop("a live culture and an oxidiser go into one tank"),
    # Acids and alkalis
    "acid_into_water": _stop("a pH adjuster is poured by dose"),
    "sulfuric_heats": _stop(
        f"sulfuric acid above {HEATS_FROM_PERCENT} % is on the sheet, or at hand for pH",
    ),
    "acid_and_alkali": _stop("a pH adjuster down and one up on one sheet"),
    "acid_strength_unknown": _note("a pH adjuster is poured whose strength is not entered"),
    "ph_below_window": _note(
        f"the expected pH is more than {number_text(BELOW_WINDOW, 1)} below the window",
    ),
    "ph_above_window": _mind(
        f"the expected pH is more than {number_text(BELOW_WINDOW, 1)} above the window, and the "
        "shelf has no acid whose strength is known",
    ),
    # Amounts
    "dose_beyond_any_feed": _stop(
        f"one product at more than {LIQUID_CEILING} mL/L, or {DRY_CEILING} g/L dry",
    ),
    "dose_unlike_chart": _stop(
        "a printed dose of this column is above any feed's, far above or below both its "
        "neighbours in the row, or many times another part of its base",
    ),
    "tank_beyond_any_feed": _stop(
        f"the finished tank is expected to read above {number_text(TANK_CEILING, 0)} mS/cm",
    ),
    "below_finest_mark": _mind("an amount is below the finest mark, or shows only in a dilution"),
    "bucket_clouds": _mind("a part that is diluted first would fall out in so little water"),
    "rounding_shows": _mind(
        f"rounding to the vessels' marks is more than {_percent(WORTH_SHOWING)} of a dose",
    ),
    "bottle_runs_out": _stop("more is to be poured than the shelf has"),
    "bottle_past_its_date": _mind("a bottle that is poured from is past its last good day"),
    "bottle_nearly_empty": _note("less is left after the mix than another one like it takes"),
    "pounds_and_ounces": _note("a scale shows lb and oz"),
    "nitrate_salt": _note("a dry nitrate salt is on the sheet"),
    # Chemistry
    "chart_and_labels_differ": _mind(
        f"the labels' EC parts from the chart's by more than {_percent(APART)}",
    ),
    "tank_saturated": _mind("the finished tank is more than saturated with a mineral"),
    "elements_out_of_range": _note(
        f"an element is out of its range by more than {_percent(OUT_OF_RANGE)} of its edge in the "
        "finished tank",
    ),
}
"""By code, in the order in which they are listed within one severity."""


def title_of(code: str) -> Message:
    """A few words for a kind of caution."""
    return Message(f"{code}.title")


@dataclass(frozen=True, slots=True)
class Caution:
    """One thing to mind.

    Args:
        message: risk, reason and way out; its code is a key of the catalogue.
        values: the figures behind it, as decimal text; EC in mS/cm, shares of 1.
        products: keys of the products it is about.
        remedy: what to set for the way out, where a setting is all it takes: `strength`, `end`,
            `column`, `hard_forms`, or `strength` for one `product`.
    """

    message: Message
    values: Mapping[str, str] = field(default_factory=dict)
    products: tuple[str, ...] = ()
    remedy: Mapping[str, str] = field(default_factory=dict)

    @property
    def code(self) -> str:
        """A stable word for programs and tests; a key of the catalogue."""
        return self.message.code

    @property
    def severity(self) -> Severity:
        """How much it matters."""
        return CATALOGUE[self.code].severity

    @property
    def title(self) -> Message:
        """A few words for it."""
        return title_of(self.code)


_GRAVEST_FIRST = tuple(Severity)
_LISTED = {code: at for at, code in enumerate(CATALOGUE)}


def gravest_first(cautions: list[Caution]) -> tuple[Caution, ...]:
    """Cautions by severity, and within one as the catalogue lists them."""
    return tuple(
        sorted(cautions, key=lambda c: (_GRAVEST_FIRST.index(c.severity), _LISTED[c.code]))
    )
