"""Who works in a grow: invited by a link that is used once, given a role, gone again."""

from datetime import datetime, timedelta
from hashlib import sha256
from secrets import token_urlsafe

from django.db import transaction
from django.http import Http404, HttpRequest
from django.utils import timezone
from ninja import Router, Schema

from core.errors import InputError
from server.api.shapes import ErrorOut, Kept
from server.grows.models import Grow, Invitation, Membership
from server.grows.roles import MemberRole
from server.grows.scope import Scope

router = Router(tags=["people"])
_ANSWERS = {404: ErrorOut, 409: ErrorOut, 422: ErrorOut}
VALID_DAYS = 7
"""How long an invitation is good."""
MOST_PEOPLE = 100
"""Members and open invitations of one grow."""


class PersonOut(Schema):
    """A member; `you` is who asks."""

    id: int
    name: str
    role: MemberRole
    you: bool


class InvitationOut(Schema):
    """An invitation that nobody has used yet."""

    id: int
    role: MemberRole
    by: str
    ends_at: datetime


class PeopleOut(Schema):
    """Who works in a grow, and who was invited; `role` is that of who asks."""

    role: MemberRole
    people: list[PersonOut]
    invitations: list[InvitationOut]


class InviteIn(Schema):
    """What somebody is to be in this grow."""

    role: MemberRole


class InvitedOut(Schema):
    """The secret address of an invitation; it is shown this once."""

    path: str
    ends_at: datetime


class RoleIn(Schema):
    """What a member is from now on."""

    role: MemberRole


@router.get("/grows/{grow_id}/people", response={200: PeopleOut, **_ANSWERS}, operation_id="people")
def people(request: HttpRequest, grow_id: int) -> PeopleOut:
    """Who works in a grow; open invitations are shown to owners."""
    scope = Scope.enter(request.user, grow_id)
    members = scope.grow.memberships.select_related("person").order_by("pk")
    own = MemberRole(scope.membership.role)
    invited = Invitation.open(scope.grow) if own is MemberRole.OWNER else []
    return PeopleOut(
        role=own,
        people=[
            PersonOut(
                id=member.pk,
                name=member.person.get_username(),
                role=MemberRole(member.role),
                you=member.pk == scope.membership.pk,
            )
            for member in members
        ],
        invitations=[
            InvitationOut(
                id=invitation.pk,
                role=MemberRole(invitation.role),
                by=invitation.by.get_username(),
                ends_at=invitation.ends_at,
            )
            for invitation in invited
        ],
    )


@router.post(
    "/grows/{grow_id}/invitations", response={200: InvitedOut, **_ANSWERS}, operation_id="invite"
)
@transaction.atomic
def invite(request: HttpRequest, grow_id: int, body: InviteIn) -> InvitedOut:
    """Invite somebody by a link that is used once."""
    scope = Scope.enter(request.user, grow_id)
    scope.lock()
    if scope.grow.memberships.count() + len(Invitation.open(scope.grow)) >= MOST_PEOPLE:
        raise InputError("too_many_or_few.people", "role", most_people=MOST_PEOPLE)
    if scope.grow.is_demo:
        raise InputError("demo.people", "role")
    secret = token_urlsafe(32)
    made = Invitation.objects.create(
        grow=scope.grow,
        role=body.role,
        digest=digest_of(secret),
        by_id=scope.membership.person_id,
        ends_at=timezone.now() + timedelta(days=VALID_DAYS),
    )
    return InvitedOut(path=f"/join/{secret}", ends_at=made.ends_at)


@router.delete(
    "/grows/{grow_id}/invitations/{invitation_id}",
    response={200: Kept, **_ANSWERS},
    operation_id="take_invitation_back",
)
def take_invitation_back(request: HttpRequest, grow_id: int, invitation_id: int) -> Kept:
    """Take an invitation back that nobody has used."""
    scope = Scope.enter(request.user, grow_id)
    found = Invitation.objects.filter(grow=scope.grow, used_at=None, pk=invitation_id).first()
    if found is None:
        raise Http404("No such invitation.")
    found.delete()
    return Kept()


@router.patch(
    "/grows/{grow_id}/people/{member_id}",
    response={200: Kept, **_ANSWERS},
    operation_id="set_role",
)
@transaction.atomic
def set_role(request: HttpRequest, grow_id: int, member_id: int, body: RoleIn) -> Kept:
    """Give a member another role; a grow is handed over by making another one its owner."""
    scope, member = _member(request, grow_id, member_id)
    if body.role is not MemberRole.OWNER:
        _refuse_last_owner(scope.grow, member)
    member.role = body.role
    member.save(update_fields=["role"])
    if body.role is not MemberRole.OWNER:
        _end_links(member)
    return Kept()


@router.delete(
    "/grows/{grow_id}/people/{member_id}",
    response={200: Kept, **_ANSWERS},
    operation_id="remove_person",
)
@transaction.atomic
def remove_person(request: HttpRequest, grow_id: int, member_id: int) -> Kept:
    """Remove a member; what they did stays in the record."""
    scope, member = _member(request, grow_id, member_id)
    _refuse_last_owner(scope.grow, member)
    _end_links(member)
    member.delete()
    return Kept()


@router.post("/grows/{grow_id}/leave", response={200: Kept, **_ANSWERS}, operation_id="leave_grow")
@transaction.atomic
def leave_grow(request: HttpRequest, grow_id: int) -> Kept:
    """Leave a grow; its last owner hands it over first."""
    scope = Scope.enter(request.user, grow_id)
    scope, member = _member(request, grow_id, scope.membership.pk)
    _refuse_last_owner(scope.grow, member)
    _end_links(member)
    member.delete()
    return Kept()


def _end_links(member: Membership) -> None:
    """Links die with the right of who made them, also where that right comes back."""
    made = Invitation.objects.filter(grow=member.grow_id, by=member.person_id, used_at=None)
    made.delete()


def _member(request: HttpRequest, grow_id: int, member_id: int) -> tuple[Scope, Membership]:
    """A member of a grow that nobody else changes meanwhile."""
    scope = Scope.enter(request.user, grow_id)
    scope.lock()
    member = scope.grow.memberships.filter(pk=member_id).first()
    if member is None:
        raise Http404("No such member.")
    if scope.grow.is_demo:
        raise InputError("demo.people")
    return scope, member


def _refuse_last_owner(grow: Grow, member: Membership) -> None:
    owners = grow.memberships.filter(role=MemberRole.OWNER).exclude(pk=member.pk)
    if member.role == MemberRole.OWNER and not owners.exists():
        raise InputError("last_owner", "role")


def digest_of(secret: str) -> str:
    """What is kept of a secret that is kept nowhere."""
    return sha256(secret.encode()).hexdigest()
