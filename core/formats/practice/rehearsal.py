"""The formats brisk-measure/rehearsal and brisk-measure/rehearsal-record, version 1."""

from collections.abc import Mapping, Sequence
from decimal import Decimal, InvalidOperation
from fractions import Fraction
from typing import Annotated, Literal

from pydantic import Field, PlainSerializer, PlainValidator, WithJsonSchema

from core.errors import InputError
from core.formats.fields import Count, Document, Figure, Key, within
from core.formats.label import LabelDocument
from core.formats.request import MixRequestDocument
from core.formats.water import WaterDocument
from core.guided import Pace
from core.limits import LARGEST_VOLUME_L, MOST_PRODUCTS
from core.meters import DROPS_STEP, PEN_PH_STEP
from core.practice import (
    PenFault,
    Rehearsal,
    RehearsalRequest,
    RehearsedStep,
    Stops,
    Truth,
    TypingSlip,
)
from core.quantities import decimal_text, rounded

LARGEST_FAULT = 1000


def _signed(value: object) -> Fraction:
    if isinstance(value, bool) or not isinstance(value, str | int | Decimal | float):
        raise InputError("not_a_number.signed")
    try:
        number = Decimal(str(value))
    except InvalidOperation:
        raise InputError("not_a_number.value", value=str(value)[:40]) from None
    if not number.is_finite() or abs(number) > LARGEST_FAULT:
        raise InputError("out_of_range.fault", largest_fault=LARGEST_FAULT)
    return Fraction(number)


SignedFigure = Annotated[
    Fraction,
    PlainValidator(_signed),
    PlainSerializer(decimal_text, return_type=str),
    WithJsonSchema(
        {
            "description": "An exact number as decimal text, with its sign; JSON numbers too.",
            "anyOf": [{"type": "string", "pattern": r"^-?\d{1,12}(\.\d{1,12})?$"},
                      {"type": "number"}],
        }
    ),
]  # fmt: skip


class TruthDocument(Document):
    """How things really are, as factors on what the request believes."""

    volume: Figure = Fraction(1)
    acid: Figure = Fraction(1)
    alkalinity: Figure = Fraction(1)
    bottles: Mapping[Key, Figure] = {}
    swapped: Mapping[Key, Key] = {}
    contents: Mapping[Key, LabelDocument] = {}
    water: WaterDocument | None = None

    def truth(self) -> Truth:
        """The truth it means.

        Raises:
            InputError: a label that contradicts itself, or a water that cannot be.
        """
        return Truth(
            volume=self.volume,
            acid=self.acid,
            alkalinity=self.alkalinity,
            bottles=self.bottles,
            swapped=self.swapped,
            contents={
                key: within(f"contents.{key}", label.label) for key, label in self.contents.items()
            },
            water=within("water", self.water.water) if self.water else None,
        )


class PenFaultDocument(Document):
    """What a pen shows that is not so; see `core.practice.PenFault`."""

    stuck: Figure | None = None
    stops_after: Count | None = None
    gain: SignedFigure = Fraction(1)
    scale: Figure = Fraction(1)
    slope: Figure = Fraction(1)
    lag: Figure = Fraction(0)
    offset: SignedFigure = Fraction(0)
    drift: SignedFigure = Fraction(0)
    noise: Figure = Fraction(0)

    def fault(self) -> PenFault:
        """The fault it means."""
        return PenFault(
            stuck=self.stuck,
            stops_after=self.stops_after,
            gain=self.gain,
            scale=self.scale,
            slope=self.slope,
            lag=self.lag,
            offset=self.offset,
            drift=self.drift,
            noise=self.noise,
        )


class PensDocument(Document):
    """Both pens."""

    ec: PenFaultDocument = PenFaultDocument()
    ph: PenFaultDocument = PenFaultDocument()


class TypingSlipDocument(Document):
    """A figure that is typed wrong once; see `core.practice.TypingSlip`."""

    kind: Literal["ec", "ph"]
    reading: Count
    times: Figure

    def slip(self) -> TypingSlip:
        """The slip it means."""
        return TypingSlip(self.kind, self.reading, self.times)


class RehearsalDocument(Document):
    """A mix to be rehearsed, and how everything about it really is."""

    format: Literal["brisk-measure/rehearsal"]
    version: Literal[1]
    request: MixRequestDocument
    truth: TruthDocument = TruthDocument()
    pens: PensDocument = PensDocument()
    pours: Mapping[Key, Figure] = {}
    untold: Annotated[Sequence[Key], Field(max_length=MOST_PRODUCTS)] = ()
    water_read: Figure | None = None
    stops: Stops = Stops.ANSWER
    volume_told: Figure | None = None
    seed: Annotated[int, Field(strict=True, ge=0, le=2**53)] = 1
    ph_by: Literal["pen", "drops"] = "pen"
    pace: Pace = Pace.FULL
    slip: TypingSlipDocument | None = None
    hurries: Annotated[bool, Field(strict=True)] = False

    def rehearsal(self) -> RehearsalRequest:
        """The rehearsal it means.

        Raises:
            InputError: the mix contradicts itself, a factor is out of bounds, or a product is
                not on the chart.
        """
        if self.volume_told is not None and not 0 < self.volume_told <= LARGEST_VOLUME_L:
            raise InputError("volume_out_of_range.plain", "volume_told")
        return RehearsalRequest(
            mix=within("request", self.request.request),
            truth=within("truth", self.truth.truth),
            ec_pen=self.pens.ec.fault(),
            ph_pen=self.pens.ph.fault(),
            pours=self.pours,
            untold=frozenset(self.untold),
            water_read=self.water_read,
            stops=self.stops,
            volume_told=self.volume_told,
            seed=self.seed,
            ph_step=DROPS_STEP if self.ph_by == "drops" else PEN_PH_STEP,
            pace=self.pace,
            slip=self.slip.slip() if self.slip else None,
            hurries=self.hurries,
        )


class TrueDocument(Document):
    """What the tank really has: EC in mS/cm, and pH."""

    ec: str
    ph: str


class RehearsedStepDocument(Document):
    """One step: what was asked and done, in its unit; what it advised; the tank after it."""

    step: str
    kind: str
    product: str | None
    asked: Figure | None
    done: Figure | None
    unit: str
    advice: Sequence[str]
    true: TrueDocument

    @classmethod
    def of(cls, step: RehearsedStep) -> "RehearsedStepDocument":
        """The document of a step."""
        return cls(
            step=step.step,
            kind=step.kind.value,
            product=step.product,
            asked=None if step.asked is None else rounded(step.asked, 6),
            done=None if step.done is None else rounded(step.done, 6),
            unit=step.unit,
            advice=step.advice,
            true=TrueDocument(ec=f"{step.ec:.2f}", ph=f"{step.ph:.2f}"),
        )


class PouredDocument(Document):
    """What went in of a product, and the share of printed dose × strength that it is."""

    value: Figure
    unit: str
    of_dose: str | None


class AdjustedDocument(Document):
    """What went in of acid or alkali."""

    value: Figure
    unit: str


class WorstDocument(Document):
    """The worst that the tank really had."""

    ec_high: str
    ph_low: str
    ph_high: str


class RehearsalRecordDocument(Document):
    """What came of a rehearsal; see `core.practice.Rehearsal`."""

    format: Literal["brisk-measure/rehearsal-record"] = "brisk-measure/rehearsal-record"
    version: Literal[1] = 1
    ended: Literal["done", "stopped", "too_many_steps"]
    steps: Sequence[RehearsedStepDocument]
    poured: Mapping[str, PouredDocument]
    acid: AdjustedDocument | None
    alkali: AdjustedDocument | None
    drained_l: Figure
    worst: WorstDocument
    verdicts: Sequence[str]
    causes: Sequence[str]
    accept_at: str | None

    @classmethod
    def of(cls, found: Rehearsal) -> "RehearsalRecordDocument":
        """The document of a rehearsal."""
        return cls(
            ended=found.ended,
            steps=[RehearsedStepDocument.of(step) for step in found.steps],
            poured={
                key: PouredDocument(
                    value=rounded(amount, 6),
                    unit=unit,
                    of_dose=None if share is None else f"{float(share):.2f}",
                )
                for key, (amount, unit, share) in found.poured.items()
            },
            acid=_adjusted(found.acid),
            alkali=_adjusted(found.alkali),
            drained_l=rounded(found.drained_l, 6),
            worst=WorstDocument(
                ec_high=f"{found.ec_high:.2f}",
                ph_low=f"{found.ph_low:.2f}",
                ph_high=f"{found.ph_high:.2f}",
            ),
            verdicts=found.verdicts,
            causes=found.causes,
            accept_at=None if found.accept_at is None else f"{float(found.accept_at):.2f}",
        )


def _adjusted(found: tuple[Fraction, str] | None) -> AdjustedDocument | None:
    return None if found is None else AdjustedDocument(value=rounded(found[0], 6), unit=found[1])
