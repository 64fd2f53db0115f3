"""A grower at the bench over the API: starts a mix, and does what the screen says."""

from typing import Any
from uuid import uuid4

from tests.server.conftest import Yard

START = {"column": "w5", "volume": "425 L", "reading": "0.52", "stood": "24", "split": True}


def begin(yard: Yard, **changes: object) -> dict[str, Any]:
    status, bench = yard.send("POST", f"/api/grows/{yard.grow.pk}/mixes",
                              yard.mix(**{**START, **changes}))  # fmt: skip
    assert status == 201, bench
    return bench


def at(yard: Yard, bench: dict[str, Any]) -> str:
    return f"/api/grows/{yard.grow.pk}/mixes/{bench['id']}"


def tell(yard: Yard, bench: dict[str, Any], *events: dict[str, Any]) -> dict[str, Any]:
    status, answer = yard.send("POST", f"{at(yard, bench)}/events", {"events": list(events)})
    assert status == 200, answer
    return answer


def event(kind: str, step: str = "", figure: str = "", **more: object) -> dict[str, Any]:
    return {"id": str(uuid4()), "at": more.pop("at", 1_700_000_000.0), "kind": kind, "step": step,
            "figure": figure, **more}  # fmt: skip


READS = {"read_temperature": "20", "read_water": "0.52", "read_ec": "1.82", "read_ph": "5.9"}


def obey(yard: Yard, bench: dict[str, Any], number: int, **figures: str) -> dict[str, Any]:
    """Do what the screen says."""
    return tell(yard, bench, obeyed(bench, number, **figures))


def obeyed(bench: dict[str, Any], number: int, **figures: str) -> dict[str, Any]:
    """The event of somebody who does what the screen says."""
    step = bench["steps"][bench["now"]]
    share = figures.pop("share", None) if step["kind"] == "pour" else None
    figure = {**READS, **figures}.get(step["kind"]) or step["goes_in"] or ""
    if share:
        figure = f"{float(figure) * float(share):.3f}"
    reads = (*READS, *(("volume",) if "volume" in figures else ()))
    pours = ("pour", "add", "drain", "acid", "alkali")
    kind = "read" if step["kind"] in reads else "poured" if step["kind"] in pours else "done"
    figure = figure if kind != "done" else ""
    return event(kind, step["id"], figure, at=1_700_000_000.0 + 10 * number)


def finish(yard: Yard, bench: dict[str, Any], **figures: str) -> dict[str, Any]:
    number = 0
    while bench["now"] is not None:
        bench = obey(yard, bench, number, **figures)
        number += 1
        assert number < 120
    return bench


def reach(yard: Yard, bench: dict[str, Any], kind: str, **figures: str) -> dict[str, Any]:
    """Do what the screen says until a kind of step is on it."""
    number = 0
    while bench["steps"][bench["now"]]["kind"] != kind:
        bench = obey(yard, bench, number, **figures)
        number += 1
        assert number < 120
        assert bench["now"] is not None, [step["id"] for step in bench["steps"]]
    return bench
