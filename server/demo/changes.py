"""Edits that the demo's people made lately, so that its history can be looked through."""

from dataclasses import dataclass
from datetime import timedelta
from decimal import Decimal
from typing import Any

from django.contrib.auth.models import User
from django.utils import timezone

from server.changes.models import ChangeEntry, acted_by
from server.grows.demo_people import DEMO_PEOPLE, DEMO_PERSON
from server.grows.models import Grow
from server.shelf.models import Product
from server.tanks.models import Tank, WaterSource


@dataclass(frozen=True, slots=True)
class _Edit:
    """What somebody set a field to: it stood otherwise before, and stands so since."""

    days_ago: int
    hour: int
    by: str
    model: type[Tank | WaterSource | Product]
    name: str
    field: str
    before: Any


_OTHER = DEMO_PEOPLE[1]
_EDITS = (
    _Edit(40, 9, DEMO_PERSON, Tank, "Strawberry gutters", "standing", None),
    _Edit(24, 18, _OTHER, WaterSource, "Yard mains", "disinfectant", ""),
    _Edit(19, 8, _OTHER, Tank, "Gerbera bench", "litres", Decimal(215)),
    _Edit(12, 17, DEMO_PERSON, Product, "Mudlark", "size", None),
    _Edit(3, 7, _OTHER, Tank, "Cucumber buckets", "name", "Cucumbers"),
)


def load_changes(grow: Grow) -> None:
    """Keep the edits, each on its day; everything stands as it did before."""
    now = timezone.now()
    for edit in _EDITS:
        thing = edit.model._base_manager.get(grow=grow, name=edit.name)
        stands = getattr(thing, edit.field)
        edit.model._base_manager.filter(pk=thing.pk).update(**{edit.field: edit.before})
        setattr(thing, edit.field, stands)
        with acted_by(User.objects.get(username=edit.by).pk):
            thing.save(update_fields=[edit.field])
        on = (now - timedelta(days=edit.days_ago)).replace(hour=edit.hour, minute=20)
        entry = ChangeEntry.objects.filter(grow=grow).latest("pk")
        ChangeEntry.objects.filter(pk=entry.pk).update(at=on)
