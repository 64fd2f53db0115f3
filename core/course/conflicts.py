"""What of a season cannot be as it was asked for; each says what meets what."""

from collections.abc import Iterable
from dataclasses import dataclass

from core.chart import Column
from core.course.request import Happening, TimingRule


@dataclass(frozen=True, slots=True)
class CourseConflict:
    """What cannot be.

    Args:
        code: a stable word for it.
        rules: the products of the rules, or what else meets.
        message: what is wrong and what to do, in the grower's words.
    """

    code: str
    rules: tuple[str, ...]
    message: str

    @classmethod
    def season_over(cls, happening: Happening) -> "CourseConflict":
        """Something is decided about a column when none holds."""
        return cls(
            "season_over",
            (happening.kind.value,),
            f"On {happening.on} no column held any more, so nothing could "
            f"{happening.kind.value.replace('_', ' ')}. Begin a season, or move its end first.",
        )

    @classmethod
    def nothing_to_stretch(cls, happening: Happening, column: Column) -> "CourseConflict":
        """A column without days cannot be longer or shorter."""
        return cls(
            "nothing_to_stretch",
            (happening.kind.value, column.key),
            f"{column.label} has no length of its own and goes on until it is ended, so it cannot "
            f"be stretched on {happening.on}. Hold it, or go on to the next column.",
        )

    @classmethod
    def shortened_too_far(cls, happening: Happening, column: Column) -> "CourseConflict":
        """What is past stays as it was."""
        return cls(
            "shortened_too_far",
            (happening.kind.value, column.key),
            f"{column.label} had fewer days left on {happening.on} than it was shortened by; it "
            "ends on that day.",
        )

    @classmethod
    def no_such_stage(cls, rule: TimingRule) -> "CourseConflict":
        """A rule for stages that do not come any more."""
        stages = " or ".join(sorted(rule.only_stages))
        return cls(
            "no_such_stage",
            (rule.product, "stages"),
            f"{rule.product} is only for {stages}, and no column of this season is that. Choose a "
            "stage that the chart has.",
        )

    @classmethod
    def ends_before_it_begins(cls, rule: TimingRule) -> "CourseConflict":
        """A rule whose two bounds exclude each other."""
        by = "harvest" if rule.until_days_before_harvest is not None else "until"
        return cls(
            "ends_before_it_begins",
            (rule.product, by),
            f"{rule.product} may begin only after its last day ({by}). Let it begin sooner or end "
            "later.",
        )

    @classmethod
    def no_harvest(cls, rule: TimingRule) -> "CourseConflict":
        """A rule that is counted from a harvest whose day nobody entered."""
        return cls(
            "no_harvest",
            (rule.product, "harvest"),
            f"{rule.product} is timed by the harvest, and its day is not known. Enter the day of "
            "harvest, or another bound.",
        )

    @classmethod
    def blocked(cls, rule: TimingRule, by: Iterable[str], *, never: bool) -> "CourseConflict":
        """A rule that finds no day, and what stands in its way."""
        others = sorted(by)
        when = "finds no day" if never else "comes later than its rule wants"
        return cls(
            "no_day" if never else "too_late",
            (rule.product, *others),
            f"{rule.product} {when}, because of {_listed(others)}. Give one of the two more room: "
            "fewer days apart, another occasion, or a longer time.",
        )

    @classmethod
    def oxidiser_meets_cultures(cls, oxidiser: str, cultures: str, on: str) -> "CourseConflict":
        """One filling brings both."""
        return cls(
            "oxidiser_meets_cultures",
            (cultures, oxidiser),
            f"{oxidiser} and {cultures} stand in one column ({on}): an oxidiser kills live "
            "cultures. Give one of them a rule that keeps them days apart.",
        )

    @classmethod
    def oxidiser_in_living_tank(cls, oxidiser: str) -> "CourseConflict":
        """A living tank takes no oxidiser at all."""
        return cls(
            "oxidiser_in_living_tank",
            (oxidiser, "living"),
            f"{oxidiser} is an oxidiser: it would kill what lives in this tank. It is left out of "
            "every filling.",
        )


def _listed(names: list[str]) -> str:
    shown = [_SAID.get(name, name) for name in names]
    return shown[0] if len(shown) == 1 else f"{', '.join(shown[:-1])} and {shown[-1]}"


_SAID = {
    "change_out": "its change-outs",
    "most_additions_a_day": "what one day may take",
    "stages": "the stages that it is for",
    "first_day": "its first and last day",
}
