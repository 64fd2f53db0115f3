"""One and the same mix, however it is typed: in any unit, with a point or a comma, by anybody."""

from decimal import Decimal
from fractions import Fraction
from typing import Any

import pytest
from hypothesis import HealthCheck, given, settings
from hypothesis import strategies as st

from server.grows.models import Membership
from server.guided.models import MixEvent
from server.shelf.models import Product
from tests.lanes import drawn
from tests.server.at_the_bench import at, begin, event, reach
from tests.server.conftest import Yard

# Exact by definition: NIST SP 811, appendix B; the UK gallon by the Weights and Measures Act 1985.
LITRES = {"L": Fraction(1), "mL": Fraction(1, 1000), "gal US": Fraction("3.785411784"),
          "gal UK": Fraction("4.54609")}  # fmt: skip
# By definition of the scales: uS/cm and CF of mS/cm; ppm 500, 640 and 700 per mS/cm.
PER_MS_CM = {"mS/cm": 1, "uS/cm": 1000, "CF": 10, "ppm 500": 500, "ppm 640": 640, "ppm 700": 700}

_MOST_DIGITS = 12


def figure_text(value: Fraction, mark: str) -> str:
    """A decimal with a place more than thousands have, so that it can only be meant so."""
    text = f"{float(value):.{_MOST_DIGITS}f}".rstrip("0")
    return (text + "0000")[: text.index(".") + 5].replace(".", mark)


def write_with(yard: Yard, mark: str) -> None:
    Membership.objects.filter(grow=yard.grow, person=yard.person).update(decimal_mark=mark)


def amounts(answer: dict[str, Any]) -> dict[str, Fraction]:
    return {pour["product"]: Fraction(pour["amount"]["value"]) for pour in answer["sheet"]["pours"]
            if pour["amount"]}  # fmt: skip


@settings(max_examples=drawn(10, 40), suppress_health_check=[HealthCheck.function_scoped_fixture])
@given(
    st.sampled_from(sorted(LITRES)),
    st.sampled_from(sorted(PER_MS_CM)),
    st.sampled_from([".", ","]),
    st.integers(60, 900),
)
def test_the_same_mix_comes_of_every_way_to_type_it(
    yard: Yard, unit: str, scale: str, mark: str, litres: int
) -> None:
    write_with(yard, mark)
    volume = figure_text(litres / LITRES[unit], mark)
    reading = figure_text(Fraction("0.52") * PER_MS_CM[scale], mark)
    number, _, ppm = scale.partition(" ")
    typed = f"{reading} {number}{f' {ppm}' if ppm else ''}"
    status, one = yard.plan(column="w5", volume=f"{volume} {unit}", reading=typed)
    assert status == 200, (volume, unit, typed, one)
    _, plain = yard.plan(column="w5", volume=f"{litres} L", reading="0.52 mS/cm")
    for product, wanted in amounts(plain).items():
        assert float(amounts(one)[product]) == pytest.approx(float(wanted), rel=1e-4), product
    assert one["climb"]["floor_shown"] == plain["climb"]["floor_shown"]


def test_twice_the_water_takes_twice_of_all_and_half_the_strength_half(yard: Yard) -> None:
    one = yard.plan(column="w5", volume="200 L", reading="0.52")[1]
    other = yard.plan(column="w5", volume="400 L", reading="0.52")[1]
    assert {key: 2 * value for key, value in amounts(one).items()} == amounts(other)
    weak = yard.plan(column="w5", volume="200 L", reading="0.52", strength="40 %")[1]
    scaled = {
        pour["product"]
        for pour in one["sheet"]["pours"]
        if Fraction(pour["share"]) == Fraction("0.8")
    }
    assert scaled
    for product in scaled:
        assert amounts(weak)[product] * 2 == amounts(one)[product]


@pytest.mark.parametrize(
    ("mark", "typed", "litres"),
    [
        (".", "1.240", "1.2"),
        (".", "1,240", None),
        (",", "1,240", "1.2"),
        (",", "1.240", None),
        (",", "1.250,5", "1250.5"),
        (".", "1,250.5", "1250.5"),
        (",", "12,5", "12.5"),
        (",", "12.5", "12.5"),  # no thousands have one place
        (",", "0.240", "0.2"),
        (",", "1 250", "1250"),
    ],
)
def test_what_could_be_thousands_is_asked_about_by_who_typed_it(
    yard: Yard, mark: str, typed: str, litres: str | None
) -> None:
    write_with(yard, mark)
    status, answer = yard.plan(column="w5", volume=f"{typed} L", reading="0.52")
    if litres is None:
        error = answer["error"]
        assert (status, error["code"], error["where"]) == (422, "ambiguous_number", "volume")
        assert "1240" in error["message"]
        assert f"1{mark}240" in error["message"]  # and that is a way to type it
        assert yard.plan(column="w5", volume=f"1{mark}240 L", reading="0.52")[0] == 200
    else:
        assert (status, answer["litres"]) == (200, litres)


def test_at_the_bench_a_figure_is_meant_as_its_screen_wrote_numbers(yard: Yard) -> None:
    """What waited without network is read with the mark of then, whatever is chosen since."""
    bench = reach(yard, begin(yard, split=False), "pour")
    pour = bench["steps"][bench["now"]]["id"]
    units = {"volume": "L", "gallon": "us", "reading": "mS/cm", "ppm_scale": None}

    def told(figure: str, mark: str) -> tuple[int, Any]:
        one = event("poured", pour, figure, typed_in={**units, "decimal": mark}, sure=True)
        return yard.send("POST", f"{at(yard, bench)}/events", {"events": [one]})

    status, refused = told("1.240", ",")
    assert (status, refused["error"]["code"]) == (422, "ambiguous_number")
    assert told("1,240", ".")[0] == 422
    assert not MixEvent.objects.filter(step=pour).exists()
    assert told("127,500", ",")[0] == 200
    assert MixEvent.objects.get(step=pour).figure == Fraction("127.5")


@pytest.mark.parametrize("text", ["1,240", "28,500", "999,999"])
def test_on_the_shelf_no_thousand_is_taken_for_one(yard: Yard, text: str) -> None:
    shelf = yard.client.get(f"/api/grows/{yard.grow.pk}/shelf").json()["products"]
    known = next(one for one in shelf if one["left"])
    path = f"/api/grows/{yard.grow.pk}/products/{known['id']}"
    status, refused = yard.send("PUT", path, {"left": text})
    assert (status, refused["error"]["code"]) == (422, "ambiguous_number")
    again = yard.client.get(f"/api/grows/{yard.grow.pk}/shelf").json()["products"]
    assert next(one for one in again if one["id"] == known["id"])["left"] == known["left"]


def _product(yard: Yard) -> str:
    shelf = yard.client.get(f"/api/grows/{yard.grow.pk}/shelf").json()["products"]
    return f"products/{next(one for one in shelf if one['left'])['id']}"


PLACES: list[tuple[str, str, dict[str, Any]]] = [
    ("PUT product", "left", {}),
    ("PUT product", "size", {"left": "5"}),
    ("POST product/bottles", "size", {"left": "5"}),
    ("POST tanks/{tank}/readings", "ph", {}),
    ("POST tanks/{tank}/readings", "ec", {}),
    ("POST tanks/{tank}/known-volume", "count", {"way": "buckets", "volume": "10 L"}),
    ("PATCH waters/{water}", "ph", {}),
    ("PATCH waters/{water}", "reading", {}),
    ("PATCH tanks/{tank}", "volume", {}),
]
"""Where a number is typed: method and path, field, and what goes with it."""


@pytest.mark.parametrize("mark", [".", ","])
@pytest.mark.parametrize(("place", "field", "rest"), PLACES)
def test_wherever_a_number_is_typed_it_is_meant_as_its_person_writes(
    yard: Yard, place: str, field: str, rest: dict[str, Any], mark: str
) -> None:
    write_with(yard, mark)
    method, _, path = place.partition(" ")
    path = path.replace("product", _product(yard))
    path = path.format(tank=yard.tank.pk, water=yard.water.pk)
    where = f"/api/grows/{yard.grow.pk}/{path}"
    other = "." if mark == "," else ","
    status, refused = yard.send(method, where, {**rest, field: f"6{other}125"})
    assert (status, refused["error"]["code"]) == (422, "ambiguous_number"), refused
    assert refused["error"]["where"] == field
    status, answer = yard.send(method, where, {**rest, field: f"6{mark}125"})
    assert status in (200, 201), answer


def test_what_nobody_typed_is_no_thousand_for_who_writes_a_comma(yard: Yard) -> None:
    """A sheet of the shelf sends back all that it shows, of which one field was typed."""
    write_with(yard, ",")
    bottle = Product.objects.get(grow=yard.grow, name="Marram One")
    Product.objects.filter(pk=bottle.pk).update(left=Decimal("714.125"), size=None, price=None)
    path = f"/api/grows/{yard.grow.pk}/products/{bottle.pk}"
    seen = {"left": "714.125", "size": "", "price": "", "label": bottle.label, "hard_form_of": None}
    status, answer = yard.send("PUT", path, {**seen, "size": "1000", "seen": seen})
    assert status == 200, answer
    seen["size"] = "1000"
    status, answer = yard.send("PUT", path, {**seen, "left": "700,125", "seen": seen})
    assert status == 200, answer
    bottle.refresh_from_db()
    assert (bottle.left, bottle.size) == (Decimal("700.125"), 1000)


@settings(max_examples=drawn(15, 60), suppress_health_check=[HealthCheck.function_scoped_fixture])
@given(
    st.sampled_from(PLACES),
    st.text(alphabet="0123456789.,/ -–½%°LmgalUSEKCFppm\u00a0\u2009'×e+", max_size=14),
    st.sampled_from([".", ","]),
)
def test_whatever_is_typed_is_understood_or_refused_at_its_field(
    yard: Yard, place: tuple[str, str, dict[str, Any]], text: str, mark: str
) -> None:
    write_with(yard, mark)
    where, field, rest = place
    method, _, path = where.partition(" ")
    path = path.replace("product", _product(yard)).format(tank=yard.tank.pk, water=yard.water.pk)
    status, answer = yard.send(method, f"/api/grows/{yard.grow.pk}/{path}", {**rest, field: text})
    assert status in (200, 201, 409, 422), answer
    if status == 422:
        assert answer["error"]["code"] != "server_fault"
        assert len(answer["error"]["message"]) > 10
        assert answer["error"]["where"]


@pytest.mark.parametrize("exact", ["1.250", "1250", "0.001", "714.125"])
def test_an_exact_figure_is_exact_to_everybody(yard: Yard, exact: str) -> None:
    """What a screen sends back as it came is no text of anybody's."""
    for mark in (".", ","):
        write_with(yard, mark)
        status, answer = yard.plan(
            column="w5", volume={"value": exact, "unit": "L"}, reading="0.52", strength="80 %"
        )
        assert status == 200, answer
        one = amounts(answer)["one"]
        assert one == pytest.approx(Fraction(exact) * Fraction("2.1") * Fraction("0.8"), abs=0.01)


def test_who_reads_in_other_units_is_shown_what_can_be_typed_again(yard: Yard) -> None:
    """Every volume and reading of the overview, typed back as it is shown, is what is kept."""
    path = f"/api/grows/{yard.grow.pk}/units"
    for volume in ("L", "gal_us", "gal_uk"):
        for reading in ("mS/cm", "uS/cm", "CF", "ppm 500", "ppm 640", "ppm 700"):
            told = {"volume": volume, "reading": reading, "spoons": "metric"}
            assert yard.send("PUT", path, told)[0] == 200
            tank = next(one for one in yard.listed("tanks") if one["id"] == yard.tank.pk)
            status, answer = yard.plan(column="w5", volume=tank["volume"], reading="0.52 mS/cm")
            assert status == 200, answer
            assert float(answer["litres"]) == pytest.approx(float(yard.tank.litres), rel=2e-3)
            water = next(one for one in yard.listed("waters") if one["id"] == yard.water.pk)
            status, answer = yard.plan(column="w5", volume="425 L", reading=water["reading"])
            assert status == 200, answer
            assert answer["climb"]["floor_shown"] == water["reading"]
