"""What stands on the bench: measuring vessels, spoons, marked cups and scales."""

from decimal import Decimal
from typing import Annotated

from django.db import transaction
from django.http import HttpRequest
from ninja import Field, Router, Schema

from core.chart import Form
from core.errors import InputError
from core.formats.fields import Figure
from core.limits import LONGEST_NAME, MOST_VESSELS
from core.quantities import decimal_text, number_text
from core.vessels import Shows, Vessel, VesselKind
from server.api.shapes import PLAIN_TEXT, ErrorOut, Kept
from server.changes.models import note_change
from server.grows.scope import Scope
from server.shelf.models import MeasuringVessel, Product

router = Router(tags=["shelf"])
_ANSWERS = {404: ErrorOut, 409: ErrorOut, 422: ErrorOut}


class VesselOut(Schema):
    """A vessel or scale; capacity and mark in mL, of a scale in g.

    `product` is that for which a cup was marked, and `words` what that cup is.
    """

    vessel: VesselKind
    capacity: str
    mark: str
    shows: Shows
    product: int | None
    words: str


class VesselIn(Schema):
    """The same as typed."""

    vessel: VesselKind
    capacity: Figure
    mark: Figure
    shows: Shows = Shows.G
    product: int | None = None
    words: Annotated[str, Field(max_length=LONGEST_NAME, pattern=PLAIN_TEXT)] = ""


class VesselsIn(Schema):
    """All vessels and scales of the bench; none goes back to the usual ones."""

    vessels: Annotated[list[VesselIn], Field(max_length=MOST_VESSELS)]


def vessel_out(vessel: Vessel) -> VesselOut:
    """A vessel as an answer; its product is a number of the shelf."""
    return VesselOut(
        vessel=vessel.kind,
        capacity=decimal_text(vessel.capacity),
        mark=decimal_text(vessel.mark),
        shows=vessel.shows,
        product=None if vessel.product is None else int(vessel.product),
        words=vessel.words,
    )


@router.put(
    "/grows/{grow_id}/vessels", response={200: Kept, **_ANSWERS}, operation_id="set_vessels"
)
def set_vessels(request: HttpRequest, grow_id: int, body: VesselsIn) -> Kept:
    """Keep the vessels and scales of the bench, in place of those before."""
    scope = Scope.enter(request.user, grow_id)
    vessels = [_vessel(at, one) for at, one in enumerate(body.vessels)]
    with transaction.atomic():
        scope.lock()
        for at, one in enumerate(body.vessels):
            if one.product is None:
                continue
            if scope.one(scope.all(Product), one.product).form == Form.DRY:
                raise InputError("cup_unclear.powder", f"vessels[{at}].product")
        before = [str(one) for one in scope.all(MeasuringVessel)]
        scope.all(MeasuringVessel).delete()
        MeasuringVessel.objects.bulk_create(
            MeasuringVessel(
                grow=scope.grow,
                kind=vessel.kind,
                capacity=Decimal(number_text(vessel.capacity, 6)),
                mark=Decimal(number_text(vessel.mark, 6)),
                shows=vessel.shows,
                product_id=one.product,
                words=vessel.words,
                position=at,
            )
            for at, (one, vessel) in enumerate(zip(body.vessels, vessels, strict=True))
        )
        after = [str(one) for one in scope.all(MeasuringVessel)]
        if before != after:
            told_of = {"vessels": [", ".join(before), ", ".join(after)]}
            note_change(scope.grow.pk, "vessels", "on the bench", "changed", told_of)
    return Kept()


def _vessel(at: int, body: VesselIn) -> Vessel:
    product = None if body.product is None else str(body.product)
    try:
        return Vessel(
            body.vessel, body.capacity, body.mark, body.shows, product, body.words.strip()
        )
    except InputError as error:
        raise error.inside(f"vessels[{at}]") from None
