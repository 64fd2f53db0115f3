"""Who changed what, when: appended as followed things are added, edited and removed.

What happens to tanks, waters, stock and seasons has lines of its own; these are edits.
"""

from collections.abc import Iterator, Mapping
from contextlib import AbstractContextManager, contextmanager
from dataclasses import dataclass
from decimal import Decimal
from typing import Any

from django.core.signals import request_finished, request_started
from django.db import models
from django.db.models.signals import post_save, pre_delete, pre_save
from django.utils import timezone

from core.limits import LONGEST_NAME
from core.quantities import decimal_text, figure
from server.grows.authors import Authored
from server.grows.models import Grow, Membership
from server.grows.scope import Owned, acting

_LONGEST_TOLD = 200
"""Characters of a value that are kept; whole documents have versions of their own."""


class ChangeEntry(Owned, Authored):
    """One edit; `changes` by field, what stood there before and after it. Never altered."""

    class What(models.TextChoices):
        ADDED = "added", "added"
        CHANGED = "changed", "changed"
        REMOVED = "removed", "removed"

    what = models.CharField(max_length=8, choices=What)
    kind = models.CharField("of what it is", max_length=20)
    name = models.CharField("what it was called then", max_length=2 * LONGEST_NAME)
    tank = models.ForeignKey("tanks.Tank", models.SET_NULL, null=True, related_name="+")
    water = models.ForeignKey("tanks.WaterSource", models.SET_NULL, null=True, related_name="+")
    product = models.ForeignKey("shelf.Product", models.SET_NULL, null=True, related_name="+")
    changes = models.JSONField("by field, before and behind", default=dict)
    at = models.DateTimeField(default=timezone.now)

    class Meta:
        ordering = ["-at", "-pk"]
        indexes = [models.Index(fields=["grow", "at"], name="change_of_grow")]

    def __str__(self) -> str:
        return f"{self.kind} {self.name} {self.what}"


@dataclass(frozen=True, slots=True)
class _Followed:
    kind: str
    fields: tuple[str, ...]
    link: str
    of: str
    unless: str


_FOLLOWED: dict[type[models.Model], _Followed] = {}


def follow(
    model: type[models.Model],
    *fields: str,
    kind: str,
    link: str = "",
    of: str = "",
    unless: str = "",
) -> None:
    """Keep who adds, edits and removes things of a model.

    Args:
        model: of things that belong to a grow.
        fields: those whose edits are kept.
        kind: what such a thing is called.
        link: the field of an entry that refers to it, so that it finds its own entries.
        of: the field of the thing that names what is referred to; empty for the thing itself.
        unless: what the thing says of itself where it comes with another, whose line tells of both.
    """
    _FOLLOWED[model] = _Followed(kind, fields, link, of, unless)
    pre_save.connect(_before_save, sender=model)
    post_save.connect(_after_save, sender=model)
    pre_delete.connect(_before_delete, sender=model)


def unfollowed() -> AbstractContextManager[None]:
    """Within it nobody acts: what a file brings in was told elsewhere."""
    return acted_by(None)


@contextmanager
def acted_by(person: int | None) -> Iterator[None]:
    """Within it what is saved is an edit of this person, by number; of nobody where None."""
    token = acting.set(person)
    try:
        yield
    finally:
        acting.reset(token)


def note_change(
    grow: int, kind: str, name: str, what: str, changes: Mapping[str, object], **links: object
) -> None:
    """Append an entry, where somebody acts."""
    person = acting.get()
    if person is None:
        return
    ChangeEntry.objects.create(
        grow_id=grow, kind=kind, name=name[: 2 * LONGEST_NAME], what=what, changes=dict(changes),
        by_id=person, **links,
    )  # fmt: skip


def _nobody_yet(**_: object) -> None:
    acting.set(None)


request_started.connect(_nobody_yet)
request_finished.connect(_nobody_yet)


def _before_save(
    sender: type[models.Model], instance: Any, update_fields: Any = None, **_: object
) -> None:
    instance._was = None
    followed = _FOLLOWED[sender]
    about = not update_fields or set(update_fields) & set(followed.fields)
    if instance._state.adding or acting.get() is None or not about:
        return
    old = sender._base_manager.filter(pk=instance.pk).first()
    instance._was = old and _fields_as_text(old, followed)


def _after_save(sender: type[models.Model], instance: Any, created: bool, **_: object) -> None:
    followed, was = _FOLLOWED[sender], getattr(instance, "_was", None)
    if followed.unless and getattr(instance, followed.unless):
        return
    changes: dict[str, object] = {}
    if was is not None:
        now = _fields_as_text(instance, followed)
        names = sorted(was.keys() | now.keys())
        changes = {
            name: [was.get(name, ""), now.get(name, "")]
            for name in names
            if was.get(name, "") != now.get(name, "")
        }
    if created or changes:
        what = ChangeEntry.What.ADDED if created else ChangeEntry.What.CHANGED
        _note(instance, followed, what, changes)


def _before_delete(sender: type[models.Model], instance: Any, **sent: object) -> None:
    origin = sent.get("origin")
    if isinstance(instance, Grow):
        return  # its entries go with it
    if not isinstance(origin, sender) and getattr(origin, "model", None) is not sender:
        return  # it goes with its grow, or with what it was of
    followed = _FOLLOWED[sender]
    note_change(instance.grow_id, followed.kind, str(instance), ChangeEntry.What.REMOVED, {})


def _note(instance: Any, followed: _Followed, what: str, changes: Mapping[str, object]) -> None:
    found = getattr(instance, followed.of) if followed.of else instance
    links = {followed.link: found} if followed.link else {}
    note_change(_grow_of(instance), followed.kind, str(instance), what, changes, **links)


def _grow_of(instance: Any) -> int:
    number: int = getattr(instance, "grow_id", instance.pk)
    return number


def _fields_as_text(thing: Any, followed: _Followed) -> dict[str, str]:
    """Its followed fields as text; a document line by line."""
    found: dict[str, str] = {}
    for field in followed.fields:
        value = getattr(thing, field)
        if isinstance(value, dict):
            found.update(_lines(value, field))
        else:
            found[field] = _as_text(value)
    return found


def _lines(document: Mapping[str, Any], within: str) -> Iterator[tuple[str, str]]:
    for key, value in document.items():
        if isinstance(value, Mapping):
            yield from _lines(value, f"{within}.{key}")
        else:
            yield f"{within}.{key}", _as_text(value)


def _as_text(value: object) -> str:
    if value is None:
        return ""
    if isinstance(value, Decimal):
        return decimal_text(figure(value))
    return str(value)[:_LONGEST_TOLD]


follow(Grow, "name", "time_zone", "calmag", "silica", "live", "rows", "ranges", kind="grow")
follow(Membership, "role", kind="person")
