"""What of a season cannot be as it was asked for; each says what meets what."""

from collections.abc import Iterable
from dataclasses import dataclass

from core.chart import Column
from core.course.request import Happening, TimingRule
from core.messages import Listed, Message


@dataclass(frozen=True, slots=True)
class CourseConflict:
    """What cannot be.

    Args:
        message: what is wrong and what to do; its code is a stable word for it.
        rules: the products of the rules, or what else meets.
    """

    message: Message
    rules: tuple[str, ...]

    @property
    def code(self) -> str:
        """A stable word for it."""
        return self.message.code

    @classmethod
    def season_over(cls, happening: Happening) -> "CourseConflict":
        """Something is decided about a column when none holds."""
        return cls(
            Message("season_over", on=happening.on, kind=happening.kind.value.replace("_", " ")),
            (happening.kind.value,),
        )

    @classmethod
    def nothing_to_stretch(cls, happening: Happening, column: Column) -> "CourseConflict":
        """A column without days cannot be longer or shorter."""
        return cls(
            Message("nothing_to_stretch", column=column.label, on=happening.on),
            (happening.kind.value, column.key),
        )

    @classmethod
    def shortened_too_far(cls, happening: Happening, column: Column) -> "CourseConflict":
        """What is past stays as it was."""
        return cls(
            Message("shortened_too_far", column=column.label, on=happening.on),
            (happening.kind.value, column.key),
        )

    @classmethod
    def no_such_stage(cls, rule: TimingRule) -> "CourseConflict":
        """A rule for stages that do not come any more."""
        stages = Listed(tuple(sorted(rule.only_stages)), "or")
        return cls(
            Message("no_such_stage", product=rule.product, stages=stages),
            (rule.product, "stages"),
        )

    @classmethod
    def ends_before_it_begins(cls, rule: TimingRule) -> "CourseConflict":
        """A rule whose two bounds exclude each other."""
        by = "harvest" if rule.until_days_before_harvest is not None else "until"
        return cls(
            Message("ends_before_it_begins", product=rule.product, by=by), (rule.product, by)
        )

    @classmethod
    def no_harvest(cls, rule: TimingRule) -> "CourseConflict":
        """A rule that is counted from a harvest whose day nobody entered."""
        return cls(Message("no_harvest", product=rule.product), (rule.product, "harvest"))

    @classmethod
    def blocked(cls, rule: TimingRule, by: Iterable[str], *, never: bool) -> "CourseConflict":
        """A rule that finds no day, and what stands in its way."""
        others = sorted(by)
        return cls(
            Message(
                "no_day" if never else "too_late", product=rule.product, others=_listed(others)
            ),
            (rule.product, *others),
        )

    @classmethod
    def oxidiser_meets_cultures(cls, oxidiser: str, cultures: str, on: str) -> "CourseConflict":
        """One filling brings both."""
        return cls(
            Message("oxidiser_meets_cultures", oxidiser=oxidiser, cultures=cultures, on=on),
            (cultures, oxidiser),
        )

    @classmethod
    def oxidiser_in_living_tank(cls, oxidiser: str) -> "CourseConflict":
        """A living tank takes no oxidiser at all."""
        return cls(Message("oxidiser_in_living_tank", oxidiser=oxidiser), (oxidiser, "living"))


def _listed(names: list[str]) -> Listed:
    """Products, and what else stands in the way."""
    return Listed(
        tuple(Message(f"course_bound.{name}") if name in _BOUNDS else name for name in names)
    )


_BOUNDS = frozenset({"change_out", "most_additions_a_day", "stages", "first_day"})
"""What stands in the way of a rule beside other rules."""
