"""Signing in and out."""

from datetime import timedelta
from typing import Any

from axes.models import AccessAttempt
from django.conf import settings
from django.contrib.auth import authenticate, login, logout
from django.contrib.auth.models import AbstractBaseUser, AnonymousUser, User
from django.db.models import Sum
from django.http import HttpRequest, HttpResponse, JsonResponse
from django.utils import timezone
from ninja import Field, Router, Schema
from ninja.responses import Status
from ninja.security import APIKeyCookie

from core.messages import Message
from server.api.addresses import address_of
from server.api.shapes import PLAIN_TEXT, ErrorOut, Problem
from server.grows.demo_people import DEMO_PERSON
from server.grows.models import Membership
from server.grows.scope import memberships_of

router = Router(tags=["sign_in"])


class SamePage(APIKeyCookie):
    """Lets everybody in whose request comes from a page of ours (CSRF), signed in or not."""

    param_name = "csrftoken"

    def authenticate(self, request: HttpRequest, key: str | None) -> Any:
        return True


class GrowOut(Schema):
    """A grow that one may enter."""

    id: int
    name: str


class SignedIn(Schema):
    """Who is signed in; `demo` offers the demo's sign-in."""

    person: str | None
    grows: list[GrowOut]
    demo: bool


class SignIn(Schema):
    """A name and a password."""

    username: str = Field(min_length=1, max_length=150, pattern=PLAIN_TEXT)
    password: str = Field(min_length=1, max_length=200, pattern=PLAIN_TEXT)


def signed_in(person: AbstractBaseUser | AnonymousUser) -> SignedIn:
    """Who somebody is, and where they may go."""
    grows = [GrowOut(id=m.grow.pk, name=m.grow.name) for m in memberships_of(person)]
    name = person.get_username() if person.is_authenticated else None
    return SignedIn(person=name, grows=grows, demo=settings.DEMO)


def locked_out(
    request: HttpRequest, credentials: dict[str, Any], *args: Any, **kwargs: Any
) -> HttpResponse:
    """The answer after too many wrong passwords; named in the settings."""
    return JsonResponse(_TOO_MANY.model_dump(), status=429)


_TOO_MANY = ErrorOut(error=Problem.of(Message("too_many_tries")))
MOST_WRONG_FROM_ONE_ADDRESS = 50
"""Wrong passwords in a quarter of an hour, over all names: a whole yard makes fewer."""


def _tried_too_often(request: HttpRequest) -> bool:
    since = timezone.now() - timedelta(hours=settings.AXES_COOLOFF_TIME)
    tries = AccessAttempt.objects.filter(
        ip_address=address_of(request), attempt_time__gte=since
    ).aggregate(wrong=Sum("failures_since_start"))
    return (tries["wrong"] or 0) >= MOST_WRONG_FROM_ONE_ADDRESS


@router.get("", auth=None, response=SignedIn, operation_id="who_is_here")
def who_is_here(request: HttpRequest) -> SignedIn:
    """Who is signed in, if anybody."""
    return signed_in(request.user)


@router.post(
    "", auth=SamePage(), response={200: SignedIn, 401: ErrorOut, 429: ErrorOut},
    operation_id="sign_in",
)  # fmt: skip
def sign_in(request: HttpRequest, body: SignIn) -> Status[SignedIn | ErrorOut]:
    """Sign in with a name and a password."""
    if _tried_too_often(request):
        return Status(429, _TOO_MANY)
    person = authenticate(request, username=body.username, password=body.password)
    if not isinstance(person, User) or _is_demo_only(person):
        wrong = Problem.of(Message("wrong_password.name"), "password")
        return Status(401, ErrorOut(error=wrong))
    login(request, person)
    return Status(200, signed_in(person))


def _is_demo_only(person: User) -> bool:
    """Whether this is one of the demo's people while the demo is not served."""
    return (
        not settings.DEMO
        and Membership.objects.filter(person_id=person.pk, grow__is_demo=True).exists()
    )


@router.post(
    "/demo", auth=SamePage(), response={200: SignedIn, 404: ErrorOut},
    operation_id="sign_in_to_demo",
)  # fmt: skip
def sign_in_to_demo(request: HttpRequest) -> Status[SignedIn | ErrorOut]:
    """Sign in as the demo's grower; only while the demo is served."""
    person = User.objects.filter(username=DEMO_PERSON).first() if settings.DEMO else None
    if person is None:
        return Status(404, ErrorOut(error=Problem.of(Message("not_found.demo"))))
    login(request, person, backend="django.contrib.auth.backends.ModelBackend")
    return Status(200, signed_in(person))


@router.delete("", response=SignedIn, operation_id="sign_out")
def sign_out(request: HttpRequest) -> SignedIn:
    """Sign out."""
    logout(request)
    return signed_in(request.user)
