"""A picture drawn anew: without the place, the time and the camera it was taken with.

Without anything of the server, so that it runs in a process of its own; see `core.bounded`.
"""

import io
import warnings

from PIL import Image, ImageOps, UnidentifiedImageError

from core.errors import InputError

LARGEST_PICTURE_BYTES = 10_000_000
MOST_PIXELS = 60_000_000
"""A phone's largest photograph has about 50 million; more is no leaflet."""

LONGEST_SIDE = 3000
"""Pixels kept: small print of a sheet of paper is legible from half of that."""

_KINDS = ("JPEG", "PNG", "WEBP")


def redrawn(raw: bytes) -> tuple[bytes, int, int]:
    """A picture as WebP, upright and no larger than needed, and nothing else of it; its size.

    Raises:
        InputError: it is too large, or no JPEG, PNG or WebP.
    """
    if len(raw) > LARGEST_PICTURE_BYTES:
        raise InputError("too_large.picture", "file")
    try:
        with warnings.catch_warnings():
            warnings.simplefilter("error", Image.DecompressionBombWarning)
            with Image.open(io.BytesIO(raw), formats=_KINDS) as found:
                if found.width * found.height > MOST_PIXELS:
                    raise InputError("too_large.pixels", "file")
                found.draft("RGB", (LONGEST_SIDE, LONGEST_SIDE))
                upright = ImageOps.exif_transpose(found).convert("RGB")
    except InputError:
        raise
    except (
        UnidentifiedImageError, Image.DecompressionBombError, Image.DecompressionBombWarning,
        OSError, ValueError, SyntaxError, EOFError, IndexError,
    ):  # fmt: skip
        raise InputError("no_picture.unreadable", "file") from None
    upright.thumbnail((LONGEST_SIDE, LONGEST_SIDE))
    bare = Image.new("RGB", upright.size)
    bare.paste(upright)
    made = io.BytesIO()
    bare.save(made, "WEBP", quality=82, method=2)
    return made.getvalue(), *bare.size


def check_redrawn(raw: bytes, width: int, height: int) -> None:
    """Whether a picture is one that was drawn anew, of the size that it is said to have.

    Raises:
        InputError: it is not.
    """
    try:
        with Image.open(io.BytesIO(raw), formats=["WEBP"]) as found:
            is_small = max(found.size) <= LONGEST_SIDE and len(raw) <= LARGEST_PICTURE_BYTES
            if is_small and found.size == (width, height):
                found.load()
                return
    except (OSError, ValueError, SyntaxError, EOFError, Image.DecompressionBombError):
        pass
    raise InputError("no_picture.not_kept", "file")
