"""Names and rows that drawn leaflets have: invented bottles, and rows that are none."""

from core.leaflet.rows.words import TakenAs

STEMS = ("Skerry", "Grow", "Bloom", "Limpet", "Kestrel", "Tern Hydro", "Dunlin Veg", "Ebb")
PARTS = (("A", "B"), ("1", "2"), ("Part 1", "Part 2"), ("One", "Two"), ("A", "B", "C"))
OTHERS = (
    "Kelpie", "Tide boost", "Cal-mag", "Glass silica", "Scour enzymes", "Roothold", "Seaweed",
    "PK 13-14", "Fulvic", "Amber", "Eider", "Wrack tonic", "Humic acid", "Nori", "Epsom salt",
    "Dulse", "Blütenkraft", "Racines vives", "Fuerza verde", "pH Down", "Mermaid's purse",
)  # fmt: skip

ROWS: tuple[tuple[str, TakenAs, tuple[str, ...]], ...] = (
    *((name, TakenAs.NOTE, ("18", "18", "12")) for name in (
        "Light hours", "Hours of light", "Photoperiod", "Lichtstunden", "Heures de lumière",
        "Horas de luz", "Lichturen", "Ore di luce", "Lights on (h)", "Day length", "Lamp hours",
    )),
    *((name, TakenAs.NOTE, ("24", "25", "22")) for name in (
        "Temperature", "Temp", "Air temp °C", "Water temp", "Temperatur", "Température",
        "Temperatura", "Temperatuur", "Night temperature", "Root zone temp", "Max temp",
    )),
    *((name, TakenAs.NOTE, ("65", "60", "50")) for name in (
        "RH", "RH %", "Humidity", "Rel. humidity", "Luftfeuchte %", "Humidité", "Humedad",
        "Luchtvochtigheid", "Umidità", "R.H.",
    )),
    *((name, TakenAs.NOTE, ("7", "7", "14")) for name in (
        "Duration", "Length (days)", "Days", "Number of days", "Dauer (Tage)", "Durée (jours)",
        "Duración", "Dagen", "Giorni", "Weeks", "Age (days)", "Tage", "Jours", "Días",
    )),
    *((name, TakenAs.NOTE, ("2", "3", "4")) for name in (
        "Waterings per day", "Feedings", "Irrigations", "Times per week", "Plants", "Pots per m2",
        "Feeds per week", "Shots", "Giessen pro Tag", "Arrosages", "Riegos", "Gietbeurten",
        "Runoff %", "Frequency", "Changes", "Pflanzen", "Plantes", "Plantas",
    )),
    *((name, TakenAs.NOTE, ("10", "20", "20")) for name in (
        "Reservoir", "Reservoir (L)", "Tank volume", "Water per plant", "Volume", "Litres",
        "Top-up (L)", "Wasser (L)", "Eau (L)", "Agua (L)", "Height (cm)", "Höhe", "Hauteur",
    )),
    *((name, TakenAs.NOTE, ("120", "150", "160")) for name in (
        "Ca ppm", "N ppm", "Magnesium (ppm)", "K (mg/L)", "Nitrogen ppm", "Total ppm of N",
        "PPFD", "DLI", "Lux", "CO2", "CO2 ppm", "Cost", "Price (EUR)",
    )),
    *((name, TakenAs.NOTE, ("0.4", "0.4", "0.5")) for name in (
        "EC out", "EC in", "Base EC", "Tap EC", "EC of the tap", "EC runoff", "VPD", "VPD (kPa)",
        "Drain EC", "Source EC",
    )),
    *((name, TakenAs.EC, ("0.8", "1.2", "1.6")) for name in (
        "EC", "EC (mS/cm)", "Target EC", "E.C.", "CE", "Leitwert", "EC-Wert", "Conductivité",
        "Conductividad", "Geleidbaarheid", "Conducibilità",
    )),
    *((name, TakenAs.PH, ("5.8", "5.8", "6.0")) for name in (
        "pH", "P.H.", "pH-Wert", "pH target", "pH waarde", "Ph", "pH range",
    )),
)  # fmt: skip
"""Rows that are no bottles: name, what they are, and figures as they stand in them; common
practice on leaflets, the other languages from memory. Kept apart from the reader's own words."""

FEET = (
    "Keep out of reach of children", "Shake well before use", "Always mix into moving water",
    "Stop 10 days before harvest", "In hard water leave the cal-mag out",
)  # fmt: skip
