"""An act told twice is one act: a device that got no answer tells it again under one key."""

from datetime import timedelta
from typing import Annotated

from django.utils import timezone
from ninja import Header

from server.grows.models import HeardAct
from server.grows.scope import Scope

Once = Annotated[
    str | None,
    Header(
        alias="Once",
        min_length=8,
        max_length=40,
        pattern=r"^[A-Za-z0-9-]+$",
        description="made by the device; the same act under the same key has no second effect",
    ),
]
"""The key of an act, in a header of its request."""

_KNOWN_FOR = timedelta(days=30)


def was_heard(scope: Scope, key: str | None) -> bool:
    """Whether an act was heard before; from now on it was. Within the act's transaction.

    Of two at a time the second waits until the first is kept, or is the first where that failed.
    """
    if key is None:
        return False
    HeardAct.objects.filter(grow=scope.grow, at__lt=timezone.now() - _KNOWN_FOR).delete()
    _, is_first = HeardAct.objects.get_or_create(grow=scope.grow, key=key)
    return not is_first
