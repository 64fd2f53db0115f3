"""What is told and answered of a product's stock."""

from datetime import date
from typing import Annotated, Literal

from ninja import Field, Schema

from core.limits import LONGEST_NAME, LONGEST_TYPED, LONGEST_WORDS
from core.stock import BottleState
from server.api.shapes import PLAIN_TEXT
from server.shelf.bottles import StockChange

_Typed = Annotated[str, Field(max_length=LONGEST_TYPED, pattern=PLAIN_TEXT)]
_Words = Annotated[str, Field(max_length=LONGEST_WORDS, pattern=PLAIN_TEXT)]


class StockBottle(Schema):
    """A bottle; figures in mL or g. `level` is how full it is, 0 to 1, where that is known."""

    id: int
    left: str
    size: str
    price: str
    level: float | None
    received_on: date | None
    opened_on: date | None
    best_before: date | None
    keeps_days: int | None
    good_until: date | None
    state: BottleState
    batch: str
    note: str


class StockEntryOut(Schema):
    """What became of stock, and when; `amount` with its sign, `left` of the product after it."""

    kind: StockChange
    amount: str
    left: str
    reason: str
    mix: int | None
    on: date
    by: str | None


class BottleEnding(Schema):
    """A product that is used up within the week, at the pace at which it is used."""

    product: int
    name: str
    lasts_days: int


class StockOut(Schema):
    """Bottles, the one to take first before the others, and what became of them, newest first."""

    unit: Literal["mL", "g"]
    left: str
    lasts_days: int | None
    bottles: list[StockBottle]
    history: list[StockEntryOut]


class BottleIn(Schema):
    """A bottle as it came, or as it is known; figures as typed, empty for unknown."""

    size: _Typed = ""
    left: _Typed = ""
    price: _Typed = ""
    received_on: date | None = None
    opened_on: date | None = None
    best_before: date | None = None
    keeps_days: int | None = None
    batch: Annotated[str, Field(max_length=LONGEST_NAME, pattern=PLAIN_TEXT)] = ""
    note: _Words = ""


class ReceivedIn(BottleIn):
    """Bottles that came; several of the same kind at a time."""

    count: Annotated[int, Field(ge=1, le=24)] = 1


class BottleEdit(Schema):
    """What is to be otherwise; only fields that are given.

    `reason` says why `left` is another, and `seen_left` what it was on the screen.
    """

    size: _Typed | None = None
    left: _Typed | None = None
    price: _Typed | None = None
    received_on: date | None = None
    opened_on: date | None = None
    best_before: date | None = None
    keeps_days: int | None = None
    batch: Annotated[str, Field(max_length=LONGEST_NAME, pattern=PLAIN_TEXT)] | None = None
    note: _Words | None = None
    reason: _Words | None = None
    seen_left: _Typed | None = None


class DiscardedIn(Schema):
    """Why a bottle is thrown away."""

    reason: Annotated[str, Field(min_length=1, max_length=LONGEST_WORDS, pattern=PLAIN_TEXT)]
