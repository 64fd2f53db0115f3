"""What a tank lacks by its last mix and readings: at each edge, and beside it."""

from fractions import Fraction as F
from itertools import product

import pytest

from core.chart import PhWindow
from core.tending.due import Due
from core.tending.lacking import Lack, lacks_of

WINDOW = PhWindow(F("5.7"), F("6.2"))


@pytest.mark.parametrize(
    ("ph", "lack"),
    [("5.6", Lack.PH_LOW), ("5.65", None), ("5.7", None), ("6.2", None), ("6.25", None),
     ("6.3", Lack.PH_HIGH)],
)  # fmt: skip
def test_ph_is_out_of_its_window_by_more_than_half_a_pens_step(ph: str, lack: Lack | None) -> None:
    found = lacks_of(due=None, ph=F(ph), window=WINDOW, is_read_since=True)
    assert found == ((lack,) if lack else ())


def test_what_nobody_read_or_planned_lacks_nothing_and_the_most_pressing_is_first() -> None:
    for due, read in product([*Due, None], [True, False]):
        bare = lacks_of(due=due, ph=None, window=WINDOW, is_read_since=read)
        assert bare == lacks_of(due=due, ph=F(9), window=None, is_read_since=read)
        expected = {
            (Due.USE_BY, read): (Lack.USE_BY,),
            (Due.LOOK_AGAIN, False): (Lack.LOOK_AGAIN,),
        }
        assert bare == expected.get((due, read), ())
        high = lacks_of(due=due, ph=F(9), window=WINDOW, is_read_since=read)
        assert list(high) == sorted(high, key=list(Lack).index)
        assert set(high) == {*bare, Lack.PH_HIGH}
