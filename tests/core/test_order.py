"""The mixing order: every rule kept, and nothing moved that no rule is about."""

from dataclasses import replace
from itertools import permutations

import pytest
from hypothesis import given
from hypothesis import strategies as st

from core.chart import Form, Product, Role
from core.errors import InputError
from core.order import Place, put_in_order
from core.order.rules import CalmagPlace, LivePlace, OrderPreferences, SilicaPlace
from tests.core.mixes import product
from tests.words import words_of

order_preferences = st.builds(
    OrderPreferences,
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


def must(rows: list[Product]) -> set[tuple[str, str]]:
    """What goes in before what, by the hard rules of the trade, written out a second time.

    Silica before anything but buffers and cultures; pH after all but cultures; labels as they say.
    """
    found = set()
    for one in rows:
        for other in rows:
            silica = one.role is Role.SILICA and other.role not in (
                Role.SILICA, Role.BUFFER, Role.LIVE,
            )  # fmt: skip
            ph = other.role is Role.PH_ADJUSTER and one.role not in (Role.PH_ADJUSTER, Role.LIVE)
            if silica or ph or one.key in other.after:
                found.add((one.key, other.key))
    return found


def preferred(
    rows: list[Product], printed: bool, prefers: OrderPreferences
) -> dict[str, tuple[object, ...]]:
    """Where each product would go if no hard rule spoke, as the handbook has it, written out here.

    A chart that states its rows as the order is followed. Else buffer, silica, cal-mag, the base by
    its groups and ranks, magnesium, the additives, boosters, pH, cultures; and of dry minerals the
    calcium salt last: where nothing names it, the one ranked last beside dry magnesium.
    """
    if printed:
        return {row.key: (at,) for at, row in enumerate(rows)}
    names = ["buffer", "silica", "calmag", "base", "magnesium", "additive_alkaline", "enzyme",
             "additive", "booster", "ph_adjuster", "live"]  # fmt: skip
    if prefers.silica is SilicaPlace.BEFORE_BUFFER:
        names[:2] = ["silica", "buffer"]
    if prefers.calmag is CalmagPlace.AFTER_BASE:
        names = [name for name in names if name != "calmag"]
        names.insert(names.index("magnesium") + 1, "calmag")
    if prefers.live is LivePlace.FIRST:
        names = ["live", *names[:-1]]
    dry = sorted(
        (row for row in rows if row.role is Role.BASE and row.form is Form.DRY),
        key=lambda row: row.rank,
    )
    beside = any(row.role is Role.MAGNESIUM and row.form is Form.DRY for row in rows)
    last = dry[-1].key if beside and len(dry) > 1 and dry[-1].rank > dry[0].rank else ""
    groups = list(dict.fromkeys(row.group for row in rows))
    return {
        row.key: (
            names.index("magnesium" if row.key == last else row.role.value),
            row.key == last, groups.index(row.group), row.rank, at,
        )
        for at, row in enumerate(rows)
    }  # fmt: skip


@given(products(), st.booleans(), order_preferences)
def test_against_brute_force(
    rows: list[Product], printed: bool, order_preferences: OrderPreferences
) -> None:
    """Nothing moves that no rule is about, wherever any order at all leaves it where it was."""
    rules = must(rows)
    wanted = preferred(rows, printed, order_preferences)
    order = keys(put_in_order(rows, rows_are_order=printed, order_preferences=order_preferences))
    assert all(order.index(one) < order.index(other) for one, other in rules)
    role = {row.key: row.role for row in rows}
    movers = {
        one if role[one] is Role.SILICA and one not in next(r for r in rows if r.key == other).after
        else other
        for one, other in rules
        if wanted[one] > wanted[other]
    }  # fmt: skip
    stay = sorted((key for key in wanted if key not in movers), key=lambda key: wanted[key])

    def allowed(at: tuple[str, ...]) -> bool:
        return all(at.index(one) < at.index(other) for one, other in rules)

    stays = any(
        [key for key in at if key not in movers] == stay
        for at in permutations(list(wanted))
        if allowed(at)
    )
    if stays and order != _freest(rows, rules, wanted):
        assert [key for key in order if key not in movers] == stay


def test_what_moves_together_stays_in_order_among_itself() -> None:
    downs = [product("up", Role.PH_ADJUSTER), product("down", Role.PH_ADJUSTER)]
    rows = [product("steady", Role.BUFFER), *downs, product("slip", Role.SILICA)]
    printed = put_in_order(rows, rows_are_order=True)
    assert keys(printed) == ["steady", "slip", "up", "down"]
    behind = [
        replace(one, after=("last",))
        for one in (product("one", Role.BASE), product("two", Role.BASE))
    ]
    rows = [*behind, product("last", Role.ADDITIVE)]
    assert keys(put_in_order(rows, rows_are_order=True)) == ["last", "one", "two"]
    slips = [product("slip", Role.SILICA), product("slide", Role.SILICA)]
    printed = put_in_order([product("one", Role.BASE), *slips], rows_are_order=True)
    assert keys(printed) == ["slip", "slide", "one"]


def _freest(
    rows: list[Product], rules: set[tuple[str, str]], wanted: dict[str, tuple[object, ...]]
) -> list[str]:
    """Always the most preferred of those that may go in: for rules that pull both ways."""
    left, order = {row.key for row in rows}, []
    while left:
        free = [key for key in left if not any(b == key and a in left for a, b in rules)]
        order.append(min(free, key=lambda key: wanted[key]))
        left.remove(order[-1])
    return order


@given(products(most=40), st.booleans(), order_preferences)
def test_every_product_once_every_rule_kept_every_place_explained(
    rows: list[Product], printed: bool, order_preferences: OrderPreferences
) -> None:
    places = put_in_order(rows, rows_are_order=printed, order_preferences=order_preferences)
    order = keys(places)
    assert sorted(order) == sorted(row.key for row in rows)
    assert all(order.index(one) < order.index(other) for one, other in must(rows))
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
    other = OrderPreferences(CalmagPlace.AFTER_BASE, SilicaPlace.BEFORE_BUFFER, LivePlace.FIRST)
    places = put_in_order(SHELF, order_preferences=other)
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


def test_dry_salts_ranked_alike_with_nothing_that_tells_keep_to_magnesium_last() -> None:
    """Neither label, name nor rank says which brings calcium: the base goes in before magnesium."""
    rows = [product("a", Role.BASE, form=Form.DRY), product("b", Role.BASE, form=Form.DRY),
            product("mag", Role.MAGNESIUM, form=Form.DRY)]  # fmt: skip
    places = put_in_order(rows)
    assert keys(places) == ["a", "b", "mag"]
    assert not any("dry_calcium_last" in place.why for place in places)


@pytest.mark.parametrize("ranks", [(1, 2), (2, 1), (0, 0)])
def test_dry_calcium_nitrate_is_last_whatever_its_rank(ranks: tuple[int, int]) -> None:
    """By its label, or by its name; each dissolved on its own (common practice)."""
    rows = [
        product("salt", Role.BASE, rank=ranks[0], form=Form.DRY),
        product("mag", Role.MAGNESIUM, form=Form.DRY),
        product("blend", Role.BASE, rank=ranks[1], form=Form.DRY),
    ]
    places = put_in_order(rows, calcium={"salt"})
    assert keys(places) == ["blend", "mag", "salt"]
    assert [p.product.key for p in places if "dry_calcium_last" in p.why] == ["salt"]
    assert [p.product.key for p in places if "pair_follows" in p.why] == []
    two = put_in_order([rows[0], rows[2]], calcium={"salt"})
    assert keys(two) == ["blend", "salt"]
    alone = put_in_order([rows[0]], calcium={"salt"})
    assert alone[0].why == ("base_alone",)


def test_only_the_second_of_a_pair_follows() -> None:
    for form in Form:
        for ranks in ((1, 2), (0, 0)):
            rows = [product(key, Role.BASE, group="g", rank=rank, form=form)
                    for key, rank in zip(("a", "b"), ranks, strict=True)]  # fmt: skip
            first, second = put_in_order(rows)
            assert ("pair_follows" in first.why, "pair_follows" in second.why) == (False, True)
            # Only ranks tell which of two liquids brings the calcium.
            told = form is Form.LIQUID and ranks == (1, 2)
            assert ("calcium_before_phosphate" in first.why) is told


def test_bases_of_other_groups_are_no_parts_of_one_another() -> None:
    rows = [
        product("a", Role.BASE, group="sea", rank=1),
        product("b", Role.BASE, group="air", rank=2),
    ]
    assert [place.why for place in put_in_order(rows)] == [("base_alone",)] * 2


def test_no_row_moves_that_no_rule_concerns() -> None:
    rows = [product("one", Role.BASE), product("mud", Role.LIVE), product("slip", Role.SILICA)]
    places = put_in_order(rows, rows_are_order=True)
    assert keys(places) == ["slip", "one", "mud"]
    assert [place.moved for place in places] == [True, False, False]
    rows = [product("one", Role.BASE), product("down", Role.PH_ADJUSTER),
            product("mud", Role.LIVE), product("scour", Role.ENZYME)]  # fmt: skip
    assert keys(put_in_order(rows, rows_are_order=True)) == ["one", "mud", "scour", "down"]


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


@pytest.mark.parametrize("behind", [0, 1, 3])
def test_a_product_that_rules_pull_both_ways_takes_the_others_along(behind: int) -> None:
    """Silica goes in before the feed, and by its label behind the cultures that follow the feed."""
    feed = [product(f"feed-{at}", Role.BASE, group="g", rank=2 - at) for at in range(behind)]
    rows = [*feed, product("mud", Role.LIVE), product("slip", Role.SILICA, after=("mud",)),
            product("steady", Role.BUFFER), product("down", Role.PH_ADJUSTER)]  # fmt: skip
    rows = [rows[-1], *rows[:-1]]
    for printed in (True, False):
        order = keys(put_in_order(rows, rows_are_order=printed))
        wanted = preferred(rows, printed, OrderPreferences())
        assert order == _freest(rows, must(rows), wanted)
        assert order.index("mud") < order.index("slip") < len(order) - 1 - behind


def test_a_contradiction_names_the_rules() -> None:
    rows = [product("slip", Role.SILICA, after=("one",)), product("one", Role.BASE)]
    with pytest.raises(InputError) as refused:
        put_in_order(rows)
    assert refused.value.code == "order_contradiction"
    assert "silica_before_concentrate" in words_of(refused.value)
    assert "the label of Slip puts it after One" in words_of(refused.value)
