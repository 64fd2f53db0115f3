"""A photograph or scan of a leaflet, to lie beside the sheet while it is typed."""

import io
import warnings
from typing import Annotated

from django.http import HttpRequest, HttpResponse
from ninja import File, Router, Schema
from ninja.files import UploadedFile
from ninja.responses import Status
from PIL import Image, ImageOps, UnidentifiedImageError

from core.errors import InputError
from server.api.shapes import ErrorOut
from server.charts.models import LeafletPicture
from server.grows.scope import Scope

router = Router(tags=["leaflets"])
_ANSWERS = {404: ErrorOut, 422: ErrorOut}

LARGEST_PICTURE_BYTES = 10_000_000
MOST_PIXELS = 60_000_000
"""A phone's largest photograph has about 50 million; more is no leaflet."""

LONGEST_SIDE = 3000
"""Pixels kept: small print of a sheet of paper is legible from half of that."""

_KINDS = ("JPEG", "PNG", "WEBP")


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
def add_leaflet_picture(
    request: HttpRequest, grow_id: int, file: Annotated[UploadedFile, File()]
) -> Status[PictureOut]:
    """Keep a picture, drawn anew: without the place, the time and the camera it was taken with."""
    scope = Scope.enter(request.user, grow_id)
    image = redrawn(file.read(LARGEST_PICTURE_BYTES + 1))
    made = io.BytesIO()
    image.save(made, "WEBP", quality=82, method=2)
    kept = LeafletPicture.objects.create(
        grow=scope.grow, image=made.getvalue(), width=image.width, height=image.height
    )
    return Status(201, PictureOut(id=kept.pk, width=kept.width, height=kept.height))


def redrawn(raw: bytes) -> Image.Image:
    """The pixels of a picture, upright and no larger than needed, and nothing else of it.

    Raises:
        InputError: it is too large, or no JPEG, PNG or WebP.
    """
    if len(raw) > LARGEST_PICTURE_BYTES:
        raise InputError("too_large", "The picture is over 10 MB.", "file")
    try:
        with warnings.catch_warnings():
            warnings.simplefilter("error", Image.DecompressionBombWarning)
            with Image.open(io.BytesIO(raw), formats=_KINDS) as found:
                if found.width * found.height > MOST_PIXELS:
                    raise InputError("too_large", "The picture has too many pixels.", "file")
                found.draft("RGB", (LONGEST_SIDE, LONGEST_SIDE))
                upright = ImageOps.exif_transpose(found).convert("RGB")
    except InputError:
        raise
    except (
        UnidentifiedImageError, Image.DecompressionBombError, Image.DecompressionBombWarning,
        OSError, ValueError, SyntaxError, EOFError, IndexError, MemoryError,
    ):  # fmt: skip
        raise InputError(
            "no_picture", "This is no picture that can be read: JPEG, PNG or WebP.", "file"
        ) from None
    upright.thumbnail((LONGEST_SIDE, LONGEST_SIDE))
    bare = Image.new("RGB", upright.size)
    bare.paste(upright)
    return bare


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
