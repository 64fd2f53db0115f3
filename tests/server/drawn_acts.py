"""A grow lived in at random: acts of every capability, sensible and odd, in any order of days.

What an act is refused is no matter; what is accepted has to stand in the archive, and come back.
"""

import io
from collections import Counter
from collections.abc import Callable
from datetime import date, timedelta
from random import Random
from typing import Any

import time_machine
from django.core.files.uploadedfile import SimpleUploadedFile
from django.utils import timezone
from PIL import Image

from server.charts.starters import starters
from server.grows.models import Grow
from server.guided.models import Mix
from server.seasons.models import Season, SeasonEntry
from server.shelf.models import Bottle, Meter, Product
from server.tanks.models import Tank, WaterSource
from tests.server.at_the_bench import event, obeyed
from tests.server.conftest import SMALL_CHART, Yard

_NAMES = (
    "Tub", "  Tub", " ", "\u00a0", "\u200b", "Ä", "a" * 60, "'=1+1", "tub", "Tub \u202e1", "0", "<b>",
)  # fmt: skip
_EDGES = (
    "0001-01-01", "0001-01-08", "1969-12-31", "2024-02-29", "9999-12-25", "9999-12-31",
)  # fmt: skip
"""Days at the ends of the calendar."""

_FIGURES = ("0", "0.5", "1", "1.2", "12", "100", "0.000001", "1e2", " 5 ", "-1", "", "99999")


class Acts:
    """Acts of one person in a grow.

    Args:
        yard: the grow, entered by its owner.
        drawn: what is drawn from.
    """

    def __init__(self, yard: Yard, drawn: Random) -> None:
        self.yard = yard
        self.drawn = drawn
        self.answers = Counter[tuple[str, bool]]()
        self.at = f"/api/grows/{yard.grow.pk}"

    def live(self, acts: int) -> None:
        """So many acts, with days between some of them."""
        now = timezone.now()
        often = self.drawn.sample(_ACTS, 7)  # each grow is lived in another way
        for _ in range(acts):
            now += timedelta(hours=self.drawn.choice((0, 0, 1, 20, 70, 400)))
            with time_machine.travel(now, tick=True):
                self.yard.client.force_login(self.yard.person)  # no session lasts so long
                act = self.drawn.choice(often if self.drawn.random() < 0.6 else _ACTS)
                act(self)

    def send(self, method: str, path: str, body: object) -> dict[str, Any]:
        """Send an act; a refusal has to be one sentence, and no fault of ours."""
        status, answer = self.yard.send(method, self.at + path, body)
        assert status < 500, (method, path, body, answer)
        name = "/".join("N" if part.isdigit() else part for part in path.split("/"))
        self.answers[f"{method} {name}", status < 300] += 1
        return answer if status < 300 else {}

    def name(self) -> str:
        if self.drawn.random() < 0.6:
            return f"Tub {self.drawn.randint(1, 999)}"
        return self.drawn.choice(_NAMES) + self.drawn.choice(
            ("", "", str(self.drawn.randint(1, 99)))
        )

    def figure(self) -> str:
        if self.drawn.random() < 0.6:
            return self.drawn.choice(("1.2", "12", "100", "0.5"))
        return self.drawn.choice(_FIGURES)

    def either(self, usual: object, *odd: object) -> Any:
        """Mostly what is usual."""
        return usual if self.drawn.random() < 0.7 else self.drawn.choice(odd)

    def on(self, spread: int = 90) -> str:
        """A day round today; now and then one that no calendar goes beyond."""
        if self.drawn.random() < 0.1:
            return self.drawn.choice(_EDGES)
        today: date = timezone.now().date()
        return (today + timedelta(days=self.drawn.randint(-spread, spread // 3))).isoformat()

    def any(self, model: type[Any], **of: object) -> Any:
        """One of the grow's things; None where it has none."""
        found = list(model.objects.filter(grow=self.yard.grow, **of).order_by("pk"))
        return self.drawn.choice(found) if found else None

    def tank(self) -> Tank:
        """One of the grow's tanks; where all are gone, a new one."""
        made = {"water_id": self.yard.water.pk, "litres": 50, "name": "Tub"}
        return self.any(Tank) or Tank.objects.create(grow=self.yard.grow, **made)

    def columns(self) -> list[str]:
        return [one["key"] for one in self.yard.version.document["columns"]]


def _add_water(acts: Acts) -> None:
    kind = acts.drawn.choice(("ro", "rain", "mains", "well"))
    acts.send("POST", "/waters", {"name": acts.name(), "kind": kind, "reading": acts.figure()})


def _edit_water(acts: Acts) -> None:
    water = acts.any(WaterSource)
    field = acts.drawn.choice(("alkalinity", "calcium", "ph", "note", "temperature", "reading"))
    value = acts.name() if field == "note" else acts.figure()
    acts.send("PATCH", f"/waters/{water.pk}", {field: value, "reported_on": acts.on()})


def _blend(acts: Acts) -> None:
    waters = [acts.any(WaterSource).pk for _ in range(3)]
    parts = [{"water": waters[1], "share": acts.either("20 %", "0.4", "100 %", "0")}]
    acts.send("POST", "/blends", {"name": acts.name(), "water": waters[0], "parts": parts})


def _add_tank(acts: Acts) -> None:
    volume = acts.either("50 L", "5 gal", "1000", "0", "2/3", "0.2 L")
    body = {"name": acts.name(), "volume": volume, "water": acts.any(WaterSource).pk,
            "crop": acts.name()}  # fmt: skip
    acts.send("POST", "/tanks", body)


def _edit_tank(acts: Acts) -> None:
    tank = acts.tank()
    box = {"name": acts.name(), "shape": "box", "level": acts.figure(),
           "lengths": {"length": "50", "width": acts.figure(), "height": "40"}}  # fmt: skip
    acts.send("PATCH", f"/tanks/{tank.pk}", acts.drawn.choice((
        {"name": acts.name()}, {"crop": acts.name()}, {"volume": acts.figure() + " L"},
        {"joined": {"vessels": [box]}}, {"joined": None},
        {"system_kind": acts.drawn.choice(("film", "drip", None))},
    )))  # fmt: skip


def _usual(acts: Acts) -> None:
    body = {"version_id": acts.yard.version.pk, "column": acts.either(acts.columns()[0], "", "w9"),
            "strength": acts.either("80 %", "0.5", "0", "300 %"),
            "held": acts.drawn.choice((True, False))}  # fmt: skip
    acts.send("PATCH", f"/tanks/{acts.tank().pk}/usual", body)


def _put_away(acts: Acts) -> None:
    tank, away = acts.tank(), acts.drawn.choice((True, False, False))
    acts.send("PUT", f"/tanks/{tank.pk}/archived", {"archived": away})
    if away and acts.drawn.random() < 0.3:
        acts.send("DELETE", f"/tanks/{tank.pk}/for-good", {"name": tank.name})


def _read(acts: Acts) -> None:
    body = {"ec": acts.figure(), "ph": acts.either("5.8", "7", "14", "", "99"),
            "temperature": acts.either("20", "", "-3", "61"), "note": acts.name(),
            "topped_up": acts.either("", "5 L", "0", "1e3"), "sure": True}  # fmt: skip
    acts.send("POST", f"/tanks/{acts.tank().pk}/readings", body)


def _first_fill(acts: Acts) -> None:
    tank = acts.tank()
    acts.send("POST", f"/tanks/{tank.pk}/first-fill", {})
    acts.send("POST", f"/tanks/{tank.pk}/leak-look",
              {"leaks": acts.drawn.choice((True, False)), "note": acts.name()})  # fmt: skip


def _product(acts: Acts) -> None:
    role = acts.drawn.choice(("base", "calmag", "silica", "ph_adjuster", "live", "additive"))
    form = acts.drawn.choice(("liquid", "dry"))
    acts.send("POST", "/products", {"name": acts.name(), "role": role, "form": form,
                                    "maker": acts.name()})  # fmt: skip


def _label(acts: Acts) -> None:
    product = acts.any(Product)
    if product:
        label = acts.drawn.choice((
            None, {"analysis": {"N": acts.figure()}}, {"acid": {"kind": "citric", "percent": "50"}},
            {"analysis": {"P2O5": "5"}, "density": acts.figure()},
        ))  # fmt: skip
        acts.send("PUT", f"/products/{product.pk}", {
            "label": label, "left": acts.figure(), "size": acts.figure(), "price": acts.figure(),
        })  # fmt: skip


def _bottles(acts: Acts) -> None:
    product = acts.any(Product)
    if product is None:
        return
    acts.send("POST", f"/products/{product.pk}/bottles", {
        "count": acts.drawn.randint(1, 3), "size": acts.figure(), "batch": acts.name(),
        "received_on": acts.on(), "best_before": acts.drawn.choice((None, acts.on(900))),
        "opened_on": acts.drawn.choice((None, acts.on())), "left": acts.figure(),
    })  # fmt: skip
    bottle = acts.any(Bottle, product=product)
    if bottle:
        at = f"/products/{product.pk}/bottles/{bottle.pk}"
        acts.send("PATCH", at, {"left": acts.figure(), "reason": acts.name(), "note": acts.name()})
        if acts.drawn.random() < 0.2:
            acts.send("POST", f"{at}/discarded", {"reason": acts.name()})


def _made_up(acts: Acts) -> None:
    product, source = acts.any(Product), acts.any(Product)
    if product:
        acts.send("POST", f"/products/{product.pk}/made-up", {
            "size": acts.figure(), "amount": acts.figure(), "from_product": source.pk,
            "batch": acts.name(),
        })  # fmt: skip


def _meter(acts: Acts) -> None:
    acts.send("POST", "/meters", {"name": acts.name(), "every_days": acts.drawn.choice((7, 0, 30))})
    if meter := acts.any(Meter):
        points = acts.drawn.choice((
            [{"standard": "1.413", "read": "1.40"}],
            [{"standard": "4", "read": "4.1"}, {"standard": "7", "read": acts.figure()}],
        ))  # fmt: skip
        measures = acts.drawn.choice(("ec", "ph"))
        acts.send("POST", f"/meters/{meter.pk}/calibrations",
                  {"measures": measures, "points": points, "degrees": "25"})  # fmt: skip
        if acts.drawn.random() < 0.1:
            acts.send("DELETE", f"/meters/{meter.pk}", {})


def _charts(acts: Acts) -> None:
    key = acts.drawn.choice((*starters(), "none"))
    acts.send("POST", f"/starter-charts/{key}", {})
    acts.send("POST", "/charts", {**SMALL_CHART, "name": acts.name()})
    chart = acts.yard.version.chart
    acts.send("PATCH", f"/charts/{chart.pk}", acts.drawn.choice((
        {"name": acts.name()}, {"maker": acts.name()}, {"archived": acts.drawn.random() < 0.3},
    )))  # fmt: skip
    if acts.drawn.random() < 0.3:
        acts.send("POST", f"/charts/{chart.pk}/copy", {})


def _leaflet(acts: Acts) -> None:
    """A typed sheet, with a picture or without; some pictures never get a sheet."""
    picture = None
    if acts.drawn.random() < 0.5:
        made = io.BytesIO()
        Image.new("RGB", (acts.drawn.randint(1, 40), 20), "ivory").save(made, "PNG")
        file = SimpleUploadedFile("a.png", made.getvalue())
        picture = acts.yard.client.post(acts.at + "/leaflet-pictures", {"file": file}).json()["id"]
    if acts.drawn.random() < 0.7:
        cell = acts.drawn.choice(("1", "2", "0,5", "1-2", "", "x"))
        acts.send("POST", "/leaflets", {"picture": picture, "leaflet": {
            "name": acts.name(), "maker": acts.name(), "notes": [acts.name()],
            "columns": [{"key": "a", "label": acts.name(), "days": "7"}],
            "rows": [{"key": "r", "name": acts.name(), "role": "base", "unit": "mL/L",
                      "cells": [cell]}],
        }})  # fmt: skip


def _begin_season(acts: Acts) -> None:
    acts.send("POST", f"/tanks/{acts.tank().pk}/seasons", {
        "version_id": acts.yard.version.pk, "first_column": acts.drawn.choice(acts.columns()),
        "started_on": acts.on(), "planted": acts.name(),
        "strength": acts.either("80 %", "1", "0"), "change_out_days": acts.either(7, None, 0),
    })  # fmt: skip


def _tell_season(acts: Acts) -> None:
    season = acts.any(Season)
    if season is None:
        return
    kind = acts.drawn.choice(("hold", "advance", "set_back", "repeat", "stretch", "jump", "sign"))  # fmt: skip
    acts.send("POST", f"/seasons/{season.pk}/told", {
        "kind": kind, "on": acts.either(str(season.started_on), acts.on()),
        "days": acts.either(3, None, 1, 400), "column": acts.either(acts.columns()[0], None),
        "reason": acts.name(), "sign": acts.either("first flowers", None, " "),
    })  # fmt: skip
    entry = acts.any(SeasonEntry, season=season)
    if entry and acts.drawn.random() < 0.3:
        acts.send("DELETE", f"/seasons/{season.pk}/told/{entry.pk}", {})


def _tasks(acts: Acts) -> None:
    today = acts.yard.client.get(f"{acts.at}/today").json()
    tasks = [(one["season"], task["key"]) for one in today.get("tanks", [])
             for task in one.get("tasks", []) if one.get("season") and "key" in task]  # fmt: skip
    if tasks:
        season, key = acts.drawn.choice(tasks)
        acts.send("POST", f"/seasons/{season}/tasks", {
            "task": key, "state": acts.drawn.choice(("done", "skipped")), "reason": acts.name(),
        })  # fmt: skip


def _end_season(acts: Acts) -> None:
    if season := acts.any(Season):
        acts.send(
            "PATCH", f"/seasons/{season.pk}", {"ended_on": acts.drawn.choice((None, acts.on()))}
        )


def _join(acts: Acts) -> None:
    if season := acts.any(Season):
        acts.send("POST", f"/tanks/{acts.tank().pk}/joined-season",
                  {"on": acts.on(), "season": season.pk})  # fmt: skip
        if acts.drawn.random() < 0.3:
            acts.send("POST", f"/seasons/{season.pk}/split", {})


def _mix(acts: Acts) -> None:
    tank = acts.tank()
    body = {
        "tank": tank.pk, "water": tank.water_id, "version_id": acts.yard.version.pk,
        "column": acts.drawn.choice(acts.columns()), "volume": "40 L", "strength": "80 %",
        "reading": acts.either("0.5", ""), "split": acts.drawn.choice((True, False)),
    }  # fmt: skip
    sheet = acts.send("POST", "/mix", body).get("sheet", {})
    stops = [one["code"] for one in sheet.get("warnings", ()) if one["severity"] == "stop"]
    acts.send("POST", "/mixes", {**body, "acknowledged": acts.either(stops, [])})


def _bench(acts: Acts) -> None:
    """Some steps of a mix that is under way, by whoever; given up now and then."""
    mix = acts.any(Mix, ended_at=None)
    if mix is None:
        return
    at = f"/mixes/{mix.pk}"
    bench = acts.yard.client.get(acts.at + at).json()
    for number in range(acts.drawn.choice((2, 8, 60))):
        if bench["now"] is None:
            return
        step = bench["steps"][bench["now"]]
        told = obeyed(bench, number)
        if told["kind"] != "done" and not told["figure"]:
            told["figure"] = "10"
        if acts.drawn.random() < 0.1:
            told = event(
                acts.drawn.choice(("done", "poured", "skipped", "read", "undone")), step["id"],
                acts.figure(), by=acts.drawn.choice(("", "dunlin", "no such <person>")),
                at=timezone.now().timestamp() - acts.drawn.choice((0, 90, 1e5, 6e10)), sure=True,
            )  # fmt: skip
        if not acts.send("POST", f"{at}/events", {"events": [told]}):
            return
        bench = acts.yard.client.get(acts.at + at).json()
    if acts.drawn.random() < 0.2:
        acts.send("DELETE", at, {})


_LOOKED_AT = ("/today", "/calendar.ics", "/tanks", "/shelf", "/changes", "/waters", "/meters")


def _look(acts: Acts) -> None:
    """Whatever was accepted, every place that shows it answers."""
    places = [*_LOOKED_AT, f"/tanks/{acts.tank().pk}/course"]
    if season := acts.any(Season):
        places += [f"/seasons/{season.pk}/plan", f"/tanks/{season.tank_id}/course"]
    if product := acts.any(Product):
        places.append(f"/products/{product.pk}/stock")
    for place in places:
        assert acts.yard.client.get(acts.at + place).status_code < 500, place


def _order_preferences(acts: Acts) -> None:
    acts.send("PUT", "/order-preferences", {
        "calmag": acts.drawn.choice(("before_base", "after_base")), "live": "last",
        "rows": "printed", "silica": acts.drawn.choice(("after_buffer", "before_buffer")),
    })  # fmt: skip
    acts.send("PUT", "/ranges", {"ranges": acts.drawn.choice((
        {}, {"Ca": {"low": "80", "high": "150"}}, {"Ca": {"low": acts.figure(), "high": "150"}},
    ))})  # fmt: skip


def _vessels(acts: Acts) -> None:
    acts.send("PUT", "/vessels", {"vessels": [
        {"vessel": acts.drawn.choice(("syringe", "jug", "marked_cup")), "capacity": acts.figure(),
         "mark": acts.drawn.choice(("0.5", "1")), "words": acts.name()},
    ]})  # fmt: skip


_ACTS: tuple[Callable[[Acts], None], ...] = (
    _add_water, _edit_water, _blend, _add_tank, _edit_tank, _usual, _put_away, _read, _read,
    _first_fill, _product, _product, _label, _bottles, _made_up, _meter, _charts, _leaflet,
    _begin_season, _begin_season, _tell_season, _tell_season, _tasks, _end_season, _join, _mix,
    _mix, _bench, _bench, _order_preferences, _vessels, _look, _look,
)  # fmt: skip


def lived_in(yard: Yard, seed: int, acts: int) -> tuple[Grow, Counter[tuple[str, bool]]]:
    """A grow after so many drawn acts, and how often each was accepted or refused."""
    living = Acts(yard, Random(seed))  # noqa: S311 -- drawn, not secret
    living.live(acts)
    yard.grow.refresh_from_db()
    return yard.grow, living.answers
