"""The demo's shelf and bench: labels, what is left, vessels and scales. All of it is invented."""

from datetime import timedelta
from decimal import Decimal
from typing import Any

from django.utils import timezone

from core.chart import Form, Role
from core.meters import Measures, MeterKind
from core.vessels import Shows, VesselKind
from server.grows.models import Grow
from server.shelf.bottles import Bottle, StockChange, note_entry
from server.shelf.models import CalibrationEntry, MeasuringVessel, Meter, Product

_LIQUID, _DRY = Form.LIQUID, Form.DRY


def _label(density: str | None = None, basis: str = "w/w", **percents: str) -> dict[str, Any]:
    """A guaranteed analysis; density None where nobody has weighed the bottle."""
    told: dict[str, Any] = {"analysis": percents, "basis": basis}
    return told if density is None else {**told, "density": density}


def _salt(name: str) -> dict[str, Any]:
    return {"salt": name}


def _acid(kind: str, percent: str, density: str) -> dict[str, Any]:
    return {"acid": {"kind": kind, "percent": percent}, "density": density}


# maker, name, tag, role, form, mL or g left, label
PRODUCTS: tuple[tuple[str, str, str, Role, Form, str | None, dict[str, Any] | None], ...] = (
    ("Marram", "Marram One", "M1", Role.BASE, _LIQUID, "4200",
     _label("1.23", N_nitrate="4.2", N_ammonium="0.2", Ca="5", K2O="1.8", Fe="0.06", Mn="0.02",
            Zn="0.01", B="0.01")),
    ("Marram", "Marram Two", "M2", Role.BASE, _LIQUID, "3900",
     _label("1.2", P2O5="3.1", K2O="6.2", Mg="1.3", S="1.75", N_nitrate="0.55")),
    ("Turnstone", "Keel", "Ke", Role.BASE, _LIQUID, "2600",
     _label("1.28", N_nitrate="5.4", Ca="5.6", K2O="2.6", Fe="0.08", Mn="0.03", Zn="0.02", B="0.01",
            Cu="0.005", Mo="0.001")),
    ("Turnstone", "Keel H", "KH", Role.BASE, _LIQUID, "950",
     _label("1.24", N_nitrate="4.8", N_ammonium="1.1", Ca="1.8", K2O="5.6", Fe="0.08", Mn="0.03",
            Zn="0.02", B="0.01")),
    ("Turnstone", "Frond", "Fr", Role.BASE, _LIQUID, "1800",
     _label("1.22", N_nitrate="3.1", N_ammonium="0.7", P2O5="1.7", K2O="6.6", Mg="0.6", S="0.8")),
    ("Turnstone", "Drupe", "Dr", Role.BASE, _LIQUID, "2100",
     _label("1.25", P2O5="6.6", K2O="7.4", Mg="1.6", S="2.1")),
    ("Saltpan", "Steady", "St", Role.BUFFER, _LIQUID, "800", _label("1.08", K2O="4")),
    ("Saltpan", "Glasswort", "Gl", Role.SILICA, _LIQUID, "900",
     _label("1.12", K2O="2.6", SiO2="6.5")),
    ("Saltpan", "Limpet", "Li", Role.CALMAG, _LIQUID, "1100",
     _label("1.24", N_nitrate="3.1", Ca="3.2", Mg="1.2", Fe="0.05")),
    ("Saltpan", "Wrack", "Wr", Role.ADDITIVE_ALKALINE, _LIQUID, "600", _label(K2O="1.8")),
    ("Saltpan", "Scour", "Sc", Role.ENZYME, _LIQUID, "450", None),
    ("Saltpan", "Second Tide", "2T", Role.BOOSTER, _LIQUID, "700", _label(P2O5="8", K2O="6")),
    ("Saltpan", "Mudlark", "Mu", Role.LIVE, _LIQUID, "5000", None),
    ("Fathom", "Fathom Down N", "FN", Role.PH_ADJUSTER, _LIQUID, "950",
     _acid("nitric", "38", "1.23")),
    ("Fathom", "Fathom Down P", "FP", Role.PH_ADJUSTER, _LIQUID, "900",
     _acid("phosphoric", "59", "1.42")),
    ("Fathom", "Fathom Up", "FU", Role.PH_ADJUSTER, _LIQUID, "980",
     {"salt": "potassium_carbonate", "purity": "25"}),
    ("Samphire", "Samphire", "Sa", Role.BASE, _LIQUID, "4000", None),
    ("", "Calcium nitrate", "CN", Role.BASE, _DRY, "12000", _salt("calcium_nitrate")),
    ("", "Potassium nitrate", "KN", Role.BASE, _DRY, "9000", _salt("potassium_nitrate")),
    ("", "Monopotassium phosphate", "MK", Role.BASE, _DRY, "4000",
     _salt("monopotassium_phosphate")),
    ("", "Magnesium sulfate", "MS", Role.MAGNESIUM, _DRY, "10000", _salt("magnesium_sulfate")),
)  # fmt: skip

# product: mL of its largest bottle, and the price of that
_PRICES = {
    "Marram One": (5000, 52), "Marram Two": (5000, 52), "Keel": (4000, 54), "Keel H": (4000, 54),
    "Frond": (4000, 54), "Drupe": (4000, 54), "Glasswort": (500, 12), "Limpet": (1000, 13),
    "Wrack": (250, 19), "Scour": (500, 17), "Second Tide": (500, 21), "Steady": (250, 11),
    "Mudlark": (500, 24), "Fathom Down N": (1000, 9), "Fathom Down P": (1000, 9),
    "Fathom Up": (1000, 9), "Samphire": (5000, 61),
}  # fmt: skip

_HARD_FORMS = {"Keel H": "Keel"}

# kind, capacity, mark
_VESSELS = (
    (VesselKind.SYRINGE, "1", "0.01"),
    (VesselKind.SYRINGE, "5", "0.1"),
    (VesselKind.SYRINGE, "10", "0.2"),
    (VesselKind.SYRINGE, "20", "1"),
    (VesselKind.SYRINGE, "60", "1"),
    (VesselKind.CYLINDER, "100", "2"),
    (VesselKind.CYLINDER, "250", "5"),
    (VesselKind.JUG, "1000", "50"),
    (VesselKind.SCALE, "5000", "1"),
)


def _load_bottles(grow: Grow, cultures: Product) -> None:
    """What lives does not keep: one bottle is near its end, another stands closed after it."""
    today = timezone.now().date()
    for left, opened, batch in (("1800", today - timedelta(days=52), "K12"), ("3200", None, "K31")):
        bottle = Bottle.objects.create(
            grow=grow, product=cultures, left=Decimal(left), size=Decimal(3200), opened_on=opened,
            received_on=today - timedelta(days=60), keeps_days=60, batch=batch,
        )  # fmt: skip
        note_entry(cultures, StockChange.RECEIVED, Decimal(3200), bottle=bottle)
    note_entry(cultures, StockChange.USED, Decimal(-1400))


def load_shelf(grow: Grow) -> None:
    """Put the products on the shelf, and the vessels on the bench."""
    made = {
        product.name: product
        for product in Product.objects.bulk_create(
            Product(
                grow=grow, maker=maker, name=name, tag=tag, role=role, form=form, label=label,
                left=None if left is None else Decimal(left),
                size=_PRICES.get(name, (None, None))[0], price=_PRICES.get(name, (None, None))[1],
            )
            for maker, name, tag, role, form, left, label in PRODUCTS
        )
    }  # fmt: skip
    for name, stands_for in _HARD_FORMS.items():
        made[name].hard_form_of = made[stands_for]
        made[name].save(update_fields=["hard_form_of"])
    _load_bottles(grow, made["Mudlark"])
    Meter.objects.create(grow=grow, name="Bench pen", connection=Meter.Connection.SIMULATED)
    wand = Meter.objects.create(grow=grow, name="Quay wand", kind=MeterKind.EC_WAND.value)
    CalibrationEntry.objects.create(
        grow=grow, meter=wand, measures=Measures.EC.value, degrees=20,
        points=[{"standard": "1.413", "read": "1.4"}, {"standard": "2.76", "read": "2.73"}],
    )  # fmt: skip
    spare = Meter.objects.create(grow=grow, name="Spare pH pen", kind=MeterKind.PH_PEN.value)
    CalibrationEntry.objects.create(
        grow=grow, meter=spare, measures=Measures.PH.value, degrees=20,
        points=[{"standard": "4", "read": "4.5"}, {"standard": "7", "read": "7.0"}],
    )  # fmt: skip
    MeasuringVessel.objects.bulk_create(
        MeasuringVessel(
            grow=grow, kind=kind, capacity=Decimal(capacity), mark=Decimal(mark),
            shows=Shows.G, position=at,
        )
        for at, (kind, capacity, mark) in enumerate(_VESSELS)
    )  # fmt: skip
