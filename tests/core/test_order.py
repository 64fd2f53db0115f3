"""The mixing order: every rule kept, and of all such orders the one nearest to the preference."""

from itertools import permutations

import pytest
from hypothesis import given
from hypothesis import strategies as st

from core.chart import Form, Product, Role
from core.errors import InputError
from core.order import Place, hard_edges, preference, put_in_order
from core.order_rules import CalmagPlace, Customs, LivePlace, SilicaPlace
from tests.core.mixes import product

customs = st.builds(
    Customs,
    st.sampled_from(list(CalmagPlace)),
    st.sampled_from(list(SilicaPlace)),
    st.sampled_from(list(LivePlace)),
)


@st.composite
def products(draw: st.DrawFn, most: int = 7) -> list[Product]:
    """Any set of products; labels point at earlier rows only, so that they never run in a ring."""
    found: list[Product] = []
    for number in range(draw(st.integers(1, most))):
        earlier = [p.key for p in found if p.role not in (Role.PH_ADJUSTER, Role.LIVE)]
        after = draw(st.lists(st.sampled_from(earlier), max_size=2, unique=True)) if earlier else []
        role = draw(st.sampled_from(list(Role)))
        found.append(
            product(
                f"p{number}", role,
                form=draw(st.sampled_from(list(Form))), rank=draw(st.integers(0, 3)),
                group=draw(st.sampled_from(["", "g", "h"])),
                after=() if role in (Role.SILICA, Role.BUFFER) else tuple(after),
            )
        )  # fmt: skip
    return found


def keys(places: tuple[Place, ...]) -> list[str]:
    return [place.product.key for place in places]


@given(products(), st.booleans(), customs)
def test_against_brute_force(rows: list[Product], printed: bool, customs: Customs) -> None:
    edges = hard_edges(rows)
    wanted = preference(rows, rows_are_order=printed, customs=customs)
    allowed = [
        order
        for order in permutations([row.key for row in rows])
        if all(order.index(earlier) < order.index(later) for earlier, later in edges)
    ]
    best = min(allowed, key=lambda order: [wanted[key] for key in order])
    assert keys(put_in_order(rows, rows_are_order=printed, customs=customs)) == list(best)


@given(products(most=40), st.booleans(), customs)
def test_every_product_once_every_rule_kept_every_place_explained(
    rows: list[Product], printed: bool, customs: Customs
) -> None:
    places = put_in_order(rows, rows_are_order=printed, customs=customs)
    order = keys(places)
    assert sorted(order) == sorted(row.key for row in rows)
    assert all(order.index(one) < order.index(other) for one, other in hard_edges(rows))
    assert all(place.why and place.wait_min > 0 for place in places)


SHELF = [
    product("cultures", Role.LIVE), product("bloom", Role.BOOSTER), product("scour", Role.ENZYME),
    product("tonic", Role.ADDITIVE_ALKALINE), product("epsom", Role.MAGNESIUM),
    product("fruit", Role.BASE, rank=3), product("leaf", Role.BASE, rank=2),
    product("micro", Role.BASE, rank=1), product("calmag", Role.CALMAG),
    product("slip", Role.SILICA), product("steady", Role.BUFFER),
]  # fmt: skip


def test_the_default_order() -> None:  # common practice
    assert keys(put_in_order(SHELF)) == [
        "steady", "slip", "calmag", "micro", "leaf", "fruit", "epsom", "tonic", "scour", "bloom",
        "cultures",
    ]  # fmt: skip


def test_the_other_schools() -> None:
    other = Customs(CalmagPlace.AFTER_BASE, SilicaPlace.BEFORE_BUFFER, LivePlace.FIRST)
    places = put_in_order(SHELF, customs=other)
    assert keys(places) == [
        "cultures", "slip", "steady", "micro", "leaf", "fruit", "epsom", "calmag", "tonic",
        "scour", "bloom",
    ]  # fmt: skip
    assert places[0].why == ("live_in_plain_water",)


def test_dry_salts_end_with_the_calcium_one() -> None:  # common practice
    rows = [
        product("calcium nitrate", Role.BASE, rank=2, form=Form.DRY),
        product("magnesium sulfate", Role.MAGNESIUM, form=Form.DRY),
        product("blend", Role.BASE, rank=1, form=Form.DRY),
    ]
    places = put_in_order(rows)
    assert keys(places) == ["blend", "magnesium sulfate", "calcium nitrate"]
    assert places[-1].why == ("dry_calcium_last",)


def test_the_printed_order_is_kept_where_no_hard_rule_breaks() -> None:
    rows = [product("bloom", Role.BOOSTER), product("two", Role.BASE, rank=2),
            product("one", Role.BASE, rank=1), product("cultures", Role.LIVE)]  # fmt: skip
    places = put_in_order(rows, rows_are_order=True)
    assert keys(places) == ["bloom", "two", "one", "cultures"]
    assert all(place.why[0] == "chart_order" and not place.moved for place in places)


def test_silica_is_moved_out_of_concentrate_and_says_so() -> None:
    rows = [
        product("one", Role.BASE),
        product("slip", Role.SILICA),
        product("tonic", Role.ADDITIVE),
    ]
    places = put_in_order(rows, rows_are_order=True)
    assert keys(places) == ["slip", "one", "tonic"]
    assert [place.moved for place in places] == [True, False, False]
    assert places[0].why[0] == "silica_before_concentrate"
    assert places[1].why[0] == "chart_order"


def test_a_ph_adjuster_printed_early_is_moved_behind_the_feed() -> None:
    rows = [product("down", Role.PH_ADJUSTER), product("one", Role.BASE), product("mud", Role.LIVE)]
    places = put_in_order(rows, rows_are_order=True)
    assert keys(places) == ["one", "down", "mud"]
    assert [place.moved for place in places] == [False, True, False]


def test_a_label_is_kept() -> None:
    rows = [product("calmag", Role.CALMAG, after=("one",)), product("one", Role.BASE)]
    places = put_in_order(rows)
    assert keys(places) == ["one", "calmag"]
    assert "label_says_after" in places[1].why


def test_a_contradiction_names_the_rules() -> None:
    rows = [product("slip", Role.SILICA, after=("one",)), product("one", Role.BASE)]
    with pytest.raises(InputError) as refused:
        put_in_order(rows)
    assert refused.value.code == "order_contradiction"
    assert "silica_before_concentrate" in refused.value.message
    assert "the label of Slip puts it after One" in refused.value.message
