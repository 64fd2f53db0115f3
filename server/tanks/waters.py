"""Water sources: readings, lab reports, and how much of another water is wanted."""

from datetime import date
from decimal import Decimal
from fractions import Fraction
from typing import Annotated, Any

from django.db import transaction
from django.http import HttpRequest
from django.utils import timezone
from ninja import Field, Router, Schema
from ninja.responses import Status

from core.chemistry.lab_report import reported
from core.errors import InputError
from core.limits import LONGEST_WORDS
from core.quantities import Volume, decimal_text, figure, number_text, rounded
from core.water import (
    REPORT_FIELDS,
    Disinfectant,
    Treatment,
    Wanted,
    WaterKind,
    osmosis_need,
    share_for,
)
from server.api.pages import After, page_of
from server.api.shapes import PLAIN_TEXT, ErrorOut, Made, Name
from server.api.typed import exact_decimal, typed, typed_figure
from server.grows.calendar import day_of
from server.grows.edits import refuse_if_outdated
from server.grows.figures import (
    Figure,
    TypedFigure,
    TypedIn,
    TypedUnits,
    is_blank,
    share_told,
)
from server.grows.named import save_named
from server.grows.scope import Scope
from server.tanks.models import WATER_READINGS, WaterSource
from server.tanks.presenting import WaterOut, water_out
from server.tanks.timeline import note_reading

router = Router(tags=["waters"])
_ANSWERS = {404: ErrorOut, 409: ErrorOut, 422: ErrorOut}
Typed = Annotated[str, Field(max_length=30)]
Note = Annotated[str, Field(max_length=LONGEST_WORDS, pattern=PLAIN_TEXT)]


class WaterIn(Schema):
    """A water source; an empty reading means that nobody has read it yet."""

    name: Name
    kind: WaterKind
    reading: TypedFigure = ""
    typed_in: TypedIn | None = None


class WaterPage(Schema):
    """Waters; `after` asks for those that follow, None where none does."""

    items: list[WaterOut]
    after: int | None


class WaterFields(Schema):
    """Fields of a water; empty for what nobody knows.

    The lines of its lab report are ppm, or as the report prints them: `3.4 mmol/L`, `9.5 °dH`.
    """

    kind: WaterKind | None = None
    ph: Typed = ""
    temperature: Typed = ""
    disinfectant: Disinfectant | None = None
    treated_by: Treatment | None = None
    calcium: Typed = ""
    magnesium: Typed = ""
    potassium: Typed = ""
    sodium: Typed = ""
    chloride: Typed = ""
    sulfur: Typed = ""
    nitrate_n: Typed = ""
    alkalinity: Typed = ""
    reported_on: date | None = None
    note: Note = ""


class WaterSeen(WaterFields):
    """Fields as they were when an edit was begun; only those that are named.

    `ec` and `temperature` as they are kept, the latter in °C.
    """

    ec: Figure | None = None


class WaterEdit(WaterFields):
    """What is to change of a water, `reading` its EC as typed; a field that is not named stays."""

    reading: TypedFigure = ""
    typed_in: TypedIn | None = None
    seen: WaterSeen | None = None


class ShareIn(Schema):
    """How much of another water brings a source to a figure: EC as typed, else ppm.

    `volume` is what both fill together, `recovery` the share of its feed that a membrane lets by.
    """

    source: int
    other: int
    wanted: Wanted
    figure: Annotated[str, Field(max_length=60)]
    typed_in: TypedIn | None = None
    volume: TypedFigure = ""
    recovery: TypedFigure = ""


class ShareOut(Schema):
    """The share of the other water, of 1, and as whole percent.

    Where a volume was given: how much that is; where the recovery of a membrane was given, too:
    what it draws and what it rejects.
    """

    share: str
    percent: str
    made_shown: str
    drawn_shown: str
    rejected_shown: str


@router.get("/grows/{grow_id}/waters", response={200: WaterPage, **_ANSWERS}, operation_id="waters")
def waters(request: HttpRequest, grow_id: int, after: After) -> WaterPage:
    """Water sources of a grow, with what they last read."""
    scope = Scope.enter(request.user, grow_id)
    page, more = page_of(scope.all(WaterSource).filter(pk__gt=after).order_by("pk"))
    return WaterPage(
        items=[water_out(water, scope.membership) for water in page],
        after=page[-1].pk if more else None,
    )


@router.post("/grows/{grow_id}/waters", response={201: Made, **_ANSWERS}, operation_id="add_water")
@transaction.atomic
def add_water(request: HttpRequest, grow_id: int, body: WaterIn) -> Status[Made]:
    """Add a water source."""
    scope = Scope.enter(request.user, grow_id)
    units = TypedUnits.of(body.typed_in, scope.membership)
    reading = None if is_blank(body.reading) else units.ec("reading", body.reading)
    water = save_named(
        "water", WaterSource(grow=scope.grow, name=body.name.strip(), kind=body.kind)
    )
    if reading is not None:
        note_reading(water, {"ec": reading.ms_cm}, by=scope.membership.person_id)
    return Status(201, Made(id=water.pk))


@router.patch(
    "/grows/{grow_id}/waters/{water_id}",
    response={200: WaterOut, **_ANSWERS},
    operation_id="edit_water",
)
@transaction.atomic
def edit_water(request: HttpRequest, grow_id: int, water_id: int, body: WaterEdit) -> WaterOut:
    """Change what is known of a water; a new reading goes into its time line."""
    scope = Scope.enter(request.user, grow_id)
    scope.lock()
    water = scope.one(scope.all(WaterSource), water_id)
    wanted = _wanted(body, TypedUnits.of(body.typed_in, scope.membership))
    on = wanted.get("reported_on")
    if on and on > day_of(scope.grow, timezone.now()):
        raise InputError("date_to_come", "reported_on")
    if body.seen is not None:
        refuse_if_outdated(water.name, now=_now(water), seen=_seen(body.seen), wanted=wanted)
    read = {what: wanted.pop(what) for what in WATER_READINGS if what in wanted}
    for name, value in wanted.items():
        setattr(water, _column(name), value)
    for what, value in read.items():
        # as its time line will give it back
        kept = None if value is None else decimal_text(rounded(value, 6))
        setattr(water, f"last_{what}", kept)
    water.as_water(water.reading)  # refuses what no water is
    if wanted:
        water.save(update_fields=[_column(name) for name in wanted])
    if read:
        note_reading(water, read, by=scope.membership.person_id)
    return water_out(scope.one(scope.all(WaterSource), water_id), scope.membership)


def _column(name: str) -> str:
    return f"{name}_ppm" if name in REPORT_FIELDS else name


def _wanted(body: WaterEdit, units: TypedUnits) -> dict[str, Any]:
    """The fields that the edit names, as they are to be kept; EC under `ec`, in mS/cm."""
    wanted = {
        name: _to_keep(name, getattr(body, name), units)
        for name in WaterFields.model_fields
        if name in body.model_fields_set
    }
    if "kind" in wanted and body.kind is None:
        del wanted["kind"]  # a water has one
    if "reading" in body.model_fields_set:
        wanted["ec"] = None if is_blank(body.reading) else units.ec("reading", body.reading).ms_cm
    return wanted


def _to_keep(name: str, value: Any, units: TypedUnits) -> Any:
    """A field of a water as it is kept; None for what was typed as unknown."""
    match name:
        case "kind" | "disinfectant" | "treated_by":
            return value or ""
        case "reported_on" | "note":
            return value
    if not value.strip():
        return None
    match name:
        case "ph":
            return units.plain(name, value)
        case "temperature":
            return units.celsius(name, value)
        case _:
            return exact_decimal(reported(name, value), 2)


def _now(water: WaterSource) -> dict[str, object]:
    kept = {name: _number(getattr(water, f"{name}_ppm")) for name in REPORT_FIELDS}
    read = {what: water.last(what) for what in WATER_READINGS}
    plain = ("kind", "disinfectant", "treated_by", "reported_on", "note")
    return kept | read | {name: getattr(water, name) for name in plain}


def _number(value: Decimal | None) -> Fraction | None:
    return None if value is None else figure(value)


def _seen(state: WaterSeen) -> dict[str, object]:
    """The fields that the edit saw, as `_now` gives them."""
    seen: dict[str, object] = {}
    for name in state.model_fields_set:
        value = getattr(state, name)
        if name in (*REPORT_FIELDS, *WATER_READINGS):
            text = value.value if isinstance(value, Figure) else value
            seen[name] = typed_figure(f"seen.{name}", text) if text else None
        else:
            seen[name] = value or "" if name in ("disinfectant", "treated_by") else value
    return seen


@router.post(
    "/grows/{grow_id}/share-of-water",
    response={200: ShareOut, **_ANSWERS},
    operation_id="share_of_water",
)
def share_of_water(request: HttpRequest, grow_id: int, body: ShareIn) -> ShareOut:
    """How much of another water, such as RO, brings a source to a wanted figure."""
    scope = Scope.enter(request.user, grow_id)
    source = scope.one(scope.all(WaterSource), body.source)
    other = scope.one(scope.all(WaterSource), body.other)
    units = TypedUnits.of(body.typed_in, scope.membership)
    if body.wanted is Wanted.EC:
        wanted = units.ec("figure", body.figure).ms_cm
    else:
        wanted = units.plain("figure", body.figure)
    share = share_for(
        source.as_water(source.reading), other.as_water(other.reading), body.wanted, wanted
    )
    return ShareOut(
        share=decimal_text(share),
        percent=f"{number_text(share * 100, 0)} %",
        **_made_by_ro(scope, body, share),
    )


def _made_by_ro(scope: Scope, body: ShareIn, share: Fraction) -> dict[str, str]:
    shown = {"made_shown": "", "drawn_shown": "", "rejected_shown": ""}
    if is_blank(body.volume):
        return shown
    unit = scope.membership.tank_unit
    whole = TypedUnits.of(body.typed_in, scope.membership).litres("volume", body.volume)
    made = Volume(whole.litres * share)
    shown["made_shown"] = made.shown(unit, 0)
    if not is_blank(body.recovery):
        recovery = share_told("recovery", body.recovery)
        need = typed("recovery", lambda: osmosis_need(made, recovery))
        shown |= {
            "drawn_shown": need.drawn.shown(unit, 0),
            "rejected_shown": need.rejected.shown(unit, 0),
        }
    return shown
