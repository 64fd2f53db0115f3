"""Rows of a leaflet and the bottles on a shelf that they are."""

import pytest
from hypothesis import given
from hypothesis import strategies as st

from core.chart import Form, Role
from core.leaflet import ShelfBottle, TableRequest, read_table
from core.leaflet.bottles.matching import ALIKE, match_names, plain_name
from core.leaflet.table import beside_the_table
from tests.core.mixes import chart, dose, pair, product

NAMES = ["Skerry A", "Skerry B", "Keel", "Keel H", "Limpet Cal-Mag", "Tide Boost", "Mudlark"]


def shelf(*names: str) -> list[ShelfBottle]:
    return [ShelfBottle(name, Role.BASE, Form.LIQUID) for name in names or NAMES]


def matched(*rows: str, on: list[ShelfBottle] | None = None) -> list[str | None]:
    return [one and one.bottle.name for one in match_names(rows, shelf() if on is None else on)]


def test_a_row_is_the_bottle_it_is_most_like() -> None:
    assert matched("skerry-b", "KEEL", "Keel (H)", "Limpet calmag", "Tyde Boost") == [
        "Skerry B", "Keel", "Keel H", "Limpet Cal-Mag", "Tide Boost"
    ]  # fmt: skip
    assert matched("Skerry 1", "Skerry Part C", "Tide", "Pearl") == ["Skerry A", None, None, None]
    assert matched("Mudlark", on=[]) == [None]


def test_a_part_is_never_another_part() -> None:
    for one, other in (
        ("A", "B"),
        ("One", "Two"),
        ("1", "2"),
        ("I", "II"),
        ("A", "H"),
        ("H", "X"),
        ("420", "430"),
        ("G1", "G2"),
    ):
        assert matched(f"Skerrymore {one}", on=shelf(f"Skerrymore {other}")) == [None]
        assert matched(f"Skerrymore {one}", on=shelf(f"Skerrymore {one}")) == [f"Skerrymore {one}"]
    assert matched("Skerrymore 2", on=shelf("Skerrymore B")) == ["Skerrymore B"]
    for part in ("III", "H", "42"):
        assert matched(f"Skerrymore {part}", on=shelf("Skerrymore")) == [None]
        assert matched("Skerrymore", on=shelf(f"Skerrymore {part}")) == [None]


def test_of_two_rows_the_one_that_is_more_alike_has_the_bottle() -> None:
    assert matched("Tide Bost", "Tide Boost") == [None, "Tide Boost"]
    assert matched("Tide Boost", "Tide Boost") == ["Tide Boost", None]
    twins = shelf("Tide Boost", "Tide Boots")
    assert matched("Tide Boots", "Tide Boost", on=twins) == ["Tide Boots", "Tide Boost"]


@given(st.lists(st.sampled_from(NAMES) | st.text("abHI 12", max_size=8), max_size=6),
       st.lists(st.sampled_from(NAMES), max_size=6, unique=True))  # fmt: skip
def test_no_bottle_is_given_twice_and_what_is_given_is_alike(
    rows: list[str], on: list[str]
) -> None:
    bottles = shelf(*on) if on else []
    found = match_names(rows, bottles)
    given_out = [one.bottle.name for one in found if one]
    assert len(set(given_out)) == len(given_out)
    assert all(one.score >= ALIKE for one in found if one)
    for row, one in zip(rows, found, strict=True):
        if row in on and rows.count(row) == 1:
            assert one is not None
            assert one.bottle.name == row or plain_name(one.bottle.name) == plain_name(row)


def test_a_table_takes_role_and_form_from_the_shelf_and_says_so() -> None:
    on = (
        ShelfBottle("Slate", Role.SILICA, Form.DRY),
        ShelfBottle("Skerry A", Role.BASE, Form.LIQUID),
    )
    rows = (("", "Week 1", "Week 2"), ("Slatte (g/L)", "1", "1"), ("Skerry A (mL/L)", "2", "2"),
            ("Skerry B (mL/L)", "2", "2"))  # fmt: skip
    found = read_table(TableRequest(rows, shelf=on))
    slate, part, other = (row.product for row in found.rows)
    assert (slate.name, slate.role, slate.form) == ("Slate", Role.SILICA, Form.DRY)
    assert (part.name, part.group, part.rank) == ("Skerry A", "skerry", 1)
    assert (other.group, other.rank) == ("skerry", 2)
    told = [
        (one.product, one.field, one.value) for one in found.guesses if one.why.id == "guess.alike"
    ]
    assert ("Slatte", "name", "Slate") in told
    assert not any(one[0] == "Skerry A" and one[1] == "name" for one in told)


def test_a_name_in_other_letters_is_said_and_an_additive_has_no_rank() -> None:
    on = (
        ShelfBottle("Keel", Role.BASE, Form.LIQUID),
        ShelfBottle("Kelp B", Role.ADDITIVE, Form.LIQUID),
    )
    rows = (("", "Week 1", "Week 2"), ("KEEL (mL/L)", "1", "1"), ("Kelp B (mL/L)", "2", "2"))
    found = read_table(TableRequest(rows, shelf=on))
    assert ("KEEL", "name", "Keel") in [
        (one.product, one.field, one.value) for one in found.guesses
    ]
    [kelp] = [row.product for row in found.rows if row.product.name == "Kelp B"]
    assert (kelp.group, kelp.rank) == ("", 0)


@pytest.mark.parametrize(
    ("fields", "lines"),
    [({}, 3), ({"wait_min": 5}, 4), ({"after": ("two",)}, 4), ({"oxidiser": True}, 4),
     ({"settles": True}, 4), ({"wait_min": 0, "settles": True}, 5)],
)  # fmt: skip
def test_what_a_table_cannot_hold_is_told_beside_it(fields: dict[str, object], lines: int) -> None:
    of = chart([product("one", Role.ADDITIVE, **fields), pair().products[1]],
               [dose("one", "1 mL/L"), dose("two", "2 mL/L")])  # fmt: skip
    told = beside_the_table(of)
    assert len(told) == lines
    assert any("oxidisers" in line for line in told) is bool({"oxidiser", "settles"} & set(fields))
