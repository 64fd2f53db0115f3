"""One's own account: another password, and the devices on which one is signed in."""

from datetime import datetime
from typing import Annotated

from django.contrib.auth import authenticate, update_session_auth_hash
from django.contrib.auth.models import User
from django.contrib.auth.password_validation import validate_password
from django.contrib.auth.signals import user_logged_in
from django.contrib.sessions.models import Session
from django.core.exceptions import ValidationError
from django.dispatch import Signal, receiver
from django.http import Http404, HttpRequest
from django.utils import timezone
from ninja import Field, Router, Schema

from core.errors import InputError
from core.messages import Listed
from server.api.shapes import PLAIN_TEXT, ErrorOut, Kept
from server.grows.demo_people import DEMO_PEOPLE
from server.grows.models import Device

router = Router(tags=["account"])
_ANSWERS = {404: ErrorOut, 422: ErrorOut}
_Password = Annotated[str, Field(min_length=1, max_length=200, pattern=PLAIN_TEXT)]


class PasswordIn(Schema):
    """The password as it is, and as it is to be.

    `end_calendars` ends the person's secret calendar addresses, too.
    """

    old: _Password
    new: _Password
    end_calendars: bool = False


class DeviceOut(Schema):
    """Where one is signed in; `here` is the device that asks."""

    id: int
    words: str
    since: datetime
    here: bool


@receiver(user_logged_in)
def note_device(request: HttpRequest, user: User, **_: object) -> None:
    """Whoever signs in is told of by what the browser says it is."""
    if request.session.session_key is None:
        request.session.save()
    Device.objects.update_or_create(
        session_key=request.session.session_key,
        defaults={"person": user, "agent": request.headers.get("User-Agent", "")[:200]},
    )


password_changed = Signal()
"""After a change of password: of whose, and whether calendar addresses end with it."""


@router.put(
    "/password", response={200: Kept, 429: ErrorOut, **_ANSWERS}, operation_id="change_password"
)
def change_password(request: HttpRequest, body: PasswordIn) -> Kept:
    """Another password; every other device is signed out by it.

    Wrong old ones count as wrong passwords at the door do, and lock as those.
    """
    person = User.objects.get(pk=request.user.pk or 0)
    if person.username in DEMO_PEOPLE:
        raise InputError("demo.password", "new")
    if authenticate(request, username=person.username, password=body.old) is None:
        raise InputError("wrong_password", "old")
    try:
        validate_password(body.new, person)
    except ValidationError as error:
        raise InputError(
            "password_weak", "new", reasons=Listed(tuple(error.messages), "sentence")
        ) from None
    person.set_password(body.new)
    person.save(update_fields=["password"])
    update_session_auth_hash(request, person)
    others = Device.objects.filter(person=person).exclude(session_key=request.session.session_key)
    Session.objects.filter(session_key__in=others.values("session_key")).delete()
    others.delete()
    note_device(request, person)
    password_changed.send(User, person=person, end_calendars=body.end_calendars)
    return Kept()


@router.get("/devices", response={200: list[DeviceOut], **_ANSWERS}, operation_id="devices")
def devices(request: HttpRequest) -> list[DeviceOut]:
    """Where one is signed in."""
    alive = Session.objects.filter(expire_date__gt=timezone.now()).values("session_key")
    found = Device.objects.filter(person_id=request.user.pk, session_key__in=alive)
    here = request.session.session_key
    return [
        DeviceOut(
            id=one.pk, words=device_words(one.agent), since=one.at, here=one.session_key == here
        )
        for one in found.order_by("-at")[:100]
    ]


@router.delete("/devices/{device_id}", response={200: Kept, **_ANSWERS}, operation_id="end_device")
def end_device(request: HttpRequest, device_id: int) -> Kept:
    """Sign another device out."""
    device = Device.objects.filter(person_id=request.user.pk, pk=device_id).first()
    if device is None:
        raise Http404("No such device.")
    Session.objects.filter(session_key=device.session_key).delete()
    device.delete()
    return Kept()


_SYSTEMS = ("Android", "iPhone", "iPad", "Windows", "Mac OS", "Linux")
_BROWSERS = ("Firefox", "Edg", "Chrome", "Safari")


def device_words(agent: str) -> str:
    """What a browser says it is, in two words; never more than it says."""
    system = next((one for one in _SYSTEMS if one in agent), "another device")
    browser = next((one for one in _BROWSERS if one in agent), "a browser")
    return f"{browser.replace('Edg', 'Edge')} on {system}"
