"""Rules of timing as leaflets word them (wordings: common practice), and what is no rule by days."""

import pytest

from core.chart import Form, Product, Role, Stage
from core.course import printed_rules
from core.formats.course_request import RuleDocument

SCOUR = Product("sc", "Scour", Role.ENZYME, Form.LIQUID)
TIDE = Product("t", "Tide", Role.BOOSTER, Form.LIQUID)
SECOND_TIDE = Product("t2", "Second Tide", Role.BOOSTER, Form.LIQUID)
BOTTLES = (SCOUR, TIDE, SECOND_TIDE)


@pytest.mark.parametrize(
    ("note", "every", "until", "from_day", "stages"),
    [
        ("Scour: every 14 days", 14, None, 0, set()),
        ("Scour every second week", 14, None, 0, set()),
        ("Use Scour once a week.", 7, None, 0, set()),
        ("Scour: weekly, from week 3", 7, None, 14, set()),
        ("scour once every 10 days, only in flower", 10, None, 0, {Stage.FLOWER}),
        ("Do not use Scour in the last 2 weeks before harvest", None, 14, 0, set()),
        ("Scour: every 7 days until 10 days before harvest", 7, 10, 0, set()),
        ("Never give Scour in the final week", None, None, 0, None),
        ("Scour: every second watering", None, None, 0, None),
        ("Scour: once every 2 feedings", None, None, 0, None),
        ("Scour: every 14 days with every second feed", None, None, 0, None),
        ("Scour is gentle", None, None, 0, None),
        ("every 14 days", None, None, 0, None),
        ("Scourge every 14 days", None, None, 0, None),
        ("Scour: every 900 days", None, None, 0, None),
    ],
)
def test_a_note_is_a_rule_or_stays_a_note(
    note: str, every: int | None, until: int | None, from_day: int, stages: set[Stage] | None
) -> None:
    found = printed_rules([note], BOTTLES)
    if stages is None:
        assert found == ()
        return
    [one] = found
    rule = one.rule
    assert (rule.product, one.note) == ("sc", note)
    assert (rule.every_days, rule.until_days_before_harvest) == (every, until)
    assert (rule.from_day, rule.only_stages) == (from_day, stages)
    assert RuleDocument.of(rule).rule() == rule


def test_a_note_is_of_the_bottle_that_it_names_and_of_no_shorter_name() -> None:
    notes = ["Second Tide: every 7 days", "Tide: every 14 days", "Tide: every 3 days"]
    found = {one.rule.product: one.rule.every_days for one in printed_rules(notes, BOTTLES)}
    assert found == {"t2": 7, "t": 14}
