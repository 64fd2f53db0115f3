"""Who works in a grow: invited by a link that is used once, given a role, gone again."""

from datetime import datetime, timedelta
from hashlib import sha256
from secrets import token_urlsafe
from typing import Annotated

from django.contrib.auth import login
from django.contrib.auth.models import User
from django.contrib.auth.password_validation import validate_password
from django.core.exceptions import ValidationError
from django.db import IntegrityError, transaction
from django.http import Http404, HttpRequest
from django.utils import timezone
from ninja import Field, Router, Schema

from core.errors import InputError
from server.api.shapes import PLAIN_TEXT, ErrorOut, Kept
from server.grows.demo_people import DEMO_PEOPLE
from server.grows.models import Grow, Invitation, Membership
from server.grows.roles import MemberRole
from server.grows.scope import Scope, lock_grow
from server.grows.sign_in import SamePage, SignedIn, signed_in

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


class InvitationSeen(Schema):
    """What an invitation is to."""

    grow: str
    by: str
    role: MemberRole
    person: str | None


class NewAccount(Schema):
    """A name and a password for somebody who has no account yet."""

    username: Annotated[str, Field(min_length=1, max_length=150, pattern=PLAIN_TEXT)]
    password: Annotated[str, Field(min_length=1, max_length=200, pattern=PLAIN_TEXT)]


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
                id=one.pk,
                name=one.person.get_username(),
                role=MemberRole(one.role),
                you=one.pk == scope.membership.pk,
            )
            for one in members
        ],
        invitations=[
            InvitationOut(
                id=one.pk, role=MemberRole(one.role), by=one.by.get_username(), ends_at=one.ends_at
            )
            for one in invited
        ],
    )


@router.post(
    "/grows/{grow_id}/invitations", response={200: InvitedOut, **_ANSWERS}, operation_id="invite"
)
@transaction.atomic
def invite(request: HttpRequest, grow_id: int, told: InviteIn) -> InvitedOut:
    """Invite somebody by a link that is used once."""
    scope = Scope.enter(request.user, grow_id)
    scope.lock()
    if scope.grow.memberships.count() + len(Invitation.open(scope.grow)) >= MOST_PEOPLE:
        raise InputError("too_many_or_few", f"A grow has at most {MOST_PEOPLE} people.", "role")
    if scope.grow.is_demo:
        raise InputError("demo", "The demo’s people stay as they are.", "role")
    secret = token_urlsafe(32)
    made = Invitation.objects.create(
        grow=scope.grow,
        role=told.role,
        digest=_digest(secret),
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
def set_role(request: HttpRequest, grow_id: int, member_id: int, told: RoleIn) -> Kept:
    """Give a member another role; a grow is handed over by making another one its owner."""
    scope, member = _member(request, grow_id, member_id)
    if told.role is not MemberRole.OWNER:
        _refuse_last_owner(scope.grow, member)
    member.role = told.role
    member.save(update_fields=["role"])
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
    member.delete()
    return Kept()


@router.post("/grows/{grow_id}/leave", response={200: Kept, **_ANSWERS}, operation_id="leave_grow")
@transaction.atomic
def leave_grow(request: HttpRequest, grow_id: int) -> Kept:
    """Leave a grow; its last owner hands it over first."""
    scope = Scope.enter(request.user, grow_id)
    scope, member = _member(request, grow_id, scope.membership.pk)
    _refuse_last_owner(scope.grow, member)
    member.delete()
    return Kept()


def _member(request: HttpRequest, grow_id: int, member_id: int) -> tuple[Scope, Membership]:
    """A member of a grow that nobody else changes meanwhile."""
    scope = Scope.enter(request.user, grow_id)
    scope.lock()
    member = scope.grow.memberships.filter(pk=member_id).first()
    if member is None:
        raise Http404("No such member.")
    if scope.grow.is_demo:
        raise InputError("demo", "The demo’s people stay as they are.")
    return scope, member


def _refuse_last_owner(grow: Grow, member: Membership) -> None:
    owners = grow.memberships.filter(role=MemberRole.OWNER).exclude(pk=member.pk)
    if member.role == MemberRole.OWNER and not owners.exists():
        raise InputError(
            "last_owner",
            "A grow has an owner always: make somebody else its owner first.",
            "role",
        )


def _digest(secret: str) -> str:
    return sha256(secret.encode()).hexdigest()


def _open(secret: str) -> Invitation:
    """An invitation that can still be used.

    Raises:
        Http404: there is none of that secret, it was used, or its days are over.
    """
    found = Invitation.objects.select_related("grow", "by").filter(digest=_digest(secret)).first()
    if found is None or found.used_at is not None or found.ends_at <= timezone.now():
        raise Http404("No such invitation.")
    return found


@router.get(
    "/invitations/{secret}",
    auth=None,
    response={200: InvitationSeen, 404: ErrorOut},
    operation_id="look_at_invitation",
)
def look_at_invitation(request: HttpRequest, secret: str) -> InvitationSeen:
    """What an invitation is to."""
    found = _open(secret)
    return InvitationSeen(
        grow=found.grow.name,
        by=found.by.get_username(),
        role=MemberRole(found.role),
        person=request.user.get_username() if request.user.is_authenticated else None,
    )


@router.post(
    "/invitations/{secret}", response={200: SignedIn, **_ANSWERS}, operation_id="accept_invitation"
)
@transaction.atomic
def accept_invitation(request: HttpRequest, secret: str) -> SignedIn:
    """Join a grow as who is signed in."""
    person = User.objects.get(pk=request.user.pk or 0)
    _join(secret, person)
    return signed_in(person)


@router.post(
    "/invitations/{secret}/account",
    auth=SamePage(),
    response={200: SignedIn, **_ANSWERS},
    operation_id="join_with_account",
)
def join_with_account(request: HttpRequest, secret: str, told: NewAccount) -> SignedIn:
    """Make an account and join a grow with it, by an invitation alone."""
    with transaction.atomic():
        _open(secret)  # nobody learns which names are taken without an invitation
        person = _new_account(told)
        _join(secret, person)
    login(request, person, backend="django.contrib.auth.backends.ModelBackend")
    return signed_in(person)


def _new_account(told: NewAccount) -> User:
    person = User(username=told.username.strip())
    try:
        person.clean_fields(exclude=["password"])
        validate_password(told.password, person)
    except ValidationError as error:
        where = "username" if hasattr(error, "error_dict") else "password"
        raise InputError("account_unclear", " ".join(error.messages), where) from None
    person.set_password(told.password)
    try:
        if person.username in DEMO_PEOPLE:
            raise IntegrityError
        with transaction.atomic():
            person.save()
    except IntegrityError:
        raise InputError(
            "name_taken", "Somebody has that name: choose another.", "username"
        ) from None
    return person


def _join(secret: str, person: User) -> None:
    invitation = _open(secret)
    lock_grow(invitation.grow_id)
    invitation = _open(secret)  # of two who use it at a time, the second finds it used
    if invitation.grow.memberships.filter(person=person).exists():
        raise InputError("member_already", "You work in this grow already.")
    if person.username in DEMO_PEOPLE:
        raise InputError("demo", "The demo’s people stay as they are.")
    Membership.objects.create(grow=invitation.grow, person=person, role=invitation.role)
    invitation.used_at = timezone.now()
    invitation.save(update_fields=["used_at"])
