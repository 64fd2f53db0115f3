"""Drawn faults: pens, volumes, bottles, acids, waters and people that are not what is believed."""

from collections.abc import Callable, Mapping
from dataclasses import replace
from fractions import Fraction
from random import Random
from typing import Literal

from core.chart import Role
from core.chemistry import Acid, AcidKind, molarity
from core.facts import one_each
from core.meters import PEN_PH_STEP
from core.practice.drawn.chance import between, times_between
from core.practice.drawn.waters import RECIPES, draw_water
from core.practice.request import RehearsalRequest, TypingSlip

_F = Fraction
Fault = Callable[[Random, RehearsalRequest], RehearsalRequest]

USUAL_GRADES: Mapping[AcidKind, tuple[int, ...]] = one_each(
    AcidKind,
    {
        AcidKind.NITRIC: (20, 38, 53, 68),
        AcidKind.PHOSPHORIC: (30, 59, 75, 85),
        AcidKind.SULFURIC: (35, 50, 93),
        AcidKind.CITRIC: (30, 50),
    },
)
"""Percent by weight in which acids are sold: common practice."""


def _pen(pen: Literal["ec_pen", "ph_pen"], name: str, *of: float) -> Fault:
    """A fault of a pen, whose figure is one of those."""

    def one_of_them(chance: Random, one: RehearsalRequest) -> RehearsalRequest:
        figure = Fraction(str(chance.choice(of)))
        if pen == "ph_pen" and one.ph_step > PEN_PH_STEP and name not in ("stuck", "offset"):
            return one  # a scale of colours neither lags nor drifts
        if name == "offset" and pen == "ph_pen" and one.ph_step > PEN_PH_STEP:
            figure = max(min(figure, one.ph_step), -one.ph_step)  # drops are a colour off at most
        value = int(figure) if name == "stops_after" else figure
        return replace(one, **{pen: replace(getattr(one, pen), **{name: value})})

    return one_of_them


def _true(one: RehearsalRequest, **fields: object) -> RehearsalRequest:
    return replace(one, truth=replace(one.truth, **fields))  # type: ignore[arg-type]


def _volume(chance: Random, one: RehearsalRequest) -> RehearsalRequest:
    """Up to 70 % off; who is asked takes what is offered, measures it, or measures wrong."""
    volume = between(chance, 0.3, 1.7)
    litres = one.mix.volume.litres
    answer = chance.choice([None, None, litres * volume, litres * between(chance, 0.3, 1.7)])
    return replace(_true(one, volume=volume), volume_told=answer)


def _volume_told_wrong(chance: Random, one: RehearsalRequest) -> RehearsalRequest:
    return replace(one, volume_told=one.mix.volume.litres * between(chance, 0.3, 1.7))


def _bottle(low: float, high: float) -> Fault:
    def one_of_them(chance: Random, one: RehearsalRequest) -> RehearsalRequest:
        key = chance.choice([product.key for product in one.mix.chart.products])
        times = times_between(chance, low, high) if low else _F(0)
        return _true(one, bottles={**one.truth.bottles, key: times})

    return one_of_them


def _base(times: str) -> Fault:
    """A part of the base poured that many times, and entered once."""

    def one_of_them(chance: Random, one: RehearsalRequest) -> RehearsalRequest:
        base = [p.key for p in one.mix.chart.products if p.role is Role.BASE]
        return _true(one, bottles={**one.truth.bottles, chance.choice(base): _F(times)})

    return one_of_them


def _swapped(chance: Random, one: RehearsalRequest) -> RehearsalRequest:
    keys = [product.key for product in one.mix.chart.products]
    if len(keys) < 2:
        return one
    first, second = chance.sample(keys, 2)
    return _true(one, swapped={first: second, second: first})


def _acid_grade(chance: Random, one: RehearsalRequest) -> RehearsalRequest:
    """Acid of another usual grade of its kind, or between a quarter and four times as strong."""
    acids = one.mix.shelf.acids
    if not acids or chance.random() < 0.5:
        return _true(one, acid=times_between(chance, 0.25, 4))
    labelled = acids[0].acid
    grade = Acid(labelled.kind, _F(chance.choice(USUAL_GRADES[labelled.kind])))
    times = molarity(grade)[0] / molarity(labelled)[0]
    return _true(one, acid=_F(str(round(min(max(times, 0.2), 4), 3))))


def _other_water(chance: Random, one: RehearsalRequest) -> RehearsalRequest:
    return _true(one, water=draw_water(chance, chance.choice(list(RECIPES))))


def _alkalinity(chance: Random, one: RehearsalRequest) -> RehearsalRequest:
    return _true(one, alkalinity=times_between(chance, 0.33, 2))


def _typed(chance: Random, one: RehearsalRequest) -> RehearsalRequest:
    kind = chance.choice(["ec", "ec", "ph"])
    times = chance.choice([_F(10), _F(1, 10)])
    slip = TypingSlip("ec" if kind == "ec" else "ph", chance.choice([0, 1, 2]), times)
    return replace(one, slip=slip)


def _overpoured(chance: Random, one: RehearsalRequest) -> RehearsalRequest:
    base = [p.key for p in one.mix.chart.products if p.role is Role.BASE]
    return replace(one, pours={**one.pours, chance.choice(base): between(chance, 1.2, 3)})


def _untold(chance: Random, one: RehearsalRequest) -> RehearsalRequest:
    base = [p.key for p in one.mix.chart.products if p.role is Role.BASE]
    return replace(one, untold=one.untold | {chance.choice(base)})


def _hurried(chance: Random, one: RehearsalRequest) -> RehearsalRequest:
    """Stirs and waits are skipped, so that what is read is not yet what the tank has."""
    lag = between(chance, 0.1, 0.4)
    return replace(
        one,
        hurries=True,
        ec_pen=replace(one.ec_pen, lag=lag),
        ph_pen=replace(one.ph_pen, lag=lag),
    )


FAULTS: Mapping[str, Fault] = {
    "ec_stuck": _pen("ec_pen", "stuck", 0, 0.4, 0.8, 1.4, 3),
    "ec_stops": _pen("ec_pen", "stops_after", 0, 1, 2, 3),
    "ec_slow": _pen("ec_pen", "lag", 0.2, 0.4, 0.6),
    "ec_gain": _pen("ec_pen", "gain", 0.25, 0.5, 0.75, 0.85, 1.15, 1.25, 1.7),
    "ec_offset": _pen("ec_pen", "offset", -0.3, -0.1, 0.1, 0.2, 0.4),
    "ec_drift": _pen("ec_pen", "drift", -0.1, -0.05, 0.05, 0.1),
    "ec_unit": _pen("ec_pen", "scale", 0.1, 0.5, 0.714, 1.4, 2, 10),
    "ph_stuck": _pen("ph_pen", "stuck", 4, 5, 6.6, 7, 8, 9),
    "ph_stops": _pen("ph_pen", "stops_after", 1, 2, 3),
    "ph_slow": _pen("ph_pen", "lag", 0.2, 0.4, 0.6),
    "ph_offset": _pen("ph_pen", "offset", -1, -0.5, -0.25, 0.25, 0.5, 1),
    "ph_drift": _pen("ph_pen", "drift", -0.01, 0.01),
    "ph_slope": _pen("ph_pen", "slope", 0.5, 0.7, 0.85),
    "volume": _volume,
    "volume_told_wrong": _volume_told_wrong,
    "bottle_weak": _bottle(0.3, 0.8),
    "bottle_strong": _bottle(1.25, 10),
    "bottle_unshaken": _bottle(0.5, 0.7),
    "bottle_empty": _bottle(0, 0),
    "swapped": _swapped,
    "acid_grade": _acid_grade,
    "other_water": _other_water,
    "alkalinity": _alkalinity,
    "typed_wrong": _typed,
    "hurried": _hurried,
    "poured_twice": _base("2"),
    "forgotten": _base("0"),
    "overpoured": _overpoured,
    "untold": _untold,
}
"""Every fault, by its name."""
