"""Gullhouse Yard: tanks, waters, products and charts of the demo. All of it is invented."""

from decimal import Decimal
from pathlib import Path

from django.contrib.auth.models import User
from django.db import transaction

from core.chart import Form, Role
from core.formats import FeedChart, document_of, read_json
from server.charts.models import Chart, Product
from server.charts.store import publish_chart
from server.grows.demo_people import DEMO_PASSWORD, DEMO_PEOPLE
from server.grows.models import Grow, Membership
from server.tanks.models import Tank, WaterSource

_CHARTS = Path(__file__).with_name("charts")

# name, kind, EC mS/cm, pH, Ca, Mg, Na ppm, alkalinity mg/L CaCO3, note
_WATERS = (
    ("Yard mains", "mains", "0.52", "7.6", 68, 7, 18, 150, "chlorine, 0.4 mg/L"),
    ("Roof rain", "rain", "0.04", "6.1", 2, 0, 3, 5, "filtered, no buffer"),
    ("RO barrel", "ro", "0.02", "6.3", 0, 0, 2, 3, "from mains"),
    ("Slip borehole", "well", "0.86", "7.3", 112, 15, 31, 265, "hard"),
)

# maker, name, tag, role, form
_PRODUCTS = (
    ("Marram", "Marram One", "M1", Role.BASE),
    ("Marram", "Marram Two", "M2", Role.BASE),
    ("Turnstone", "Keel", "Ke", Role.BASE),
    ("Turnstone", "Keel H", "KH", Role.BASE),
    ("Turnstone", "Frond", "Fr", Role.BASE),
    ("Turnstone", "Drupe", "Dr", Role.BASE),
    ("Saltpan", "Steady", "St", Role.BUFFER),
    ("Saltpan", "Glasswort", "Gl", Role.SILICA),
    ("Saltpan", "Limpet", "Li", Role.CALMAG),
    ("Saltpan", "Wrack", "Wr", Role.ADDITIVE_ALKALINE),
    ("Saltpan", "Scour", "Sc", Role.ENZYME),
    ("Saltpan", "Second Tide", "2T", Role.BOOSTER),
    ("Saltpan", "Mudlark", "Mu", Role.LIVE),
    ("Fathom", "Fathom Down N", "FN", Role.PH_ADJUSTER),
    ("Fathom", "Fathom Down P", "FP", Role.PH_ADJUSTER),
    ("Fathom", "Fathom Up", "FU", Role.PH_ADJUSTER),
    ("Samphire", "Samphire", "Sa", Role.BASE),
)

# name, crop, system, grown in, litres, width and height in cm, water, chart, column, strength %
_TANKS = (
    ("Strawberry gutters", "strawberries", "nutrient film", "water", 425, 110, 48,
     "Yard mains", "Marram", "w5", 80),
    ("Gerbera bench", "gerbera", "coir, batch tank", "coir", 220, 70, 62,
     "Roof rain", "Turnstone", "flower", 70),
    ("Cucumber buckets", "cucumber", "deep water", "water", 204, 120, 38,
     "Yard mains", "Marram", "w4", 60),
    ("Shiso raft", "shiso", "deep water", "water", 140, 100, 30,
     "RO barrel", "Marram", "w2", 50),
    ("Nursery tray", "strawberry plugs", "ebb and flow", "water", 12, 52, 14,
     "Roof rain", "Marram", "w1", 50),
    ("Living raft", "shiso, organic", "deep water, living", "water", 90, 80, 28,
     "RO barrel", "Samphire", "hold", 100),
)  # fmt: skip


@transaction.atomic
def load_scenario() -> Grow:
    """Make the demo's grow, with its people and everything it owns."""
    grow = Grow.objects.create(name="Gullhouse Yard", time_zone="Europe/London", is_demo=True)
    for name in DEMO_PEOPLE:
        person = User.objects.filter(username=name).first()
        if person is None:
            person = User.objects.create_user(name, password=DEMO_PASSWORD)
        Membership.objects.create(grow=grow, person=person, gallon="us")
    Product.objects.bulk_create(
        Product(grow=grow, maker=maker, name=name, tag=tag, role=role, form=Form.LIQUID)
        for maker, name, tag, role in _PRODUCTS
    )
    for file in sorted(_CHARTS.glob("*.json")):
        document = document_of(FeedChart, read_json(file.read_bytes()))
        publish_chart(grow, document, maker=document.name.partition(",")[0])
    _load_tanks(grow)
    return grow


def _load_tanks(grow: Grow) -> None:
    waters = {}
    for name, kind, ec, ph, calcium, magnesium, sodium, alkalinity, note in _WATERS:
        waters[name] = WaterSource.objects.create(
            grow=grow, name=name, kind=kind, ec=Decimal(ec), ph=Decimal(ph), calcium_ppm=calcium,
            magnesium_ppm=magnesium, sodium_ppm=sodium, alkalinity_ppm=alkalinity, note=note,
        )  # fmt: skip
    charts = {chart.name: chart for chart in Chart.objects.filter(grow=grow)}
    for position, row in enumerate(_TANKS):
        name, crop, system, medium, litres, width, height, water, chart, column, strength = row
        Tank.objects.create(
            grow=grow, name=name, crop=crop, system=system, grown_in=medium, litres=litres,
            width_cm=width, height_cm=height, water=waters[water], chart=charts[chart],
            column=column, strength_percent=strength, position=position,
        )  # fmt: skip


@transaction.atomic
def remove_scenario() -> None:
    """Remove the demo's grow and its people; other grows are not touched."""
    demo = Grow.objects.filter(is_demo=True)
    for grow in demo:
        Tank.objects.filter(grow=grow).delete()  # tanks protect their waters
        Chart.objects.filter(grow=grow).delete()  # rows protect their products
        grow.delete()
    User.objects.filter(username__in=DEMO_PEOPLE, memberships=None).delete()
