"""A second look at a chart as typed: slips are found where they are, sound charts stay unblamed."""

from dataclasses import replace
from fractions import Fraction
from pathlib import Path

import pytest

from core.chart import Chart, Column, Dose, Medium, Readings, Role, Stage
from core.chemistry import Label
from core.formats import FeedChart, document_of, read_json
from core.lint import Finding, lint_chart
from core.quantities import DoseUnit
from core.quantities.units import LITRES, VolumeUnit
from tests.core.labels import PART_ONE, PART_TWO
from tests.core.mixes import F, ec, product
from tests.words import words_of

LABELS = {"one": PART_ONE, "two": PART_TWO}
PER_ML = F("0.72")
"""mS/cm for 1 mL/L of each of the two labelled parts, as their labels have it."""


def typed(*doses: str, readings: list[str] | None = None, unit: DoseUnit = DoseUnit.ML_PER_L,
          two: list[str] | None = None, days: int | None = 7) -> Chart:  # fmt: skip
    """A two-part chart of one column for each dose, with an EC that fits unless given."""
    parts = [product("one", Role.BASE, group="g"), product("two", Role.BASE, group="g")]
    columns, cells = [], []
    for at, dose in enumerate(doses):
        key = f"w{at + 1}"
        printed = readings[at] if readings else str(F(dose) * PER_ML)
        columns.append(Column(key, f"Week {at + 1}", days, Stage.LEAF, ec(printed)))
        for part, text in (("one", dose), ("two", two[at] if two else dose)):
            if text:
                cells.append(Dose(part, key, F(text), F(text), unit))
    return Chart("Typed", Medium.WATER, Readings.ADDED, False, tuple(parts), tuple(columns),
                 tuple(cells))  # fmt: skip


def found(chart: Chart, labels: dict[str, Label] | None = None) -> list[tuple[str, str | None]]:
    return [(finding.code, finding.column) for finding in lint_chart(chart, labels)]


def test_a_sound_chart_is_left_alone_with_labels_or_without() -> None:
    sound = typed("0.8", "1.2", "1.6", "2.0", "2.2", "1.8")
    assert found(sound) == []
    assert found(sound, LABELS) == []


def test_charts_of_the_demo_are_sound() -> None:
    for file in Path("server/charts/starters").glob("*.json"):
        chart = document_of(FeedChart, read_json(file.read_bytes())).chart()
        assert lint_chart(chart) == (), file.name


def test_a_part_missing_in_one_column() -> None:
    assert found(typed("1", "1.2", "1.4", two=["1", "", "1.4"])) == [("part_missing", "w2")]
    [finding] = lint_chart(typed("1", "1.2", two=["1", ""]))
    assert finding.product == "two"
    assert "Two is blank in Week 2, where One has a dose" in words_of(finding)


def test_a_leaf_part_may_leave_a_three_part_line_in_bloom() -> None:
    chart = typed("1", "1.2", "1.4", two=["1", "1.2", ""])
    third = product("three", Role.BASE, group="g")
    cells = [Dose("three", f"w{at}", F(1), F(1), DoseUnit.ML_PER_L) for at in (1, 2, 3)]
    three = replace(chart, products=(*chart.products, third), doses=(*chart.doses, *cells))
    assert "part_missing" not in [code for code, _ in found(three)]


def test_an_unequal_pair() -> None:
    unequal = typed("1", "1.2", two=["1", "1.3"])
    assert found(unequal) == [("pair_unequal_as_typed", "w2")]
    alone = product("alone", Role.BASE, group="a")  # a part by itself before them
    cells = [Dose("alone", f"w{at}", F(1), F(1), DoseUnit.ML_PER_L) for at in (1, 2)]
    more = replace(unequal, products=(alone, *unequal.products), doses=(*cells, *unequal.doses))
    assert ("pair_unequal_as_typed", "w2") in found(more)


@pytest.mark.parametrize(("third", "odd"), [("5.3", True), ("4.8", False), ("0.5", True)])
def test_doses_that_jump_by_more_than_three_times(third: str, odd: bool) -> None:
    chart = typed("1.4", "1.6", third, readings=["1", "1.1", "1.2"])
    assert (("dose_jumps", "w3") in found(chart)) is odd
    eased = replace(chart.columns[2], stage=Stage.FLUSH)
    flush = replace(chart, columns=(*chart.columns[:2], eased))
    assert "dose_jumps" not in [code for code, _ in found(flush)]


@pytest.mark.parametrize(
    ("third", "way", "times"),
    [("5.6", "rises 3.5 times", "3.50"), ("0.4", "falls 4.0 times", "4.00")],
)
def test_a_jump_tells_how_far_and_which_way(third: str, way: str, times: str) -> None:
    """From 1.6: 5.6 / 1.6 and 1.6 / 0.4."""
    jumps = [one for one in lint_chart(typed("1.4", "1.6", third)) if one.code == "dose_jumps"]
    assert [(way in words_of(one), one.values["times"]) for one in jumps] == [(True, times)] * 2


def test_ec_that_falls_while_doses_rise() -> None:
    chart = typed("1.4", "1.6", "1.8", readings=["1.0", "1.2", "1.1"])
    assert found(chart) == [("ec_falls_while_doses_rise", "w3")]


def test_columns_without_days() -> None:
    assert found(typed("1", "1.1", days=None)) == [("no_days", None)]
    chart = typed("1", "1.1")
    one = replace(chart, columns=(chart.columns[0], replace(chart.columns[1], days=None)))
    assert found(one) == [("no_days", "w2")]


def test_a_gallon_typed_as_a_litre_is_seen_by_the_labels_in_every_column() -> None:
    gallon = LITRES[VolumeUnit.GAL_US]
    as_litres = typed("3", "4", readings=[str(F(d) / gallon * PER_ML) for d in ("3", "4")])
    assert found(as_litres, LABELS) == [("litre_or_gallon", "w1"), ("litre_or_gallon", "w2")]
    as_gallons = typed("0.8", "1", unit=DoseUnit.ML_PER_GAL_US,
                       readings=[str(F(d) * PER_ML) for d in ("0.8", "1")])  # fmt: skip
    assert [code for code, _ in found(as_gallons, LABELS)] == ["litre_or_gallon"] * 2


def test_without_labels_one_column_off_the_others_by_a_gallon_is_seen() -> None:
    doses = ["1.0", "1.2", "4.9", "1.4", "1.5"]
    chart = typed(*doses, readings=["0.7", "0.85", "0.92", "1.0", "1.08"])
    assert ("litre_or_gallon", "w3") in found(chart)
    four = typed(*doses[:4], readings=["0.7", "0.85", "0.92", "1.0"])
    assert ("litre_or_gallon", "w3") in found(four)
    three = typed(*doses[:3], readings=["0.7", "0.85", "0.92"])  # too few to tell which is usual
    assert "litre_or_gallon" not in dict(found(three))


def test_a_us_gallon_taken_for_a_uk_one() -> None:
    doses = ["3", "4", "5"]
    chart = typed(*doses, unit=DoseUnit.ML_PER_GAL_US, readings=[
        str(F(d) / LITRES[VolumeUnit.GAL_UK] * _exact(d)) for d in doses])  # fmt: skip
    assert found(chart, LABELS) == [("us_or_uk_gallon", None)]


@pytest.mark.parametrize(("off", "told"), [("1.09", True), ("0.91", True), ("1.12", False)])
def test_columns_that_part_otherwise_are_no_matter_of_the_gallon(off: str, told: bool) -> None:
    """A gallon changes every column alike; one column off by more than a tenth is another thing."""
    doses, changed = ["3", "4", "5"], {"5": F(off)}
    chart = typed(*doses, unit=DoseUnit.ML_PER_GAL_US, readings=[
        str(F(d) / LITRES[VolumeUnit.GAL_UK] * _exact(d) / changed.get(d, 1)) for d in doses])  # fmt: skip
    assert (("us_or_uk_gallon", None) in found(chart, LABELS)) is told


@pytest.mark.parametrize(
    ("off", "told"), [("0.93", False), ("0.95", True), ("1.05", True), ("1.07", False)]
)
def test_what_parts_two_gallons_is_a_fifth_within_what_labels_are_sure_of(
    off: str, told: bool
) -> None:
    """A UK gallon is 1.201 US ones; labels and salts are sure to some six in a hundred."""
    doses = ["3", "4", "5"]
    chart = typed(*doses, unit=DoseUnit.ML_PER_GAL_US, readings=[
        str(F(d) / LITRES[VolumeUnit.GAL_UK] * _exact(d) / F(off)) for d in doses])  # fmt: skip
    assert (("us_or_uk_gallon", None) in found(chart, LABELS)) is told


def _exact(per_gallon: str) -> Fraction:
    """mS/cm for each mL/L at that dose, by the labels themselves."""
    from core.chart import Form
    from core.chemistry import conducts, contents_of

    dose = float(F(per_gallon) / LITRES[VolumeUnit.GAL_US])
    feed = [(contents_of(label, Form.LIQUID, Role.BASE), dose) for label in LABELS.values()]
    [ms_cm] = conducts([feed])
    assert ms_cm is not None
    return F(ms_cm / dose).limit_denominator(10_000)


def test_a_finding_is_a_sentence_with_its_way_out() -> None:
    charts = [typed("1", "1.2", "1.4", two=["1", "", "1.4"]), typed("1", "5", days=None)]
    findings: list[Finding] = [one for chart in charts for one in lint_chart(chart)]
    assert len(findings) >= 3
    for finding in findings:
        assert words_of(finding).endswith(".")
        assert "_" not in words_of(finding)
