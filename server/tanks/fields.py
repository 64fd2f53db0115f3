"""What is written of a tank as it stands: the same in an answer, an edit, and what an edit saw."""

from enum import StrEnum
from typing import Annotated, Any

from ninja import Field, Schema

from core.chart import Medium
from core.chart.growing import Crop, System
from core.limits import LONGEST_NAME
from server.api.shapes import PLAIN_TEXT
from server.tanks.models import Tank


class TankFields(Schema):
    """Fields of a tank that are kept as they are told; each is a column of `Tank` by its name."""

    crop: Annotated[str, Field(max_length=LONGEST_NAME, pattern=PLAIN_TEXT)] = ""
    grown_in: Medium = Medium.WATER
    system_kind: System | None = None
    crop_kind: Crop | None = None


def kept_fields(fields: TankFields, names: set[str]) -> dict[str, Any]:
    """The columns among those names, as they are kept."""
    return {name: _stored_value(name, getattr(fields, name)) for name in TankFields.model_fields
            if name in names}  # fmt: skip


def _stored_value(name: str, value: Any) -> Any:
    if value is None and not Tank._meta.get_field(name).null:
        return ""
    return value.value if isinstance(value, StrEnum) else value


def fields_of(tank: Tank) -> dict[str, Any]:
    """The fields of a tank as an answer has them; what is empty has its default."""
    held = {name: getattr(tank, name) for name in TankFields.model_fields}
    return TankFields(**{name: value for name, value in held.items() if value != ""}).model_dump()
