"""The one place where objects are reached: always within a grow, always as a member of it.

Whatever belongs to another grow does not exist for the asker: a 404, never a 403.
"""

from contextvars import ContextVar
from typing import TypeVar

from django.conf import settings
from django.contrib.auth.models import AbstractBaseUser, AnonymousUser
from django.db import models
from django.http import Http404

from server.grows.models import Grow, Membership

acting: ContextVar[int | None] = ContextVar("acting", default=None)
"""The number of the person who acts in this request; None where nobody has entered a grow."""


class Owned(models.Model):
    """A thing that belongs to one grow."""

    grow = models.ForeignKey(Grow, models.CASCADE, related_name="+")

    class Meta:
        abstract = True


def memberships_of(person: AbstractBaseUser | AnonymousUser) -> models.QuerySet[Membership]:
    """Where a person may go now, with the grows: the demo's only while the demo is served."""
    found = (
        Membership.objects.select_related("grow", "person")
        .filter(person_id=person.pk)
        .order_by("pk")
    )
    return found if settings.DEMO else found.filter(grow__is_demo=False)


def lock_grow(grow_id: int) -> None:
    """Of two who change one grow at a time, the second waits until the first is done."""
    Grow.objects.select_for_update().only("pk").get(pk=grow_id)


_Thing = TypeVar("_Thing", bound=Owned)


class Scope:
    """One person in one grow: the only way by which requests reach stored objects."""

    def __init__(self, membership: Membership) -> None:
        self.membership = membership
        self.grow = membership.grow

    @classmethod
    def enter(cls, person: AbstractBaseUser | AnonymousUser, grow_id: int) -> "Scope":
        """Enter a grow as a member.

        Raises:
            Http404: there is no such grow, or this person is no member of it.
        """
        try:
            found = cls(memberships_of(person).get(grow_id=grow_id))
        except Membership.DoesNotExist:
            raise Http404("No such grow.") from None
        acting.set(found.membership.person_id)
        return found

    def people(self) -> dict[str, int]:
        """The members of this grow, by name."""
        members = Membership.objects.filter(grow_id=self.grow.pk)
        return dict(members.values_list("person__username", "person_id"))

    def lock(self) -> None:
        """Let nobody else change this grow until the transaction ends: names, tags, vessels."""
        lock_grow(self.grow.pk)

    def all(self, things: type[_Thing]) -> models.QuerySet[_Thing]:
        """Every object of a kind that belongs to this grow."""
        return things._default_manager.filter(grow_id=self.grow.pk)

    def one(self, things: models.QuerySet[_Thing], pk: int) -> _Thing:
        """One object of a query begun with `all`.

        Raises:
            Http404: this grow has none of that number.
        """
        try:
            return things.get(pk=pk)
        except things.model.DoesNotExist:
            raise Http404(f"No such {things.model._meta.verbose_name}.") from None
