"""Shelf, bench, waters and order preferences: what is kept, what it does to a mix, and what is refused."""

from decimal import Decimal
from typing import Any

import pytest
from django.db import IntegrityError, transaction

from server.grows.models import Grow
from server.shelf.models import MeasuringVessel, Product
from server.tanks.models import Tank, WaterSource
from tests.server import at_the_bench as bench
from tests.server.conftest import Yard

LABEL = {"analysis": {"N_nitrate": "5", "Ca": "7"}, "density": "1.25"}


def keep(yard: Yard, path: str, body: object, method: str = "PUT") -> dict[str, Any]:
    status, answer = yard.send(method, f"/api/grows/{yard.grow.pk}/{path}", body)
    assert status in (200, 201), answer
    return answer


def part_a(yard: Yard) -> Product:
    return Product.objects.get(grow=yard.grow, name="Part A")


def warned(answer: dict[str, Any]) -> dict[str, dict[str, Any]]:
    return {warning["code"]: warning for warning in answer["sheet"]["warnings"]}


def test_a_label_gives_readings_and_elements(neighbour: Yard) -> None:
    assert neighbour.plan()[1]["sheet"]["in_tank"] is None
    keep(neighbour, f"products/{part_a(neighbour).pk}", {"label": LABEL, "left": "500"})
    sheet = neighbour.plan()[1]["sheet"]
    assert [pour["reading_after"]["estimate"] for pour in sheet["pours"]] == ["label", "chart"]
    calcium = next(one for one in sheet["in_tank"]["elements"] if one["element"] == "Ca")
    # 0.2 mL/L × 80 % × 1.25 g/mL × 7 %
    assert calcium["ppm"] == 14
    assert sheet["in_tank"]["unlabelled"] == ["Part B"]
    stored = neighbour.client.get(f"/api/grows/{neighbour.grow.pk}/shelf").json()["products"][0]
    assert stored["label"]["analysis"] == LABEL["analysis"]
    assert stored["left"] == "500"


def test_what_is_left_and_hard_forms_are_known_to_the_mix(neighbour: Yard) -> None:
    made = keep(neighbour, "products", {"name": "Part A H", "role": "base"}, "POST")
    keep(neighbour, f"products/{part_a(neighbour).pk}", {"left": "15.9"})
    keep(neighbour, f"products/{made['id']}", {"hard_form_of": part_a(neighbour).pk})
    answer = neighbour.plan()[1]
    assert answer["sheet"]["unacknowledged"] == ["bottle_runs_out"]
    assert warned(answer)["hard_form_on_shelf"]["remedy"] == {"hard_forms": "true"}
    poured = neighbour.plan(hard_forms=True)[1]["sheet"]
    assert [(pour["name"], pour["instead_of"]) for pour in poured["pours"]] == [
        ("Part A H", "Part A"), ("Part B", None),
    ]  # fmt: skip
    assert poured["unacknowledged"] == []
    assert neighbour.plan(acknowledged=["bottle_runs_out"])[1]["sheet"]["unacknowledged"] == []


def test_own_vessels_measure_the_pours(neighbour: Yard) -> None:
    vessels = [{"vessel": "cylinder", "capacity": "160", "mark": "20"},
               {"vessel": "syringe", "capacity": "10", "mark": "1"}]  # fmt: skip
    keep(neighbour, "vessels", {"vessels": vessels})
    fills = neighbour.plan(volume="1062.5 L")[1]["sheet"]["pours"][0]["measured"]["fills"]
    assert [fill["level"] for fill in fills] == ["160", "10"]  # 0.2 × 80 % × 1062.5 L = 170 mL
    assert not neighbour.client.get(f"/api/grows/{neighbour.grow.pk}/shelf").json()["usual"]
    keep(neighbour, "vessels", {"vessels": []})
    assert MeasuringVessel.objects.filter(grow=neighbour.grow).count() == 0
    assert neighbour.client.get(f"/api/grows/{neighbour.grow.pk}/shelf").json()["usual"]


def test_a_marked_cup_measures_its_product_alone(yard: Yard, neighbour: Yard) -> None:
    cup = {"vessel": "marked_cup", "capacity": "16", "mark": "16", "words": "shot glass to the line",
           "product": part_a(neighbour).pk}  # fmt: skip
    keep(neighbour, "vessels", {"vessels": [cup]})
    kept = neighbour.client.get(f"/api/grows/{neighbour.grow.pk}/shelf").json()["vessels"]
    assert kept == [{**cup, "shows": "g"}]

    def filled(volume: str) -> list[list[tuple[str, str, str]]]:
        pours = neighbour.plan(volume=volume)[1]["sheet"]["pours"]
        return [[(fill["vessel"], fill["level"], fill["words"]) for fill in pour["measured"]["fills"]]
                for pour in pours]  # fmt: skip

    # 0.2 × 80 % × 100 L = 16 mL of A and of B; the cup is for A
    assert filled("100 L") == [
        [("marked_cup", "16", "shot glass to the line")],
        [("syringe", "16", "")],
    ]
    assert filled("50 L") == [[("syringe", "8", "")], [("syringe", "8", "")]]
    mix = bench.begin(neighbour, column="w1", volume="100 L", strength="80 %", reading="0.5",
                      split=False)  # fmt: skip
    step = bench.reach(neighbour, mix, "pour", read_water="0.5")["steps"]
    poured = next(one for one in step if one["kind"] == "pour")
    assert [fill["vessel"] for fill in poured["measured"]["fills"]] == ["marked_cup"]
    theirs = {**cup, "product": Product.objects.filter(grow=yard.grow).latest("pk").pk}
    status, _ = neighbour.send(
        "PUT", f"/api/grows/{neighbour.grow.pk}/vessels", {"vessels": [theirs]}
    )
    assert status == 404
    Product.objects.filter(pk=part_a(neighbour).pk).update(form="dry")
    status, refused = neighbour.send(
        "PUT", f"/api/grows/{neighbour.grow.pk}/vessels", {"vessels": [cup]}
    )
    assert (status, refused["error"]["where"]) == (422, "vessels[0].product")
    assert MeasuringVessel.objects.filter(grow=neighbour.grow).count() == 1


def test_acids_of_the_shelf_are_compared(yard: Yard) -> None:
    products = yard.client.get(f"/api/grows/{yard.grow.pk}/shelf").json()["products"]
    nitric = next(product for product in products if product["name"] == "Fathom Down N")
    # 38 % nitric is 7.4 mol/L, 59 % phosphoric 8.5 mol/L of which a little over one counts.
    assert nitric["as_much"] == ["1 mL does what 0.82 mL of Fathom Down P do"]


def test_a_lab_report_tells_alkalinity_and_the_acid(yard: Yard) -> None:
    answer = yard.plan(column="w5", volume="425 L", reading="0.52")[1]
    acid = answer["sheet"]["in_tank"]["acid"]
    assert (acid["kind"], acid["why"]) == ("phosphoric", "acid_phosphoric_in_bloom")
    nitric = next(one["key"] for one in answer["acids"] if one["name"] == "Fathom Down N")
    chosen = yard.plan(column="w5", volume="425 L", reading="0.52", acid=nitric)[1]
    assert chosen["sheet"]["in_tank"]["acid"]["kind"] == "nitric"
    report = {"kind": "mains", "reading": "0.52", "calcium": "68,5", "temperature": "19", "alkalinity": "",
              "disinfectant": "chloramine", "reported_on": "2026-01-31"}  # fmt: skip
    keep(yard, f"waters/{yard.water.pk}", report, "PATCH")
    kept = WaterSource.objects.get(pk=yard.water.pk)
    assert (str(kept.calcium_ppm), kept.alkalinity_ppm) == ("68.50", None)
    assert kept.sodium_ppm == 18  # what an edit does not name stays
    again = yard.plan(column="w5", volume="425 L", reading="0.52")[1]
    assert again["sheet"]["in_tank"]["acid"] is None
    assert "chloramine_in_water" in warned(again)
    assert again["ready_at"] is None


def test_chlorine_has_its_hour(yard: Yard) -> None:
    waiting = yard.plan(column="w5", reading="0.52", stood="6")[1]
    assert warned(waiting)["chlorine_in_water"]["values"]["hours"] == "18"
    assert waiting["ready_at"]
    gone = yard.plan(column="w5", reading="0.52", stood="24")[1]
    assert "chlorine_in_water" not in warned(gone)


def test_waters_are_blended_and_the_share_is_told(yard: Yard) -> None:
    ro = WaterSource.objects.get(grow=yard.grow, name="RO barrel")
    share = {"source": yard.water.pk, "other": ro.pk, "wanted": "ec", "figure": "0.27"}
    told = keep(yard, "share-of-water", share, "POST")
    assert told == {
        "share": "0.5",
        "percent": "50 %",
        "made_shown": "",
        "drawn_shown": "",
        "rejected_shown": "",
    }
    blend = [{"water": ro.pk, "share": "50 %"}]
    answer = yard.plan(column="w5", reading="0.52", blend=blend)[1]
    assert answer["water_shown"] == "0.27"
    assert answer["sheet"]["blend"] == [
        {"name": "Yard mains", "share": "0.5"}, {"name": "RO barrel", "share": "0.5"},
    ]  # fmt: skip
    assert answer["sheet"]["in_tank"]["ph"]
    calcium = keep(yard, "share-of-water", {**share, "wanted": "calcium", "figure": "17"}, "POST")
    assert calcium["share"] == "0.75"


def test_order_preferences_are_remembered_and_a_mix_may_differ(yard: Yard) -> None:
    def order(**changes: object) -> list[str]:
        sheet = yard.plan(column="w5", reading="0.52", **changes)[1]["sheet"]
        return [pour["product"] for pour in sheet["pours"]]

    assert order().index("limpet") < order().index("one")
    order_preferences = {
        "calmag": "after_base",
        "silica": "after_buffer",
        "live": "last",
        "rows": "printed",
    }
    keep(yard, "order-preferences", order_preferences)
    assert order().index("limpet") > order().index("two")
    mine = order(calmag="before_base")
    assert mine.index("limpet") < mine.index("one")
    overview = yard.client.get(f"/api/grows/{yard.grow.pk}").json()
    assert overview["order_preferences"] == order_preferences


def test_own_ranges_stand_beside_the_elements(yard: Yard) -> None:
    keep(yard, "ranges", {"ranges": {"Ca": {"low": "10", "high": "20,5"}}})
    elements = yard.plan(column="w5", reading="0.52")[1]["sheet"]["in_tank"]["elements"]
    calcium = next(one for one in elements if one["element"] == "Ca")
    assert (calcium["low"], calcium["high"], calcium["own_range"]) == ("10", "20.5", True)


def test_a_tank_keeps_what_it_is_usually_fed_with(yard: Yard) -> None:
    usual = {"version_id": yard.version.pk, "column": "w2", "strength": "45 %", "held": True,
             "system_kind": "aeroponic", "crop_kind": "leafy"}  # fmt: skip
    keep(yard, f"tanks/{yard.tank.pk}/usual", usual, "PATCH")
    tank = Tank.objects.get(pk=yard.tank.pk)
    assert (tank.column, tank.strength, tank.held) == ("w2", Decimal("0.45"), True)
    codes = warned(yard.plan(column="w5", reading="0.52", strength="80 %")[1])
    assert {"strong_for_system", "held_elsewhere"} <= set(codes)
    assert codes["held_elsewhere"]["remedy"] == {"column": "w2"}


def test_between_columns_and_in_two_passes(yard: Yard) -> None:
    between = {"column": "w5", "share": "50 %"}
    answer = yard.plan(column="w4", volume="100 L", strength="100 %", between=between, split=True)[
        1
    ]
    ones = [p["amount"]["value"] for p in answer["sheet"]["pours"] if p["product"] == "one"]
    assert ones == ["156", "39"]  # (1.8 + 2.1) / 2 × 100 L, 80 and 20 %
    assert answer["sheet"]["column"] == "week 4, transition to week 5, flower"


def test_a_slip_in_the_chart_as_typed_is_shown_in_its_column(neighbour: Yard) -> None:
    assert {finding["code"] for finding in neighbour.plan()[1]["findings"]} == {"no_days"}


@pytest.mark.parametrize(
    ("path", "body", "where"),
    [
        ("products/{product}", {"label": {"analysis": {"P": "1", "P2O5": "2"}}},
         "label.analysis.P2O5"),
        ("products/{product}", {"label": {"analysis": {"Gold": "1"}}}, "label.analysis.Gold.[key]"),
        ("products/{product}", {"label": {"acid": {"kind": "nitric"}}}, "label.acid"),
        ("products/{product}", {"left": "some"}, "left"),
        ("products/{product}", {"size": "0"}, "size"),
        ("products/{product}", {"price": "-1"}, "price"),
        ("products/{product}", {"price": "9999999999"}, "price"),
        ("products/{product}", {"left": "99999999999"}, "left"),
        ("products/{product}", {"hard_form_of": "{product}"}, "hard_form_of"),
        ("vessels", {"vessels": [{"vessel": "jug", "capacity": "10", "mark": "20"}]},
         "vessels[0].mark"),
        ("vessels", {"vessels": [{"vessel": "bath", "capacity": "10", "mark": "1"}]},
         "vessels[0].vessel"),
        ("vessels", {"vessels": [{"vessel": "marked_cup", "capacity": "6", "mark": "6"}]},
         "vessels[0].product"),
        ("waters/{water}", {"kind": "well", "calcium": "lots"}, "calcium"),
        ("waters/{water}", {"kind": "well", "sodium": "40001"}, "sodium_ppm"),
        ("waters/{water}", {"kind": "well", "ph": "15"}, "ph"),
        ("waters/{water}", {"kind": "well", "temperature": "99"}, "temperature"),
        ("waters/{water}", {"kind": "well", "reading": "350 ppm"}, "reading"),
        ("waters/{water}", {"kind": "well", "reported_on": "2999-01-01"}, "reported_on"),
        ("ranges", {"ranges": {"Ca": {"low": "2", "high": "1"}}}, "Ca.low"),
        ("tanks/{tank}/usual", {"version_id": "{chart}", "column": "w9", "strength": "50 %"}, "column"),
        ("tanks/{tank}/usual", {"version_id": "{chart}", "column": "w1", "strength": "250 %"},
         "strength"),
    ],
)  # fmt: skip
def test_refused_with_nothing_changed(
    neighbour: Yard, path: str, body: dict[str, Any], where: str
) -> None:
    product = part_a(neighbour)
    numbers = {"{product}": product.pk, "{chart}": neighbour.version.pk}
    body = {name: numbers.get(v, v) if isinstance(v, str) else v for name, v in body.items()}
    at = path.format(product=product.pk, water=neighbour.water.pk, tank=neighbour.tank.pk)
    method = "PUT" if at.startswith(("products", "vessels", "ranges")) else "PATCH"
    status, answer = neighbour.send(method, f"/api/grows/{neighbour.grow.pk}/{at}", body)
    assert (status, answer["error"]["where"]) == (422, where)
    assert part_a(neighbour).label is None
    water = WaterSource.objects.get(pk=neighbour.water.pk)
    assert (water.kind, water.calcium_ppm) == ("mains", None)
    assert not MeasuringVessel.objects.filter(grow=neighbour.grow).exists()


@pytest.mark.parametrize(
    ("changes", "where"),
    [
        ({"blend": [{"water": "{water}", "share": "100 %"}]}, "blend.0"),
        ({"blend": [{"water": "{water}", "share": "half"}]}, "blend.0"),
        ({"between": {"column": "w99", "share": "50 %"}}, "between.column"),
        ({"between": {"column": "w1", "share": "150 %"}}, "between"),
        ({"acid": "vinegar"}, "acid"),
        ({"stood": "long"}, "stood"),
        ({"temperature": "warm"}, "temperature"),
    ],
)
def test_a_mix_says_what_it_cannot_use(yard: Yard, changes: dict[str, Any], where: str) -> None:
    for part in changes.get("blend", []):
        part["water"] = yard.water.pk
    status, answer = yard.plan(column="w5", reading="0.52", **changes)
    assert (status, answer["error"]["where"]) == (422, where)


def test_every_way_of_writing_moves_the_stamp_that_memory_goes_by(neighbour: Yard) -> None:
    grow = neighbour.grow

    def stamp() -> int:
        return Grow.objects.get(pk=grow.pk).stamp

    product = part_a(neighbour)
    cylinder = {"grow": grow, "kind": "cylinder", "capacity": 10, "mark": 1}
    ways = [
        product.save,
        lambda: Product.objects.filter(pk=product.pk).update(left=5),
        lambda: MeasuringVessel.objects.create(**cylinder),
        lambda: MeasuringVessel.objects.bulk_create([MeasuringVessel(**cylinder, position=7)]),
        lambda: MeasuringVessel.objects.get(grow=grow, position=7).delete(),
        MeasuringVessel.objects.filter(grow=grow).delete,
    ]
    stamps = [stamp()]
    for write in ways:
        write()
        stamps.append(stamp())
    assert stamps == sorted(set(stamps))


def test_what_the_database_refuses_of_shelf_and_bench(neighbour: Yard) -> None:
    grow, product = neighbour.grow, part_a(neighbour)
    cylinder = {"grow": grow, "kind": "cylinder", "capacity": 10, "mark": 1}
    refused = [
        lambda: MeasuringVessel.objects.create(**{**cylinder, "mark": 0}),
        lambda: MeasuringVessel.objects.create(**{**cylinder, "mark": 11}),
        lambda: MeasuringVessel.objects.create(**{**cylinder, "kind": "bath"}),
        lambda: Product.objects.filter(pk=product.pk).update(left=-1),
        lambda: Product.objects.filter(pk=product.pk).update(hard_form_of=product.pk),
        lambda: WaterSource.objects.filter(grow=grow).update(disinfectant="fire"),
        lambda: WaterSource.objects.filter(grow=grow).update(nitrate_n_ppm=-1),
        lambda: Tank.objects.filter(grow=grow).update(system_kind="magic"),
    ]
    for attempt in refused:
        with pytest.raises(IntegrityError), transaction.atomic():
            attempt()


def test_an_edit_writes_what_was_changed_and_is_refused_on_an_older_state(yard: Yard) -> None:
    """A sheet that was opened before a mix drew the bottle down."""
    bottle = Product.objects.get(grow=yard.grow, name="Glasswort")
    path = f"/api/grows/{yard.grow.pk}/products/{bottle.pk}"
    assert bottle.label is not None
    seen = {"label": bottle.label, "left": "900", "hard_form_of": None}
    Product.objects.filter(pk=bottle.pk).update(left=Decimal("772"))
    # Only the label was changed: what is left stays as the mix has it.
    label = {**bottle.label, "density": "1.2"}
    status, _ = yard.send("PUT", path, {**seen, "label": label, "seen": seen})
    bottle.refresh_from_db()
    assert (status, bottle.left, bottle.label["density"]) == (200, Decimal("772"), "1.2")
    seen["label"] = label
    status, answer = yard.send("PUT", path, {**seen, "left": "1000", "seen": seen})
    assert (status, answer["error"]["code"]) == (409, "changed_meanwhile")
    assert "772" in answer["error"]["message"]  # both are shown
    assert "1000" in answer["error"]["message"]
    bottle.refresh_from_db()
    assert bottle.left == Decimal("772")
    status, _ = yard.send("PUT", path, {**seen, "left": "1000", "seen": {**seen, "left": "772"}})
    bottle.refresh_from_db()
    assert (status, bottle.left) == (200, 1000)
