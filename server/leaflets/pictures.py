"""A photograph or scan of a leaflet, to lie beside the sheet while it is typed."""

from datetime import timedelta
from typing import Annotated

from django.db import transaction
from django.db.models import Sum
from django.db.models.functions import Length
from django.http import HttpRequest, HttpResponse
from django.utils import timezone
from ninja import File, Router, Schema
from ninja.files import UploadedFile
from ninja.responses import Status

from core.bounded import bounded
from core.errors import InputError
from core.limits import LARGEST_PICTURES_BYTES
from server.api.shapes import ErrorOut
from server.charts.models import ChartVersion, LeafletPicture
from server.grows.scope import Scope
from server.leaflets.redrawing import LARGEST_PICTURE_BYTES, redrawn

router = Router(tags=["leaflets"])
_ANSWERS = {404: ErrorOut, 422: ErrorOut}
_LOOSE_FOR = timedelta(days=3)
"""How long a picture waits for the sheet that is typed beside it."""


class PictureOut(Schema):
    """A picture that is kept, and its size in pixels."""

    id: int
    width: int
    height: int


@router.post(
    "/grows/{grow_id}/leaflet-pictures",
    response={201: PictureOut, **_ANSWERS},
    operation_id="add_leaflet_picture",
)
@transaction.atomic
def add_leaflet_picture(
    request: HttpRequest, grow_id: int, file: Annotated[UploadedFile, File()]
) -> Status[PictureOut]:
    """Keep a picture, drawn anew: without the place, the time and the camera it was taken with."""
    scope = Scope.enter(request.user, grow_id)
    image, width, height = bounded(redrawn, file.read(LARGEST_PICTURE_BYTES + 1))
    scope.lock()
    _make_room(scope, len(image))
    kept = LeafletPicture.objects.create(grow=scope.grow, image=image, width=width, height=height)
    return Status(201, PictureOut(id=kept.pk, width=kept.width, height=kept.height))


def _make_room(scope: Scope, size: int) -> None:
    """Remove what was put beside no chart for days, and count what is left.

    Raises:
        InputError: the grow has no room for another picture.
    """
    shown = scope.all(ChartVersion).exclude(picture=None).values("picture")
    loose = scope.all(LeafletPicture).exclude(pk__in=shown)
    loose.filter(added_at__lt=timezone.now() - _LOOSE_FOR).delete()
    kept = scope.all(LeafletPicture).aggregate(size=Sum(Length("image")))["size"] or 0
    if kept + size > LARGEST_PICTURES_BYTES:
        raise InputError(
            "too_large.pictures", "file", largest_pictures_bytes=LARGEST_PICTURES_BYTES // 1000000
        )


@router.get(
    "/grows/{grow_id}/leaflet-pictures/{picture_id}",
    response={200: None, 404: ErrorOut},
    operation_id="leaflet_picture",
)
def leaflet_picture(request: HttpRequest, grow_id: int, picture_id: int) -> HttpResponse:
    """A picture, to members alone."""
    scope = Scope.enter(request.user, grow_id)
    kept = scope.one(scope.all(LeafletPicture), picture_id)
    answer = HttpResponse(bytes(kept.image), content_type="image/webp")
    answer["X-Content-Type-Options"] = "nosniff"
    answer["Cache-Control"] = "private, max-age=86400, immutable"
    return answer
