"""Who was invited comes in, by a link that is used once; with an account, or with a new one."""

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
from core.messages import Listed
from server.api.shapes import PLAIN_TEXT, ErrorOut
from server.grows.authors import give_names
from server.grows.demo_people import DEMO_PEOPLE
from server.grows.models import Invitation, Membership
from server.grows.people import digest_of
from server.grows.roles import MemberRole
from server.grows.scope import lock_grow
from server.grows.sign_in import SamePage, SignedIn, signed_in

router = Router(tags=["people"])
_ANSWERS = {404: ErrorOut, 409: ErrorOut, 422: ErrorOut}


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


def _open(secret: str) -> Invitation:
    """An invitation that can still be used.

    Raises:
        Http404: there is none of that secret, it was used, its days are over, or who made it owns
            the grow no more.
    """
    usable = Invitation.usable().select_related("grow", "by")
    found = usable.filter(digest=digest_of(secret)).first()
    if found is None:
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
def join_with_account(request: HttpRequest, secret: str, body: NewAccount) -> SignedIn:
    """Make an account and join a grow with it, by an invitation alone."""
    with transaction.atomic():
        _open(secret)  # nobody learns which names are taken without an invitation
        person = _new_account(body)
        _join(secret, person)
    login(request, person, backend="django.contrib.auth.backends.ModelBackend")
    return signed_in(person)


def _new_account(body: NewAccount) -> User:
    person = User(username=body.username.strip())
    try:
        person.clean_fields(exclude=["password"])
        validate_password(body.password, person)
    except ValidationError as error:
        where = "username" if hasattr(error, "error_dict") else "password"
        reasons = Listed(tuple(error.messages), "sentence")
        raise InputError("account_unclear", where, reasons=reasons) from None
    person.set_password(body.password)
    try:
        if person.username in DEMO_PEOPLE:
            raise IntegrityError
        with transaction.atomic():
            person.save()
    except IntegrityError:
        raise InputError("name_taken.username", "username") from None
    return person


def _join(secret: str, person: User) -> None:
    invitation = _open(secret)
    lock_grow(invitation.grow_id)
    invitation = _open(secret)  # of two who use it at a time, the second finds it used
    if invitation.grow.memberships.filter(person=person).exists():
        raise InputError("member_already")
    if person.username in DEMO_PEOPLE:
        raise InputError("demo.people")
    Membership.objects.create(grow=invitation.grow, person=person, role=invitation.role)
    give_names(invitation.grow_id, person)
    invitation.used_at = timezone.now()
    invitation.save(update_fields=["used_at"])
