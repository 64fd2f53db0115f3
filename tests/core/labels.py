"""Labels and shelves for tests: invented, but such as are sold."""

from core.chemistry import Acid, AcidKind, Basis, Label, Nutrient, Salt
from core.planning import AcidOnShelf, OnShelf, Shelf
from tests.core.mixes import F


def label(density: str | None = "1.2", **percents: str) -> Label:
    """A label by weight."""
    analysis = {Nutrient(line): F(percent) for line, percent in percents.items()}
    return Label(analysis, Basis.BY_WEIGHT, None if density is None else F(density))


PART_ONE = label(N_nitrate="4.2", N_ammonium="0.2", Ca="5.2", K2O="1.6", Fe="0.05")
PART_TWO = label(P2O5="3.2", K2O="6.4", Mg="1.3", S="1.8", N_nitrate="0.5")
CALMAG = label("1.25", N_nitrate="3", Ca="3.2", Mg="1.2")


def acid(kind: AcidKind = AcidKind.NITRIC, percent: str = "38") -> Label:
    """An acid as a pH adjuster that a chart doses."""
    return Label({}, acid=Acid(kind, F(percent)))


def salt(kind: Salt) -> Label:
    """A plain salt."""
    return Label({}, salt=kind)


def shelf(*acids: AcidOnShelf, **labels: Label) -> Shelf:
    """Labels by product key, and acids for pH."""
    return Shelf({key: OnShelf(known) for key, known in labels.items()}, acids)


def acid_on_shelf(kind: AcidKind = AcidKind.NITRIC, percent: str = "38") -> AcidOnShelf:
    """A bottle of acid for pH."""
    return AcidOnShelf(kind.value, f"Down {kind.value}", Acid(kind, F(percent)))


def labelled(*acids: AcidOnShelf, **more: Label) -> Shelf:
    """A two-part base with its labels."""
    return shelf(*acids, one=PART_ONE, two=PART_TWO, **more)
