"""Splitting amounts over vessels, beside mixed-integer programming by SciPy (HiGHS)."""

import random
import statistics
from collections.abc import Callable
from fractions import Fraction
from functools import partial
from time import perf_counter

import numpy as np
from scipy.optimize import Bounds, LinearConstraint, milp

from core.vessels.split import Splitter

_CASES = 100
Vessels = list[tuple[int, int]]


def _case(draw: random.Random) -> tuple[Vessels, int]:
    vessels = []
    for _ in range(draw.randint(2, 5)):
        mark = draw.choice([1, 2, 5, 10, 20, 25, 50])
        vessels.append((mark * draw.randint(4, 25), mark))
    return vessels, draw.randint(10, 1500)


def _optimum(vessels: Vessels, target: int) -> None:
    """Least error, then fewest fills, then fewest vessels: three programmes, one after another."""
    count, near = len(vessels), min(target / 100, 1)
    bound = float(target // min(capacity for capacity, _ in vessels) + 2)
    zeros, ones = np.zeros(count), np.ones(count)
    marks = np.array([mark for _, mark in vessels], float)
    limits = [
        LinearConstraint(np.concatenate([marks, zeros, zeros, [-1]]), -np.inf, target + near),
        LinearConstraint(np.concatenate([marks, zeros, zeros, [1]]), target - near, np.inf),
    ]
    for at, (capacity, mark) in enumerate(vessels):
        filled, used = np.zeros(3 * count + 1), np.zeros(3 * count + 1)
        filled[at], filled[count + at] = 1, -(capacity // mark)
        used[count + at], used[2 * count + at] = 1, -bound
        limits += [LinearConstraint(row, -np.inf, 0) for row in (filled, used)]
    upper = np.concatenate([ones * bound * 25, ones * bound, ones, [np.inf]])
    costs = [
        np.concatenate([zeros, zeros, zeros, [1]]),
        np.concatenate([zeros, ones, zeros, [0]]),
        np.concatenate([zeros, zeros, ones, [0]]),
    ]
    for cost in costs:
        best = milp(
            cost, integrality=np.append(np.ones(3 * count), 0), bounds=Bounds(0, upper),
            constraints=limits,
        )  # fmt: skip
        limits.append(LinearConstraint(cost, -np.inf, best.fun + 1e-6))


def _ms(work: Callable[[], object]) -> float:
    began = perf_counter()
    work()
    return (perf_counter() - began) * 1000


def report() -> None:
    """Print the figures of splitting."""
    draw = random.Random(11)
    ours, theirs = [], []
    for _ in range(_CASES):
        vessels, target = _case(draw)
        splitter = Splitter([(Fraction(capacity), Fraction(mark)) for capacity, mark in vessels])
        ours.append(_ms(partial(splitter.split, Fraction(target))))
        theirs.append(_ms(partial(_optimum, vessels, target)))
    mine, other = statistics.median(ours), statistics.median(theirs)
    print(f"an amount over vessels, {_CASES} random cases")
    print(f"  median                          {mine:8.3f} ms")
    print(f"  the same by SciPy's milp        {other:8.3f} ms   ratio {other / mine:5.0f}     "
          "(to reach: at least 50)")  # fmt: skip
