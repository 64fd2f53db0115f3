"""Who changed what, when: of a whole grow, or of one of its things."""

from datetime import datetime

from django.http import HttpRequest
from ninja import Router, Schema

from server.api.shapes import ErrorOut
from server.changes.models import ChangeEntry
from server.grows.scope import Scope
from server.shelf.models import Product
from server.tanks.models import Tank, WaterSource

router = Router(tags=["overview"])
_SHOWN = 40


class FieldChanged(Schema):
    """What stood in a field before, and what stands there now; empty for nothing."""

    field: str
    before: str
    after: str


class ChangeOut(Schema):
    """One edit: whose, when, of what, and what it changed."""

    id: int
    at: datetime
    by: str | None
    what: ChangeEntry.What
    kind: str
    name: str
    fields: list[FieldChanged]


class ChangesOut(Schema):
    """Edits, the newest first; `before` asks for those that are older, None where none is."""

    items: list[ChangeOut]
    before: int | None


@router.get(
    "/grows/{grow_id}/changes",
    response={200: ChangesOut, 404: ErrorOut, 422: ErrorOut},
    operation_id="changes",
)
def changes(  # noqa: PLR0917 -- one question, asked of one of three things
    request: HttpRequest,
    grow_id: int,
    tank: int | None = None,
    water: int | None = None,
    product: int | None = None,
    before: int | None = None,
) -> ChangesOut:
    """Who changed what; of one tank, water or product where it is named."""
    scope = Scope.enter(request.user, grow_id)
    found = scope.all(ChangeEntry).select_related("by").order_by("-pk")
    if tank is not None:
        found = found.filter(tank=scope.one(scope.all(Tank), tank))
    if water is not None:
        found = found.filter(water=scope.one(scope.all(WaterSource), water))
    if product is not None:
        found = found.filter(product=scope.one(scope.all(Product), product))
    if before is not None:
        found = found.filter(pk__lt=before)
    shown = list(found[: _SHOWN + 1])
    more = shown[_SHOWN - 1].pk if len(shown) > _SHOWN else None
    return ChangesOut(items=[_change_out(one) for one in shown[:_SHOWN]], before=more)


def _change_out(entry: ChangeEntry) -> ChangeOut:
    return ChangeOut(
        id=entry.pk,
        at=entry.at,
        by=entry.author,
        what=ChangeEntry.What(entry.what),
        kind=entry.kind,
        name=entry.name,
        fields=[
            FieldChanged(field=field, before=told[0], after=told[1])
            for field, told in sorted(entry.changes.items())
        ],
    )
