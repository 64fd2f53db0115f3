"""An edit changes the fields that it names, and says what it saw there.

Who changes one field writes no other. What was changed by somebody else since is shown, not lost.
"""

from collections.abc import Mapping
from decimal import Decimal
from fractions import Fraction

from core.messages import Message, MessageValue
from core.quantities import decimal_text, rounded
from server.api.shapes import Outdated
from server.grows.figures import percent_shown


def refuse_if_outdated(
    what: str,
    *,
    now: Mapping[str, object],
    seen: Mapping[str, object],
    wanted: Mapping[str, object],
) -> None:
    """Refuse an edit that was made from a state that has changed since.

    Args:
        what: the name of the thing, for the message.
        now: its fields as they are kept.
        seen: those that the edit was made from; a field that it does not name is not checked.
        wanted: those that are to change.

    Raises:
        Outdated: somebody else has changed one of them to something else meanwhile.
    """
    for field, value in wanted.items():
        if field in seen and now[field] not in (seen[field], value):
            raise Outdated(
                "changed_meanwhile.field",
                field,
                thing=what,
                change=_meanwhile(field, now[field], value),
            )


def _meanwhile(field: str, now: object, wanted: object) -> Message:
    """What became of a field; of a thing that was chosen, its number tells nobody anything."""
    if field.endswith("_id"):
        return Message("changed_field.choice", field=field.removesuffix("_id"))
    return Message(
        "changed_field",
        field=field.replace("_", " "),
        now=_shown(field, now),
        wanted=_shown(field, wanted),
    )


def _shown(field: str, value: object) -> MessageValue:
    if field == "strength" and isinstance(value, Decimal):
        return percent_shown(Fraction(value))
    if isinstance(value, Fraction | Decimal):
        return decimal_text(rounded(Fraction(value), 6))
    return Message("changed_field.unknown") if value in (None, "") else str(value)
