"""The bottles of a product, and what became of them: received, used, corrected, discarded.

Where a product has bottles in use, what is left of it is what they hold together; where nobody told
of bottles it is one figure of its own.
"""

from collections.abc import Iterable, Mapping
from decimal import Decimal
from fractions import Fraction
from typing import TYPE_CHECKING, Any

from django.db import models
from django.db.models import Q
from django.utils import timezone

from core import stock
from core.limits import LONGEST_NAME, LONGEST_WORDS
from core.quantities import figure, number_text
from server.grows.authors import Authored
from server.grows.calendar import day_of
from server.grows.scope import Owned

if TYPE_CHECKING:
    from server.shelf.models import Product


class Bottle(Owned):
    """A bottle, jar or bag of a product."""

    product = models.ForeignKey("shelf.Product", models.CASCADE, related_name="bottles")
    left = models.DecimalField("what is in it, mL or g", max_digits=14, decimal_places=3)
    size = models.DecimalField(
        "what a full one holds, mL or g", max_digits=14, decimal_places=3, null=True, blank=True
    )
    price = models.DecimalField(
        "in the grower's own money", max_digits=12, decimal_places=2, null=True, blank=True
    )
    received_on = models.DateField(null=True, blank=True)
    opened_on = models.DateField(null=True, blank=True)
    best_before = models.DateField("as printed on it", null=True, blank=True)
    keeps_days = models.PositiveSmallIntegerField(
        "days for which it is good once opened", null=True, blank=True
    )
    batch = models.CharField(max_length=LONGEST_NAME, blank=True)
    note = models.CharField(max_length=LONGEST_WORDS, blank=True)
    discarded_at = models.DateTimeField(null=True, blank=True)

    class Meta:
        ordering = ["pk"]
        constraints = [
            models.CheckConstraint(condition=Q(left__gte=0), name="bottle_left_not_negative"),
            models.CheckConstraint(
                condition=Q(size=None) | Q(size__gt=0), name="bottle_size_above_zero"
            ),
            models.CheckConstraint(
                condition=Q(price=None) | Q(price__gte=0), name="bottle_price_not_negative"
            ),
            models.CheckConstraint(
                condition=Q(keeps_days=None) | Q(keeps_days__gt=0), name="bottle_keeps_some_days"
            ),
        ]

    def __str__(self) -> str:
        return f"{self.product}, {self.left} left"

    def as_bottle(self) -> stock.Bottle:
        """The bottle as core uses it."""
        return stock.Bottle(
            str(self.pk), figure(self.left), self.received_on, self.opened_on, self.best_before,
            self.keeps_days,
        )  # fmt: skip


class StockChange(models.TextChoices):
    """What may become of stock."""

    RECEIVED = "received", "received"
    USED = "used", "used"
    CORRECTED = "corrected", "corrected"
    DISCARDED = "discarded", "discarded"


class StockEntry(Owned, Authored):
    """One thing that became of a product's stock; appended and never altered."""

    product = models.ForeignKey("shelf.Product", models.CASCADE, related_name="stock_entries")
    bottle = models.ForeignKey(Bottle, models.SET_NULL, null=True, blank=True, related_name="+")
    kind = models.CharField(max_length=10, choices=StockChange)
    amount = models.DecimalField("mL or g; below 0 what went", max_digits=14, decimal_places=3)
    left = models.DecimalField(
        "mL or g of the product behind it", max_digits=14, decimal_places=3, null=True
    )
    reason = models.CharField(max_length=LONGEST_WORDS, blank=True)
    mix = models.PositiveBigIntegerField("number of the guided mix", null=True, blank=True)
    at = models.DateTimeField(default=timezone.now)

    class Meta:
        ordering = ["-at", "-pk"]
        indexes = [models.Index(fields=["product", "at"], name="entry_of_product")]
        constraints = [
            models.CheckConstraint(
                condition=Q(kind__in=StockChange.values),
                name="stock_entry_kind_known",
            )
        ]

    def __str__(self) -> str:
        return f"{self.kind} {self.amount}"

    def save(self, *args: object, **kwargs: object) -> None:
        if not self._state.adding:
            raise TypeError("What became of stock is never altered; correct it by another entry.")
        super().save(*args, **kwargs)  # type: ignore[arg-type]


def in_use(product: "Product") -> list[Bottle]:
    """The bottles that stand on the shelf, to be changed; the oldest first."""
    found = {
        str(one.pk): one
        for one in Bottle.objects.select_for_update().filter(product=product, discarded_at=None)
    }
    return [found[one.key] for one in stock.oldest_first(one.as_bottle() for one in found.values())]


def told_bottles(product: "Product") -> list[Bottle]:
    """The same; what was known as one figure before anybody told of bottles is one of them."""
    found = in_use(product)
    if not found and product.left:
        size = None if product.size is not None and product.left > product.size else product.size
        only = Bottle.objects.create(
            grow_id=product.grow_id, product=product, left=product.left,
            size=size, price=product.price if size else None,
        )  # fmt: skip
        return [only]
    return found


def settle(product: "Product", bottles: Iterable[Bottle]) -> None:
    """What is left of a product is what its bottles hold."""
    product.left = sum((bottle.left for bottle in bottles), Decimal(0))
    product.save(update_fields=["left"])


def put_on_shelf(
    product: "Product", bottles: list[Bottle], wanted: Mapping[str, Any], *, by: int | None,
    reason: str = "",
) -> None:  # fmt: skip
    """One bottle more, and the word that it came."""
    bottle = Bottle(grow_id=product.grow_id, product=product, **wanted)
    bottle.as_bottle()
    bottle.save()
    bottles.append(bottle)
    settle(product, bottles)
    note_entry(product, StockChange.RECEIVED, bottle.left, bottle=bottle, by=by, reason=reason)


def note_entry(
    product: "Product", kind: str, amount: Decimal, *, bottle: Bottle | None = None,
    reason: str = "", mix: int | None = None, by: int | None = None,
) -> None:  # fmt: skip
    """Tell what became of stock, after it."""
    StockEntry.objects.create(
        grow_id=product.grow_id, product=product, bottle=bottle, kind=kind, amount=amount,
        left=product.left, reason=reason, mix=mix, by_id=by,
    )  # fmt: skip


def take(
    product: "Product", amount: Fraction, *, mix: int | None = None, reason: str = "",
    by: int | None = None,
) -> None:  # fmt: skip
    """Draw a product down, the oldest bottle first; the product is locked.

    What was poured beyond what was left shows that the stock was wrong.
    """
    if product.left is None:
        return
    bottles = in_use(product)
    known = [bottle.as_bottle() for bottle in bottles]
    alone = stock.Bottle("", figure(product.left))
    drawn = stock.draw(known or [alone], amount)
    if bottles:
        by_key = {str(one.pk): one for one in bottles}
        for key, taken in drawn.amounts:
            bottle = by_key[key]
            bottle.left -= Decimal(number_text(taken, 3))
            if bottle.opened_on is None:
                bottle.opened_on = day_of(product.grow, timezone.now())
            bottle.save(update_fields=["left", "opened_on"])
        settle(product, bottles)
    else:
        product.left = max(product.left - Decimal(number_text(amount, 3)), Decimal(0))
    if drawn.short:
        product.short = (product.short or Decimal(0)) + Decimal(number_text(drawn.short, 3))
    product.save(update_fields=["left", "short"])
    first = by_key[drawn.amounts[0][0]] if bottles and drawn.amounts else None
    note_entry(
        product, StockChange.USED, -Decimal(number_text(amount, 3)), bottle=first, mix=mix,
        reason=reason, by=by,
    )  # fmt: skip


def give_back(
    product: "Product", amount: Fraction, *, mix: int | None = None, reason: str = "",
    by: int | None = None,
) -> None:  # fmt: skip
    """Put back what was drawn and not poured, into the bottle that is used now; locked."""
    if product.left is None:
        return
    # What was short was never taken off a bottle.
    returned = Decimal(number_text(amount, 3))
    of_short = min(product.short or Decimal(0), returned)
    product.short = (product.short or Decimal(0)) - of_short or None
    bottles = in_use(product)
    if bottles:
        bottles[0].left += returned - of_short
        bottles[0].save(update_fields=["left"])
        settle(product, bottles)
    else:
        product.left += returned - of_short
    product.save(update_fields=["left", "short"])
    note_entry(
        product, StockChange.USED, returned, bottle=bottles[0] if bottles else None,
        reason=reason, mix=mix, by=by,
    )  # fmt: skip


def correct(product: "Product", left: Decimal | None, *, by: int | None, reason: str = "") -> None:
    """What is left is another figure than was thought; of a product with one bottle, of that."""
    bottles = in_use(product)
    if bottles and left is not None:
        bottles[0].left = left
        bottles[0].save(update_fields=["left"])
    before, product.left, product.short = product.left, left, None
    product.save(update_fields=["left", "short"])
    if left is not None:
        change = left - (before or Decimal(0))
        note_entry(
            product, StockChange.CORRECTED, change, bottle=bottles[0] if bottles else None,
            reason=reason, by=by,
        )  # fmt: skip
