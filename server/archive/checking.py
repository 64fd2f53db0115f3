"""Whether what an archive tells can be computed: by computing it once."""

from collections.abc import Callable, Mapping
from decimal import Decimal
from typing import Annotated, Any

from django.db import models
from pydantic import AfterValidator, BaseModel, ConfigDict, Field, TypeAdapter, ValidationError

from core.chemistry.elements import Component
from core.errors import InputError
from core.formats import FeedChart, LabelDocument
from core.formats.course_request import SeasonDocument
from core.formats.fields import Figure
from core.formats.guided_plan import plan_from
from core.formats.record import ChangeDocument, MixRecordDocument
from core.formats.tank import JoinedDocument
from core.guided import replay
from core.limits import LONGEST_NAME, LONGEST_WORDS, MOST_PRODUCTS
from core.tanks import measure_tank
from server.changes.models import ChangeEntry
from server.charts.models import ChartVersion
from server.grows.models import Grow, Membership
from server.grows.scope import Scope
from server.guided.models import Mix, MixCorrection
from server.guided.running import events_of
from server.planning.asked import own_windows
from server.seasons.course import course_of
from server.seasons.models import Season, SeasonEntry
from server.seasons.running import running_seasons, seasons_of
from server.seasons.tasks import standing_tasks
from server.shelf.models import Bottle, CalibrationEntry, MeasuringVessel, Product
from server.tanks.models import Tank, WaterBlend
from server.tanks.timeline import UNITS, TimeLineEntry

_Key = Annotated[str, Field(max_length=LONGEST_NAME)]
_Words = Annotated[str, Field(max_length=LONGEST_WORDS)]


class _Told(BaseModel):
    """An object with just these fields, each of its type."""

    model_config = ConfigDict(extra="forbid", strict=True)


class _Value(_Told):
    value: Figure
    unit: _Key


class _Bottle(_Told):
    product: int | None
    tag: Annotated[str, Field(max_length=3)]
    left: Figure | None = None


class _Decision(_Told):
    column: _Key = ""
    days: int = 0
    sign: _Words = ""
    over_days: Annotated[int, Field(ge=0)] = 0
    task: _Words = ""


class _Point(_Told):
    standard: Figure
    read: Figure


def _in_its_unit(values: dict[str, _Value | None]) -> dict[str, _Value | None]:
    for what, told in values.items():
        units = {UNITS[what]} if what in UNITS else {"mL", "g"} if what == "amount" else set()
        if not units or (told and told.unit not in units):
            raise ValueError(f"an entry tells no {what} in {told.unit if told else 'nothing'}")
    return values


_Number = Annotated[int, Field(strict=True)]
_KeyOfBottle = TypeAdapter(Annotated[str, Field(pattern=r"^[0-9]{1,18}$")])
_Links = TypeAdapter(Annotated[dict[_Key, _Number], Field(max_length=MOST_PRODUCTS)])
_Bottles = TypeAdapter(Annotated[dict[_Key, _Bottle], Field(max_length=2 * MOST_PRODUCTS)])
_Values = TypeAdapter(Annotated[dict[_Key, _Value | None], AfterValidator(_in_its_unit)])
_Points = TypeAdapter(Annotated[list[_Point], Field(min_length=1, max_length=9)])
_Notes = TypeAdapter(Annotated[list[Annotated[str, Field(max_length=2000)]], Field(max_length=500)])
_Changes = TypeAdapter(Annotated[list[ChangeDocument], Field(min_length=1, max_length=200)])
_Moles = TypeAdapter(dict[Component, Annotated[float, Field(ge=0, allow_inf_nan=False)]])


def _plan(value: Any) -> None:
    """What a plan takes for pH is drawn from the bottle whose number its key is."""
    plan = plan_from(value)
    for bottle in (plan.acid, plan.alkali):
        if bottle is not None:
            _KeyOfBottle.validate_python(bottle.key)


def _or_none(check: Callable[[Any], object]) -> Callable[[Any], object]:
    return lambda told: None if told is None else check(told)


_CHECKS: Mapping[tuple[type[models.Model], str], Callable[[Any], object]] = {
    (Product, "label"): _or_none(lambda told: LabelDocument.model_validate(told).label()),
    (ChartVersion, "document"): lambda told: FeedChart.model_validate(told).chart(),
    (ChartVersion, "products"): _Links.validate_python,
    (ChartVersion, "notes"): _Notes.validate_python,
    (Tank, "joined"): _or_none(
        lambda told: measure_tank(JoinedDocument.model_validate(told).parts())
    ),
    (Season, "plan"): SeasonDocument.model_validate,
    (SeasonEntry, "told"): _Decision.model_validate,
    (Mix, "plan"): _plan,
    (Mix, "products"): _Bottles.validate_python,
    (Mix, "record"): _or_none(MixRecordDocument.model_validate),
    (Mix, "simulated_water"): _Moles.validate_python,
    (MixCorrection, "changes"): _Changes.validate_python,
    (MixCorrection, "before"): MixRecordDocument.model_validate,
    (TimeLineEntry, "values"): _Values.validate_python,
    (CalibrationEntry, "points"): _Points.validate_python,
    (Grow, "ranges"): own_windows,
}
"""How each field that holds JSON is read."""

_UNREADABLE = (
    ValidationError, ValueError, TypeError, KeyError, AttributeError, ArithmeticError, IndexError,
    RecursionError,
)  # fmt: skip


def check_told(model: type[models.Model], name: str, value: Any, where: str) -> None:
    """Read a field that holds JSON as the program reads it.

    Raises:
        InputError: it cannot be read.
    """
    check = _CHECKS.get((model, name))
    if check is None:
        return
    try:
        check(value)
    except InputError as error:
        raise error.inside(where) from None
    except _UNREADABLE as error:
        said = str(error).splitlines()[0][:160] if str(error) else type(error).__name__
        raise InputError("wrong_value.told", where, name=name, said=said) from None


def check_grow(grow: Grow) -> None:
    """Calculate once with all that a grow has, as its screens will, so that nothing fails there.

    Raises:
        InputError: something in it cannot be computed.
    """
    scope = Scope(Membership(grow=grow))
    rounds: tuple[tuple[str, Callable[[Scope], None]], ...] = (
        ("vessels", _try_vessels), ("calibrations", _try_calibrations), ("blends", _try_blends),
        ("bottles", _try_bottles), ("tanks", _try_tanks), ("changes", _try_changes),
        ("mixes", _try_mixes), ("seasons", _try_seasons),
    )  # fmt: skip
    for where, attempt in rounds:
        try:
            attempt(scope)
        except InputError as error:
            raise error.inside(where) from None
        except _UNREADABLE as error:
            said = str(error).splitlines()[0][:160] if str(error) else type(error).__name__
            raise InputError("contradicts_itself.grow", where, said=said) from None


def _try_vessels(scope: Scope) -> None:
    for vessel in scope.all(MeasuringVessel):
        vessel.as_vessel()


def _try_calibrations(scope: Scope) -> None:
    for calibration in scope.all(CalibrationEntry).select_related("meter"):
        calibration.as_calibration()


def _try_blends(scope: Scope) -> None:
    for blend in scope.all(WaterBlend).prefetch_related("parts"):
        parts = blend.parts.all()
        shares = sum((part.share for part in parts), Decimal(0))
        if not parts or shares >= 1 or blend.water_id in {part.water_id for part in parts}:
            raise InputError("blend_unclear.kept", blend=blend.name)


def _try_bottles(scope: Scope) -> None:
    """Each bottle alone, and those of a product against what the product has left."""
    held: dict[int, Decimal] = {}
    for bottle in scope.all(Bottle).filter(discarded_at=None):
        bottle.as_bottle()
        held[bottle.product_id] = held.get(bottle.product_id, Decimal(0)) + bottle.left
    for product in scope.all(Product).filter(pk__in=held):
        if product.left != held[product.pk]:
            raise InputError("contradicts_itself.bottles", "left", product=product.name)


def _try_tanks(scope: Scope) -> None:
    for tank in scope.all(Tank):
        tank.as_tank()


def _try_changes(scope: Scope) -> None:
    for entry in scope.all(ChangeEntry).iterator():
        told = entry.changes
        lines = told.values() if isinstance(told, dict) else [None]
        if not all(
            isinstance(line, list) and len(line) == 2 and all(isinstance(end, str) for end in line)
            for line in lines
        ):
            raise InputError("contradicts_itself.changes", "changes")


def _try_mixes(scope: Scope) -> None:
    for mix in scope.all(Mix).iterator(chunk_size=20):
        replay(mix.as_plan(), events_of(mix))


def _try_seasons(scope: Scope) -> None:
    for season in seasons_of(scope):  # one at a time: its tank's whole line is in memory
        (running,) = running_seasons(scope, [season])
        standing_tasks(running, course_of(running, scope.grow))
