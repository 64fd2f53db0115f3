"""Many drawn cases, rehearsed side by side, and how often each law was broken."""

from collections.abc import Iterator, Mapping, Sequence
from concurrent.futures import ProcessPoolExecutor
from dataclasses import dataclass, field
from itertools import islice

from core.errors import InputError
from core.practice.drawn.case import draw_case, is_like
from core.practice.drawn.laws import LAWS, judge_case

MOST_DRAWN = 1_000_000
"""Cases of one seed; the next seed's follow them, so that no two seeds share a case."""

RARE = 5000
"""Cases that are drawn at most for each that is wanted, before a wish is called impossible."""

Where = Mapping[str, str]
"""What cases are wanted to be like; see `core.practice.drawn.case.is_like`."""


@dataclass(slots=True)
class LawReport:
    """How often one law was broken, and by which cases.

    Args:
        law: its name.
        broken: cases that break it.
        insisted: cases in which a person broke it, who took what was offered beyond the right.
        hidden: cases that break it by faults that no reading showed.
        seeds: of the broken ones.
    """

    law: str
    broken: int = 0
    insisted: int = 0
    hidden: int = 0
    seeds: list[int] = field(default_factory=list)


@dataclass(frozen=True, slots=True)
class DrawnReport:
    """How many cases were rehearsed from a seed, and what became of each law."""

    runs: int
    seed: int
    laws: Sequence[LawReport]


def seeds_of(seed: int, drawn: int, where: Where) -> Iterator[int]:
    """Seeds of the cases that are as wanted, as many as are drawn.

    Raises:
        InputError: hardly any case is.
    """
    first = seed * MOST_DRAWN
    every = range(first, first + drawn * RARE)
    found = 0
    for one in islice(every, None):
        if not where or is_like(one, where):
            yield one
            found += 1
        if found == drawn:
            return
    raise InputError("no_such_case", "where")


def rehearse_drawn(drawn: int, seed: int, where: Where, *, workers: int = 1) -> DrawnReport:
    """Rehearse the cases of a seed, and count what breaks each law.

    Raises:
        InputError: no case is as wanted.
    """
    seeds = list(seeds_of(seed, drawn, where))
    reports = {law: LawReport(law) for law in LAWS}
    if workers > 1:
        with ProcessPoolExecutor(workers) as pool:
            found = list(pool.map(_judge, seeds, chunksize=8))
    else:
        found = [_judge(one) for one in seeds]
    runs = 0
    for one, judged in zip(seeds, found, strict=True):
        if judged is None:
            continue
        runs += 1
        broken, insisted, hidden = judged
        for law in broken:
            reports[law].broken += 1
            reports[law].seeds.append(one)
        for law in insisted:
            reports[law].insisted += 1
        for law in hidden:
            reports[law].hidden += 1
    return DrawnReport(runs, seed, tuple(reports.values()))


def _judge(seed: int) -> tuple[tuple[str, ...], tuple[str, ...], tuple[str, ...]] | None:
    try:
        judged = judge_case(draw_case(seed))
    except InputError:
        return ("ends_within_40_steps",), (), ()  # advice that no bench takes ends no mix
    return None if judged is None else (judged.broken, judged.insisted, judged.hidden)
