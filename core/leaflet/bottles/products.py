"""Which product each row is: one that was exported, one on the shelf, or a new one, guessed."""

from collections.abc import Sequence
from dataclasses import replace

from core.chart import Form, Product, Role
from core.chart.roles import ROLES
from core.leaflet.about import About
from core.leaflet.bottles.matching import Match, match_names
from core.leaflet.bottles.uses import NameGuess, guess_names
from core.leaflet.findings import Findings
from core.leaflet.headings.columns import slug, unique
from core.leaflet.request import ShelfBottle
from core.leaflet.rows.body import BottleRow
from core.limits import LONGEST_WORDS
from core.messages import Message


def products_of(  # noqa: PLR0917 -- all that a guess may rest on
    rows: Sequence[BottleRow],
    measures: Sequence[Sequence[str | None]],
    dosed: Sequence[float],
    rules: Sequence[bool],
    about: About,
    shelf: Sequence[ShelfBottle],
    found: Findings,
) -> list[Product]:
    """The product of each row, with a key of its own.

    Args:
        rows: bottles of the table.
        measures: in what each is dosed, by its cells.
        dosed: in which share of the columns.
        rules: whether it is poured until a reading.
        about: what was kept of an exported chart.
        shelf: bottles that rows are matched with.
        found: filled with guesses.
    """
    names = [row.name[:LONGEST_WORDS].strip() or "Bottle" for row in rows]
    told, matches = about.bottles_of(names), match_names(names, shelf)
    hints = {at: row.hint for at, row in enumerate(rows)}
    guesses = guess_names(names, hints=hints, dosed=dict(enumerate(dosed)))
    keys: list[str] = []
    products = []
    for at, name in enumerate(names):
        bottle, match = told[at], matches[at]
        if bottle is not None:
            product = bottle.product()
        elif match is not None:
            product = _matched(name, match, guesses[at], found)
        else:
            guess = _fed_by_reading(guesses[at]) if rules[at] else guesses[at]
            product = _guessed(name, guess, _of_most_cells(measures[at]), found)
        keys.append(unique(product.key or slug(product.name) or "bottle", keys))
        products.append(_of_form(replace(product, key=keys[-1]), _of_most_cells(measures[at])))
    known = set(keys)
    return [_after_known(product, known) for product in products]


def _after_known(product: Product, keys: set[str]) -> Product:
    """A bottle whose forerunners were taken out of the table goes in after those that are left."""
    after = tuple(key for key in product.after if key in keys and key != product.key)
    return replace(product, after=after)


def _fed_by_reading(guess: NameGuess) -> NameGuess:
    """What is poured until the EC says so is the feed."""
    why = Message("guess.until_ec")
    return replace(guess, role=Role.BASE, role_why=why, group=guess.group or "base")


def _matched(name: str, match: Match, guess: NameGuess, found: Findings) -> Product:
    bottle = match.bottle
    if match.score < 100 or name != bottle.name:
        why = Message("guess.alike", score=match.score)
        found.guess(name, "name", bottle.name, why)
    is_base = bottle.role is Role.BASE
    return Product(
        key=slug(bottle.name),
        name=bottle.name,
        role=bottle.role,
        form=bottle.form,
        group=(guess.group or "base") if is_base else "",
        rank=guess.rank if is_base else 0,
        scales=ROLES[bottle.role].scales,
    )


def _guessed(name: str, guess: NameGuess, measures: set[str | None], found: Findings) -> Product:
    form, why = _form(guess, measures)
    found.guess(name, "role", guess.role.value, guess.role_why)
    found.guess(name, "form", form.value, why)
    is_base = guess.role is Role.BASE
    if guess.group and is_base:
        found.guess(name, "group", guess.group, Message("guess.parts"))
    if guess.rank and is_base:
        found.guess(name, "rank", str(guess.rank), Message("guess.rank"))
    if guess.oxidiser:
        found.guess(name, "oxidiser", "true", Message("guess.name"))
    return Product(
        key=slug(name),
        name=name,
        role=guess.role,
        form=form,
        group=guess.group if is_base else "",
        rank=guess.rank if is_base else 0,
        scales=ROLES[guess.role].scales,
        oxidiser=guess.oxidiser,
    )


_WEIGHTS = frozenset({"mg", "g", "kg"})


def _of_most_cells(measures: Sequence[str | None]) -> set[str | None]:
    """The measures of a row, without the few that go by weight among volumes, or the other way."""
    weighed = [measure for measure in measures if measure in _WEIGHTS]
    poured = [one for one in measures if one not in _WEIGHTS and one not in _EITHER]
    few = poured if len(weighed) >= len(poured) else weighed
    return set(measures) - set(few)


_EITHER = frozenset({"oz", None})
"""What may be a weight or a volume."""


def _form(guess: NameGuess, measures: set[str | None]) -> tuple[Form, Message]:
    if measures & _WEIGHTS:
        return Form.DRY, Message("guess.by_weight")
    if guess.dry and measures <= _EITHER:
        return Form.DRY, Message("guess.name")
    poured = measures - _EITHER
    return Form.LIQUID, Message("guess.by_volume" if poured else "guess.most")


def _of_form(product: Product, measures: set[str | None]) -> Product:
    """A bottle that the leaflet doses by weight is dry, whatever the shelf says, and back."""
    if measures & _WEIGHTS:
        return replace(product, form=Form.DRY)
    poured = measures - _EITHER
    return replace(product, form=Form.LIQUID) if poured else product
