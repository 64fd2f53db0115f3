"""What mixes stand on and is kept in memory, with the stamp on its grow that tells of a change.

A recompute reads the stamp with the membership anyway; while it stands still, tanks, waters, shelf
and vessels need no query of their own, in whichever process. Every way of writing through the ORM
moves it, in the transaction of the change itself.
"""

from collections.abc import Iterable
from typing import Any, TypeVar

from django.db import models, transaction
from django.db.models import F

from server.grows.models import Grow
from server.grows.scope import Owned

_Thing = TypeVar("_Thing", bound=models.Model)


def touch(grows: Iterable[int]) -> None:
    """Tell that something changed on which mixes of these grows stand."""
    Grow.objects.filter(pk__in=set(grows)).update(stamp=F("stamp") + 1)


class StampedQuerySet(models.QuerySet[_Thing]):
    """Moves the stamps of all grows that a bulk change is about."""

    def _grows(self) -> list[int]:
        return list(self.order_by().values_list("grow_id", flat=True).distinct())

    @transaction.atomic
    def bulk_create(self, objs: Iterable[Any], *args: Any, **kwargs: Any) -> list[Any]:
        made: list[Any] = super().bulk_create(objs, *args, **kwargs)
        touch(thing.grow_id for thing in made)
        return made

    @transaction.atomic
    def update(self, **kwargs: Any) -> int:
        grows = self._grows()
        changed = super().update(**kwargs)
        touch(grows)
        return changed

    @transaction.atomic
    def delete(self) -> tuple[int, dict[str, int]]:
        grows = self._grows()
        gone = super().delete()
        touch(grows)
        return gone


class Stamped(Owned):
    """A thing of one grow that mixes stand on."""

    objects = StampedQuerySet.as_manager()

    class Meta:
        abstract = True

    @transaction.atomic
    def save(self, *args: Any, **kwargs: Any) -> None:
        super().save(*args, **kwargs)
        touch([self.grow_id])

    @transaction.atomic
    def delete(self, *args: Any, **kwargs: Any) -> tuple[int, dict[str, int]]:
        gone = super().delete(*args, **kwargs)
        touch([self.grow_id])
        return gone
