"""What a sheet means while it is typed, as answers."""

from typing import Annotated

from ninja import Schema

from core.chart import Role
from core.chart.growing import Crop
from core.chart.strength import check_strength
from core.chemistry import Element
from core.formats.fields import one_of
from core.formats.leaflets.sheet import LeafletDocument
from core.leaflet.bottles.uses import guess_names
from core.leaflet.meaning import (
    FedColumn,
    MarginNote,
    MixedAt,
    amount_range,
    amount_range_words,
    margin_of,
    what_it_feeds,
)
from core.leaflet.sheet import Sheet, SheetProblem, SheetRead, read_sheet
from core.quantities import ReadingScale, Spoons, Volume, figure, number_text
from core.water import Water
from core.wording import Manner, codes_in, wording
from server.grows.figures import TypedFigure, share_told
from server.grows.scope import Scope
from server.leaflets.shelf import bottles_by_key
from server.planning.snapshot import snapshot_of
from server.tanks.models import Tank


class MeaningIn(Schema):
    """A sheet as it stands, and the tank it is shown for; `feeds` asks for what it feeds, too.

    Without `water` it is that of the tank.
    """

    leaflet: LeafletDocument
    tank: int | None = None
    water: int | None = None
    strength: TypedFigure = "100 %"
    feeds: bool = False


class CellMeaning(Schema):
    """What a cell comes to in the tank; rows and columns count from 0."""

    row: int
    column: int
    shown: str


class ProblemOut(Schema):
    """What cannot be read: a cell, or the `part` of a row or column: name, days, ec, ph."""

    code: Annotated[str, one_of(codes_in("errors"))]
    message: str
    row: int | None
    column: int | None
    part: str


class RemedyOut(Schema):
    """One edit that settles it: `text` into a cell; without a row into the days of every column."""

    words: str
    text: str
    row: int | None
    column: int | None


class MarginOut(Schema):
    """What a second look at the sheet found."""

    code: Annotated[str, one_of(codes_in("charts"))]
    message: str
    row: int | None
    column: int | None
    remedy: RemedyOut | None


class ElementRange(Schema):
    """ppm of an element, and what the crop takes in that stage."""

    element: Element
    ppm: float
    low: float | None
    high: float | None


class FedOut(Schema):
    """What a column feeds: EC in mS/cm as printed and by the labels, elements, N : P : K.

    `cost` is that of 100 L in the grower's own money, of the bottles whose price is known.
    """

    printed_low: float | None
    printed_high: float | None
    by_labels: float | None
    shown: str
    ratio: str
    cost: str | None
    elements: list[ElementRange]


class RowGuess(Schema):
    """What a bottle is for by its name, and by which word of it."""

    row: int
    role: Role
    group: str
    rank: int
    oxidiser: bool
    why: str
    sure: bool


class MeaningOut(Schema):
    """What a sheet means. `litres` is the tank's volume in words; `water_ms_cm` its water's EC."""

    cells: list[CellMeaning]
    problems: list[ProblemOut]
    margin: list[MarginOut]
    guesses: list[RowGuess]
    fed: list[FedOut]
    labelled: int
    priced: int
    volume: str
    water_ms_cm: float | None


_DRAWN = (Element.N, Element.P, Element.K, Element.CA, Element.MG, Element.S)


def meaning_of(scope: Scope, body: MeaningIn) -> MeaningOut:
    """What a sheet means in a tank of the grow; in 100 L where none is chosen.

    Raises:
        InputError: the strength is none.
        Http404: the grow has no such tank.
    """
    member = scope.membership
    strength = share_told("strength", body.strength)
    check_strength(strength)
    tank = None if body.tank is None else snapshot_of(scope).tank(scope, body.tank)
    volume = Volume(figure(tank.litres) if tank else figure("100"))
    sheet = body.leaflet.sheet()
    read = read_sheet(sheet)
    labels, costs = bottles_by_key(scope, body.leaflet)
    mixed = MixedAt(volume, strength, Spoons(member.spoons))
    water = _water(scope, body, tank)
    fed: tuple[FedColumn, ...] = ()
    if body.feeds and read.chart is not None:
        fed = what_it_feeds(
            read.chart,
            labels,
            strength=strength,
            crop=_crop(tank),
            spoons=mixed.spoons,
            water=water,
            costs=costs,
        )
    return MeaningOut(
        cells=_cells(sheet, read, mixed),
        problems=[_problem(problem, member.manner) for problem in read.problems],
        margin=[
            _margin(caution, member.manner)
            for caution in margin_of(sheet, read, labels, mixed.spoons)
        ],
        guesses=_guesses(sheet),
        fed=[_fed(column, member.meter) for column in fed],
        labelled=len(labels),
        priced=len(costs),
        volume=volume.shown(member.tank_unit),
        water_ms_cm=float(water.reading.ms_cm) if water and water.reading else None,
    )


def _crop(tank: Tank | None) -> Crop | None:
    return Crop(tank.crop_kind) if tank and tank.crop_kind else None


def _water(scope: Scope, body: MeaningIn, tank: Tank | None) -> Water | None:
    """The water that is asked for, else that of the tank, as it was read last."""
    number = body.water or (tank.water_id if tank else None)
    if number is None:
        return None
    source = snapshot_of(scope).waters_of(scope, [number])[number]
    return source.as_water(source.reading)


def _cells(sheet: Sheet, read: SheetRead, tank: MixedAt) -> list[CellMeaning]:
    shown = []
    for (row, column), dose in read.doses.items():
        found = amount_range(dose, sheet.rows[row].product, tank)
        words = amount_range_words(*found) if found else "by EC"
        shown.append(CellMeaning(row=row, column=column, shown=words))
    return shown


def _guesses(sheet: Sheet) -> list[RowGuess]:
    found = guess_names([row.product.name for row in sheet.rows])
    return [
        RowGuess(
            row=at,
            role=one.role,
            group=one.group if one.role is Role.BASE else "",
            rank=one.rank if one.role is Role.BASE else 0,
            oxidiser=one.oxidiser,
            why=wording(one.role_why),
            sure=one.sure,
        )
        for at, one in enumerate(found)
    ]


def _problem(one: SheetProblem, manner: Manner) -> ProblemOut:
    return ProblemOut(
        code=one.code,
        message=wording(one.message, manner),
        row=one.row,
        column=one.column,
        part=one.part,
    )


def _margin(one: MarginNote, manner: Manner) -> MarginOut:
    remedy = None
    if (of := one.remedy) is not None:
        remedy = RemedyOut(words=of.words, text=of.text, row=of.row, column=of.column)
    return MarginOut(
        code=one.code,
        message=wording(one.message, manner),
        row=one.row,
        column=one.column,
        remedy=remedy,
    )


def _fed(one: FedColumn, meter: ReadingScale) -> FedOut:
    return FedOut(
        printed_low=float(one.printed.low.ms_cm) if one.printed else None,
        printed_high=float(one.printed.high.ms_cm) if one.printed else None,
        by_labels=float(one.by_labels.ms_cm) if one.by_labels else None,
        shown=one.by_labels.shown(meter) if one.by_labels else "",
        ratio=one.ratio,
        cost=None if one.cost is None else number_text(one.cost, 2),
        elements=[
            ElementRange(
                element=element,
                ppm=round(one.elements.get(element, 0.0), 1),
                low=float(window.low) if window else None,
                high=float(window.high) if window else None,
            )
            for element in _DRAWN
            for window in [one.windows.get(element)]
        ],
    )
