"""JSON text in, a checked document out; every failure is an `InputError` that says where."""

import json
from collections.abc import Callable, Mapping, Sequence
from decimal import Decimal
from typing import Any, NoReturn, TypeVar

from pydantic import BaseModel, ValidationError

from core.errors import InputError
from core.limits import LARGEST_BYTES
from core.messages import Message

_Model = TypeVar("_Model", bound=BaseModel)


def _no_constant(name: str) -> NoReturn:
    raise InputError("not_a_number.constant", name=name)


def _unique(pairs: list[tuple[str, Any]]) -> dict[str, Any]:
    found: dict[str, Any] = {}
    for name, value in pairs:
        if name in found:
            raise InputError("key_repeats.field", name=name)
        found[name] = value
    return found


def read_json(
    raw: bytes, *, largest: int = LARGEST_BYTES, number: Callable[[str], object] = Decimal
) -> object:
    """Plain JSON values, numbers exact unless something else is said to make them.

    Raises:
        InputError: too large, not UTF-8, not JSON, or nested beyond reason.
    """
    if len(raw) > largest:
        raise InputError("too_large.input", largest=largest // 1000000)
    try:
        return json.loads(
            raw.decode("utf-8-sig"),
            parse_float=number,
            parse_constant=_no_constant,
            object_pairs_hook=_unique,
        )
    except InputError:
        raise
    except UnicodeDecodeError:
        raise InputError("not_json.not_utf8") from None
    except json.JSONDecodeError as error:
        raise InputError(
            "not_json.syntax", f"line {error.lineno}, column {error.colno}", msg=error.msg
        ) from None
    except (ValueError, RecursionError):
        raise InputError("not_json.nesting") from None


def document_of(model: type[_Model], data: object) -> _Model:
    """Check plain values against a format.

    Raises:
        InputError: the first thing that does not fit.
    """
    try:
        return model.model_validate(data)
    except ValidationError as error:
        raise input_error(error.errors(include_url=False)[0], data) from None


def input_error(error: Mapping[str, Any], data: object) -> InputError:
    """Say a validation error in the grower's words."""
    cause = error.get("ctx", {}).get("error")
    found = cause if isinstance(cause, InputError) else _misfit(error)
    found = found.at(path_text(error["loc"]))
    cell = _cell(error["loc"], data)
    return found.about(cell) if cell else found


def _misfit(error: Mapping[str, Any]) -> InputError:
    """What a format finds of itself, before any rule is asked."""
    name = next((str(part) for part in reversed(error["loc"]) if isinstance(part, str)), "input")
    match error["type"]:
        case "missing":
            return InputError("missing.field", name=name)
        case "extra_forbidden":
            return InputError("unknown_field", name=name)
        case "enum" | "literal_error":
            return InputError(
                "not_a_choice.field", name=name, choices=str(error["ctx"]["expected"])
            )
        case "model_type" | "dict_type" | "model_attributes_type":
            return InputError("wrong_type.field", name=name)
        case _:
            return InputError("wrong_type.other", name=name, said=str(error["msg"]))


def path_text(loc: Sequence[str | int]) -> str:
    """A place such as `chart.doses[3].unit`."""
    text = ""
    for part in loc:
        text += f"[{part}]" if isinstance(part, int) else f".{part}" if text else part
    return text


def _cell(loc: Sequence[str | int], data: object) -> Message | None:
    """`Row Marram One, column Week 5` for an error inside a dose, else None."""
    at = list(loc)
    if "doses" not in at:
        return None
    depth = at.index("doses")
    try:
        chart: Any = data
        for part in at[:depth]:
            chart = chart[part]
        dose = chart["doses"][at[depth + 1]]
        row = next(p for p in chart["products"] if p["key"] == dose["product"])
        column = next(c for c in chart["columns"] if c["key"] == dose["column"])
        return Message(
            "cell",
            row=str(row.get("name") or row["key"]),
            column=str(column.get("label") or column["key"]),
        )
    except (LookupError, TypeError, StopIteration, AttributeError):
        return None
