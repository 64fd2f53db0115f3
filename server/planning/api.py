"""The recompute request: what was typed in, the pour sheet and its drawing out."""

from datetime import datetime, timedelta
from typing import Literal

from django.http import HttpRequest, HttpResponse
from django.utils import timezone
from ninja import Router
from pydantic import BaseModel

from core.formats import PourSheetDocument
from core.planning import MixRequest, PourSheet, drawn_down_ph, plan_mix
from core.planning.climb import draw_climb
from core.quantities import ReadingRange, Volume, VolumeUnit, figure, number_text
from core.tanks import drawn_down
from core.water import Disinfectant, Water
from core.water.history import is_far
from server.api.shapes import ErrorOut
from server.grows.figures import TypedUnits, is_blank
from server.grows.scope import Scope
from server.planning.asked import MixIn, basis_of, request_of
from server.planning.drawing import ClimbOut, band_words, climb_out
from server.planning.findings import FindingOut, findings_of
from server.planning.snapshot import MixBasis

router = Router(tags=["planning"])


class ConventionOut(BaseModel):
    """The target by each convention, as the pen shows it."""

    followed: Literal["on_top", "all_in", "doses_only"]
    on_top: str | None
    all_in: str | None


class DrawnDownOut(BaseModel):
    """What to mix to while the pump rests: what stands, the water that follows, the readings.

    `ph_mix_to` and `ph_stands_at` are there where labels and the water's report tell.
    """

    standing_shown: str
    topped_up_shown: str
    mix_to_shown: str
    stands_at_shown: str
    ph_mix_to: float | None
    ph_stands_at: float | None


class AcidChoice(BaseModel):
    """An acid on the shelf."""

    key: str
    name: str


class MixOut(BaseModel):
    """The pour sheet, how to draw it, and what belongs beside it.

    `litres` is what was understood of the typed volume, `volume_shown` the same in words,
    `water_shown` the water's reading as the pen shows it, `ready_at` when chlorine will have left
    the water, `findings` what the chart as typed makes one look at again. `drawn_down` is there
    where the pump draws the tank down. `tags` are the two letters on the bottles, by the key of
    the row, of one chart or of two. `usual_reading` is what the water last read, where the typed
    reading is far from it.
    """

    sheet: PourSheetDocument
    climb: ClimbOut
    conventions: ConventionOut
    litres: str
    volume_shown: str
    water_shown: str | None
    ready_at: datetime | None
    acids: list[AcidChoice]
    findings: list[FindingOut]
    drawn_down: DrawnDownOut | None
    tags: dict[str, str]
    usual_reading: str | None


@router.post(
    "/grows/{grow_id}/mix",
    response={200: MixOut, 404: ErrorOut, 422: ErrorOut},
    operation_id="plan_mix",
)
def plan(request: HttpRequest, grow_id: int, body: MixIn) -> HttpResponse:
    """Compute a mix; nothing is stored.

    The answer is checked once, as it is made: this is what every key press asks for.
    """
    scope = Scope.enter(request.user, grow_id)
    basis = basis_of(scope, body)
    asked = request_of(scope, body, basis)
    sheet, meter = plan_mix(asked), scope.membership.meter
    answer = MixOut(
        sheet=PourSheetDocument.of(sheet, scope.membership.manner),
        climb=climb_out(draw_climb(sheet, meter), sheet),
        conventions=ConventionOut(
            followed=sheet.target.convention.value,
            on_top=band_words(sheet.target.on_top, meter),
            all_in=band_words(sheet.target.all_in, meter),
        ),
        litres=number_text(sheet.volume.litres, 1).removesuffix(".0"),
        volume_shown=sheet.volume.shown(scope.membership.tank_unit),
        water_shown=sheet.source.shown(meter) if sheet.source else None,
        ready_at=_ready_at(asked.water),
        acids=[AcidChoice(key=acid.key, name=acid.name) for acid in asked.shelf.acids],
        findings=findings_of(basis, asked, scope.membership.manner),
        drawn_down=_drawn_down(basis, asked, sheet, scope.membership.tank_unit),
        tags=basis.tags,
        usual_reading=_usual_reading(body, basis, scope),
    )
    return HttpResponse(answer.model_dump_json(), content_type="application/json")


def _drawn_down(
    basis: MixBasis, asked: MixRequest, sheet: PourSheet, unit: VolumeUnit
) -> DrawnDownOut | None:
    """What to mix to in what stands, so that the tank reads right once plain water has followed."""
    tank, band, source = basis.tank, sheet.target.reading, sheet.source
    if tank.standing is None or band is None or source is None:
        return None
    outside = figure(tank.litres) - figure(tank.standing)
    standing = Volume(asked.volume.litres - outside)
    if standing.litres <= 0:
        return None
    low, high = (drawn_down(end, source, asked.volume, standing) for end in (band.low, band.high))
    if low is None or high is None:
        return None
    ph = drawn_down_ph(asked, sheet, standing)
    return DrawnDownOut(
        standing_shown=standing.shown(unit, 1),
        topped_up_shown=low.topped_up.shown(unit, 1),
        mix_to_shown=band_words(ReadingRange(low.mix_to, high.mix_to), asked.meter) or "",
        stands_at_shown=band_words(band, asked.meter) or "",
        ph_mix_to=ph and ph.mix_to,
        ph_stands_at=ph and ph.stands_at,
    )


def _usual_reading(body: MixIn, basis: MixBasis, scope: Scope) -> str | None:
    """What the first water read before, where what was typed now is far from that."""
    before = basis.waters[body.water].reading
    if before is None or is_blank(body.reading):
        return None
    now = TypedUnits.of(body.typed_in, scope.membership).ec("reading", body.reading)
    return before.shown(scope.membership.meter) if is_far([before.ms_cm], now.ms_cm) else None


def _ready_at(water: Water) -> datetime | None:
    """When chlorine will have left the water; None where there is none, or it does not leave."""
    if not water.is_chlorinated or water.disinfectant is Disinfectant.CHLORAMINE:
        return None
    return timezone.now() + timedelta(hours=float(water.hours_to_stand))
