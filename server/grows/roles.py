"""What each member of a grow may do: one table, asked at the one place where requests come in."""

from collections.abc import Mapping
from typing import Any

from django.db import models
from django.http import HttpRequest
from ninja.security import SessionAuth

from core.facts import one_each
from core.messages import Listed, Message
from server.api.shapes import NotAllowed


class MemberRole(models.TextChoices):
    """What a member is in a grow."""

    OWNER = "owner", "owner"
    MIXER = "mixer", "mixer"
    VIEWER = "viewer", "viewer"


class Right(models.TextChoices):
    """What an operation of the API needs."""

    LOOK = "look", "look at everything, and plan without keeping it"
    MIX = "mix", "mix at the bench, read tanks, tell what was done"
    KEEP = "keep", "change tanks, waters, shelf, charts and seasons"
    REMOVE = "remove", "put tanks away and bring them back, remove for good"
    PEOPLE = "people", "invite, change roles, remove people"


RIGHTS: Mapping[MemberRole, frozenset[Right]] = one_each(
    MemberRole,
    {
        MemberRole.OWNER: frozenset(Right),
        MemberRole.MIXER: frozenset({Right.LOOK, Right.MIX, Right.KEEP}),
        MemberRole.VIEWER: frozenset({Right.LOOK}),
    },
)
"""The table."""

_LOOKS = (
    "plan_mix", "read_table", "leaflet_meaning", "share_of_water", "measure_tank", "known_volume",
    "preview_decision", "preview_plan", "set_units", "set_pace", "make_calendar_address",
    "revoke_calendar_address", "leave_grow", "printed_grade", "make_up",
)  # fmt: skip
"""Operations that store nothing of the grow's, or only what is the person's own."""

NEEDS: Mapping[str, Right] = {
    **dict.fromkeys(_LOOKS, Right.LOOK),
    **dict.fromkeys(
        (
            "start_mix",
            "give_up",
            "tell_events",
            "correct_mix",
            "read_pen",
            "read_tank",
            "tell_task",
            "calibrate_meter",
            "explain_far_reading",
            "made_up",
            "fill_first",
            "look_for_leaks",
        ),
        Right.MIX,
    ),
    "archive_tank": Right.REMOVE,
    **dict.fromkeys(("remove_meter", "delete_tank", "delete_chart", "delete_grow"), Right.REMOVE),
    **dict.fromkeys(("invite", "take_invitation_back", "set_role", "remove_person"), Right.PEOPLE),
}
"""By the name of an operation; whatever else changes something needs `KEEP`."""


def right_needed(method: str, operation: str) -> Right:
    """What an operation needs."""
    if method == "GET":
        return Right.LOOK
    return NEEDS.get(operation, Right.KEEP)


Operations = Mapping[tuple[str, str], str]
"""Names of operations by method and route, as Django has it."""


class MemberAuth(SessionAuth):
    """Somebody who is signed in, and whose role in the grow allows what is asked.

    Who is no member goes on, and finds nothing there.
    """

    def __init__(self, operations: Operations) -> None:
        super().__init__()
        self._operations = operations

    def authenticate(self, request: HttpRequest, key: str | None) -> Any:
        person = super().authenticate(request, key)
        match = request.resolver_match
        if person is None or match is None or "grow_id" not in match.kwargs:
            return person
        method = request.method or "GET"
        right = right_needed(method, self._operations.get((method, match.route), ""))
        if right is not Right.LOOK and match.kwargs["grow_id"].isdecimal():  # else it is none
            self._refuse(person.pk, match.kwargs["grow_id"], right)
        return person

    @staticmethod
    def _refuse(person: int, grow: str, right: Right) -> None:
        from server.grows.models import Membership

        found = Membership.objects.filter(person_id=person, grow_id=int(grow))
        role = found.values_list("role", flat=True).first()
        if role is not None and right not in RIGHTS[MemberRole(role)]:
            allowed = tuple(str(one) for one in MemberRole if right in RIGHTS[one])
            raise NotAllowed(
                Message(
                    "not_allowed",
                    role=role,
                    right=str(right.label),
                    allowed=Listed(allowed, "comma"),
                )
            )
