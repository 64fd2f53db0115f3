"""Feed charts: products in rows, weeks or stages in columns, doses in cells."""

from core.chart.model import Chart
from core.chart.parts import (
    Column,
    Dose,
    Form,
    Medium,
    PhWindow,
    Product,
    Readings,
    Stage,
)
from core.chart.roles import Role

__all__ = [
    "Chart",
    "Column",
    "Dose",
    "Form",
    "Medium",
    "PhWindow",
    "Product",
    "Readings",
    "Role",
    "Stage",
]
