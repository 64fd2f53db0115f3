"""Gullhouse Yard: tanks, waters, products and charts of the demo. All of it is invented."""

from datetime import date, timedelta
from decimal import Decimal
from fractions import Fraction

from django.contrib.auth.models import User
from django.db import transaction
from django.utils import timezone

from core.chart.growing import Crop, System
from server.charts.models import Chart
from server.charts.starters import maker_of, starters
from server.charts.store import publish_chart
from server.demo.changes import load_changes
from server.demo.seasons import load_seasons
from server.demo.shelf import load_shelf
from server.grows.demo_people import DEMO_PASSWORD, DEMO_PEOPLE, DEMO_PERSON
from server.grows.models import Grow, Membership
from server.grows.roles import MemberRole
from server.guided.models import Mix, MixEvent
from server.seasons.models import Season
from server.tanks.models import BlendedWater, Tank, TimeLineEntry, WaterBlend, WaterSource
from server.tanks.timeline import note_reading

# name, kind, EC mS/cm, pH, °C, disinfectant, lab report in ppm, note
_WATERS: tuple[tuple[str, str, str, str, str, str, dict[str, str], str], ...] = (
    ("Yard mains", "mains", "0.52", "7.6", "18", "chlorine",
     {"calcium": "68", "magnesium": "7", "potassium": "2", "sodium": "18", "chloride": "32",
      "sulfur": "11", "nitrate_n": "4", "alkalinity": "150"}, "chlorine, 0.4 mg/L"),
    ("Roof rain", "rain", "0.04", "6.1", "", "none",
     {"calcium": "2", "magnesium": "0", "sodium": "3", "alkalinity": "5"}, "filtered, no buffer"),
    ("RO barrel", "ro", "0.02", "6.3", "", "none",
     {"calcium": "0", "magnesium": "0", "sodium": "2", "alkalinity": "3"}, "from mains"),
    ("Slip borehole", "well", "0.86", "7.3", "", "none",
     {"calcium": "112", "magnesium": "15", "sodium": "31", "chloride": "48", "sulfur": "18",
      "alkalinity": "265"}, "hard"),
)  # fmt: skip
_REPORTED_ON = date(2026, 3, 17)

# name, crop, kind of crop, system, kind of system, grown in, litres, width and height in cm, water,
# chart, column, whether it is held there, strength %
_TANKS = (
    ("Strawberry gutters", "strawberries", Crop.FRUITING, "nutrient film", System.FILM, "water",
     425, 110, 48, "Yard mains", "Marram", "w5", False, 80),
    ("Gerbera bench", "gerbera", Crop.FLOWERS, "coir, batch tank", System.DRIP, "coir",
     220, 70, 62, "Roof rain", "Turnstone", "flower", False, 70),
    ("Cucumber buckets", "cucumber", Crop.FRUITING, "recirculating deep water",
     System.RECIRCULATING_DEEP_WATER, "water",
     204, 120, 38, "Yard mains", "Marram", "w4", False, 60),
    ("Shiso raft", "shiso", Crop.LEAFY, "deep water", System.DEEP_WATER, "water",
     140, 100, 30, "RO barrel", "Marram", "w2", True, 50),
    ("Nursery tray", "strawberry plugs", Crop.FRUITING, "ebb and flow", System.EBB_AND_FLOW,
     "water",
     12, 52, 14, "Roof rain", "Marram", "w1", False, 50),
    ("Living raft", "shiso, organic", Crop.LEAFY, "deep water, living", System.DEEP_WATER, "water",
     90, 80, 28, "RO barrel", "Samphire", "hold", False, 100),
)  # fmt: skip

_JOINED = {
    "Strawberry gutters": (420, {"unit": "cm", "vessels": [
        {"name": "Header", "shape": "box", "level": "40",
         "lengths": {"length": "105", "width": "100", "height": "48"}},
        {"name": "Gutters", "shape": "channel", "level": "0.25", "count": 5, "film": True,
         "runs": True, "lengths": {"length": "400", "width": "10", "height": "5", "slope": "6"}},
    ]}),
}  # fmt: skip
"""Of tanks that were measured: litres that stand while the pump rests, and their vessels."""


@transaction.atomic
def load_scenario() -> Grow:
    """Make the demo's grow, with its people and everything it owns."""
    grow = Grow.objects.create(name="Gullhouse Yard", time_zone="Europe/London", is_demo=True)
    for name in DEMO_PEOPLE:
        person = User.objects.filter(username=name).first()
        if person is None:
            person = User.objects.create_user(name, password=DEMO_PASSWORD)
        role = MemberRole.OWNER if name == DEMO_PERSON else MemberRole.MIXER
        Membership.objects.create(grow=grow, person=person, role=role, gallon="us")
    load_shelf(grow)
    for document in starters().values():
        publish_chart(grow, document, maker=maker_of(document))
    _load_tanks(grow)
    load_seasons(grow)
    load_changes(grow)
    return grow


def _load_tanks(grow: Grow) -> None:
    waters = {}
    for name, kind, ec, ph, degrees, disinfectant, report, note in _WATERS:
        waters[name] = WaterSource.objects.create(
            grow=grow, name=name, kind=kind, disinfectant=disinfectant, reported_on=_REPORTED_ON,
            note=note, **{f"{element}_ppm": Decimal(ppm) for element, ppm in report.items()},
        )  # fmt: skip
        read = {"ec": Fraction(ec), "ph": Fraction(ph)}
        if degrees:
            read["temperature"] = Fraction(degrees)
        _read_before(waters[name], ec)
        note_reading(waters[name], read, by=None)
    blend = WaterBlend.objects.create(grow=grow, name="55 % RO", water=waters["Yard mains"])
    BlendedWater.objects.create(
        grow=grow, blend=blend, water=waters["RO barrel"], share=Decimal("0.55")
    )
    charts = {chart.name: chart for chart in Chart.objects.filter(grow=grow)}
    for position, row in enumerate(_TANKS):
        (name, crop, crop_kind, system, system_kind, medium, litres, width, height, water, chart,
         column, held, strength) = row  # fmt: skip
        standing, joined = _JOINED.get(name, (None, None))
        Tank.objects.create(
            grow=grow, name=name, crop=crop, crop_kind=crop_kind, system=system,
            system_kind=system_kind, grown_in=medium, litres=litres, width_cm=width,
            height_cm=height, water=waters[water], chart=charts[chart], column=column, held=held,
            strength=Decimal(strength) / 100, position=position, standing=standing, joined=joined,
        )  # fmt: skip


def _read_before(water: WaterSource, ec: str) -> None:
    """A reading a month for a year: what a season makes of a water that comes from far."""
    swing = _SEASON.get(water.kind)
    for months, share in enumerate(swing or (), 1):
        figure = str((Decimal(ec) * share / 100).quantize(Decimal("0.01")))
        TimeLineEntry.objects.create(
            grow=water.grow, water=water, kind=TimeLineEntry.Kind.READING,
            at=timezone.now() - timedelta(days=30 * months),
            values={"ec": {"value": figure, "unit": "mS/cm"}},
        )  # fmt: skip


_SEASON = {
    "mains": (98, 96, 94, 92, 90, 92, 96, 100, 104, 106, 104),
    "well": (100, 101, 102, 101, 100, 99, 99, 98, 99, 100, 101),
}
"""Percent of today's reading, month by month back."""


@transaction.atomic
def remove_scenario() -> None:
    """Remove the demo's grow and its people; other grows are not touched."""
    demo = Grow.objects.filter(is_demo=True)
    for grow in demo:
        Mix.objects.filter(grow=grow).delete()  # mixes protect tanks and charts
        Season.objects.filter(grow=grow).delete()  # seasons protect charts
        Tank.objects.filter(grow=grow).delete()  # tanks protect their waters
        Chart.objects.filter(grow=grow).delete()  # rows protect their products
        grow.delete()
    # What was done in a grow that was brought in keeps the names of who did it.
    events = MixEvent.objects.values_list("by", "told_by")
    did = {person for row in events for person in row if person is not None}
    people = User.objects.filter(username__in=DEMO_PEOPLE, memberships=None)
    people.exclude(pk__in=did).delete()
