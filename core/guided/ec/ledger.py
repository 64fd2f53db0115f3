"""What went into a tank, what of it is still in, and how far that should lift the reading."""

from collections.abc import Mapping
from dataclasses import dataclass, field
from fractions import Fraction

from core.guided.ec.slope import SLOPE_OFF
from core.guided.ec.usual import STRONGEST_ADDITIVE
from core.guided.plan import GuidedPlan, GuidedPour

_NONE = Fraction(0)


@dataclass(slots=True)
class Ledger:
    """What went into a tank, step by step.

    Args:
        plan: what the mix was started from.
        litres: in the tank, by which sums are made; the plan's, until the bench settled others.
        dose_litres: for which printed doses count: more than the plan's only where somebody
            measured them and the reading agrees.
        shrink: the share of the planned scaled doses for which the water that was read leaves room.
        poured: mL or g of each product that went in, in the whole mix.
        inside: mL or g of each that is still in.
        left_out: mL or g of each that was left out on the screen, and that no reading has shown to
            be out indeed; as much of it as would still be in.
    """

    plan: GuidedPlan
    litres: Fraction
    dose_litres: Fraction
    shrink: Fraction = Fraction(1)
    poured: dict[str, Fraction] = field(default_factory=dict)
    inside: dict[str, Fraction] = field(default_factory=dict)
    left_out: dict[str, Fraction] = field(default_factory=dict)

    def pour(self, key: str, amount: Fraction) -> None:
        """So many mL or g went in."""
        for account in (self.poured, self.inside):
            account[key] = account.get(key, _NONE) + amount

    def keep(self, share: Fraction) -> None:
        """So large a share stayed in when the tank was drained and filled."""
        self.inside = {key: amount * share for key, amount in self.inside.items()}
        self.left_out = {key: amount * share for key, amount in self.left_out.items()}

    def leave_out(self, key: str, amount: Fraction) -> None:
        """So many mL or g were to go in, and somebody told that they did not."""
        self.left_out[key] = self.left_out.get(key, _NONE) + amount

    def planned(self, key: str) -> Fraction:
        """What the mix pours of a product, after the water was read; mL or g."""
        scaled = any(p.scaled for p in self.plan.pours if p.key == key)
        return self.plan.whole(key) * (self.shrink if scaled else 1)

    def dose(self, key: str) -> Fraction:
        """Printed dose × strength of a product in this tank, mL or g."""
        return self.planned(key) * self.dose_litres / self.plan.litres

    def asked(self, pour: GuidedPour) -> Fraction:
        """What one pour takes of its dose, for the litres and the water that there are; mL or g."""
        amount = (pour.amount or _NONE) * (self.shrink if pour.scaled else 1)
        return amount * self.dose_litres / self.plan.litres

    def of_dose(self, key: str) -> Fraction | None:
        """The share of that dose, or of the one printed beside a rule, that went in in all."""
        by_rule = self._estimate(key) * max(self.dose_litres / self.plan.litres, Fraction(1))
        printed = max(self.plan.whole(key), self.dose(key)) or by_rule
        return self.poured.get(key, _NONE) / printed if printed else None

    def shares_of_dose(self) -> dict[str, Fraction]:
        """The same of everything that went in, where it is known."""
        shares = {key: self.of_dose(key) for key in self.poured}
        return {key: share for key, share in shares.items() if share is not None}

    @property
    def printed_doses(self) -> dict[str, Fraction]:
        """Printed dose × strength of each product that has one, for the litres that count."""
        wholes = {pour.key: self.plan.whole(pour.key) for pour in self.plan.pours}
        share = self.dose_litres / self.plan.litres
        return {key: whole * share for key, whole in wholes.items() if whole}

    def left(self, key: str) -> Fraction:
        """What may still go in before that dose is passed."""
        return max(self.dose(key) - self.poured.get(key, _NONE), _NONE)

    def ec_rise(self, key: str, amount: Fraction) -> Fraction:
        """mS/cm that so much of a product is expected to bring in this tank.

        Of feed without label or chart's EC, what a common one brings.
        """
        return self.plan.brings_about(key, amount) / self.litres

    def _spread(self, amounts: Mapping[str, Fraction]) -> tuple[Fraction, Fraction] | None:
        """By how much less and more than expected those may bring; None where all is known."""
        unsure = [
            (usual, much) for key, much in amounts.items() if (usual := self.plan.usual_of(key))
        ]
        if not any(much for _, much in unsure):
            return None
        less = sum((much * (usual.common - usual.weakest) for usual, much in unsure), _NONE)
        more = sum((much * (usual.strongest - usual.common) for usual, much in unsure), _NONE)
        return less / self.litres, more / self.litres

    @property
    def expected_between(self) -> tuple[Fraction, Fraction] | None:
        """mS/cm between which what is in may bring it; None where label or chart tell of all."""
        return self._between(self.inside)

    @property
    def most_of_additives(self) -> Fraction:
        """mS/cm that additives without label or chart's EC may bring at most."""
        return sum(self.inside.values(), _NONE) * STRONGEST_ADDITIVE / self.litres

    @property
    def planned_between(self) -> tuple[Fraction, Fraction] | None:
        """The same of the whole mix where it is poured as planned."""
        return self._between(self._planned_doses)

    def _between(self, amounts: Mapping[str, Fraction]) -> tuple[Fraction, Fraction] | None:
        spread = self._spread(amounts)
        if spread is None:
            return None
        together = self._together(amounts)
        known = {key: much for key, much in amounts.items() if not self.plan.usual_of(key)}
        off = self._together(known) * SLOPE_OFF
        return max(together - spread[0] - off, _NONE), together + spread[1] + off

    def _estimate(self, key: str) -> Fraction:
        estimates = (p.estimate or _NONE for p in self.plan.pours if p.key == key)
        return sum(estimates, _NONE)

    @property
    def expected(self) -> Fraction:
        """mS/cm above the water that what is in should bring."""
        return self._together(self.inside)

    @property
    def expected_of_left_out(self) -> Fraction:
        """mS/cm that what was left out would bring besides."""
        return self._together(self.left_out)

    def _together(self, amounts: Mapping[str, Fraction]) -> Fraction:
        return sum((self.ec_rise(key, amount) for key, amount in amounts.items()), _NONE)

    @property
    def as_planned(self) -> Fraction:
        """mS/cm above the water that the whole mix brings where it is poured as planned."""
        return self._together(self._planned_doses)

    @property
    def _planned_doses(self) -> dict[str, Fraction]:
        keys = dict.fromkeys(p.key for p in self.plan.pours if p.stop_at_rise is None)
        return {key: self.dose(key) for key in keys}

    def shares(self) -> dict[str, Fraction]:
        """Of each base part the share of its dose that is in."""
        return {
            key: self.inside.get(key, _NONE) / dose
            for key in self.plan.base
            if (dose := self.dose(key)) > 0
        }

    def is_askew(self, tolerance: Fraction) -> bool:
        """Whether the base parts that are in are out of the chart's ratio."""
        shares = self.shares().values()
        return len(shares) > 1 and max(shares) - min(shares) > tolerance * max(shares)
