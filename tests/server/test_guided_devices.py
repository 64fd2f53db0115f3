"""Phones at one mix, each with a clock and a network of its own: whatever comes late, twice, or in
another order, the mix is that of what was done."""

from collections import defaultdict
from dataclasses import dataclass, field
from fractions import Fraction
from random import Random
from time import time
from typing import Any

import pytest
from django.contrib.auth.models import User
from django.db import transaction
from django.test import Client
from hypothesis import HealthCheck, given, settings
from hypothesis import strategies as st

from core.guided import Event, EventKind, GuidedPlan, GuidedState, StepKind, replay
from core.guided.step_lookup import product_of_step
from core.guided.steps import READ_STEPS
from server.guided.models import Mix, MixEvent
from server.guided.running import events_of
from server.shelf.models import Product
from tests.lanes import drawn
from tests.server.at_the_bench import at, begin, event, finish, tell
from tests.server.conftest import Yard

READ = {StepKind.READ_TEMPERATURE: ["20"], StepKind.READ_WATER: ["0.52", "0.52", "0.7"],
        StepKind.READ_EC: ["1.82", "1.6", "2.1"], StepKind.READ_PH: ["5.9", "6.6", "5.2"]}  # fmt: skip
POURS = {StepKind.POUR, StepKind.ADD, StepKind.DRAIN, StepKind.ACID, StepKind.ALKALI}


@dataclass
class Phone:
    """What a phone at the bench knows: what it heard last, and what it has not told yet."""

    client: Client
    name: str
    plan: GuidedPlan
    path: str
    dice: Random
    off: float
    heard: list[Event] = field(default_factory=list)
    queue: list[dict[str, Any]] = field(default_factory=list)

    def sees(self) -> GuidedState:
        return replay(self.plan, [*self.heard, *map(self._as_heard, self.queue)])

    def _as_heard(self, told: dict[str, Any]) -> Event:
        figure = Fraction(told["figure"]) if told["figure"] else None
        return Event(told["id"], told["at"], self.name, EventKind(told["kind"]), told["step"],
                     figure, told["of"])  # fmt: skip

    def _stamp(self, kind: str, step: str = "", figure: str = "", of: str = "") -> None:
        last = self.queue[-1]["at"] if self.queue else 0
        moment = max(time() + self.off, last + 0.001)
        self.queue.append(event(kind, step, figure, of=of, at=moment, sure=True))

    def press(self) -> None:
        """Do what is asked, or nearly so; leave it out; take the last thing back."""
        state = self.sees()
        if self.dice.random() < 0.15 and state.undoable:
            return self._stamp("undone", of=state.undoable)
        if state.now is None:
            return None
        step = state.steps[state.now]
        if self.dice.random() < 0.1 or step.seconds is not None:
            self._stamp("skipped", step.id)  # nobody here stands through a time
        elif step.kind in READ_STEPS and step.kind in READ:
            self._stamp("read", step.id, self.dice.choice(READ[step.kind]))
        elif step.kind in POURS:
            share = self.dice.choice(["1", "1", "1", "1.1", "0.5"])
            figure = round(float(step.amount or 2) * float(share), 3)
            self._stamp("poured", step.id, str(figure))
        else:
            self._stamp("done", step.id)
        return None

    def tell(self) -> None:
        """Tell the queue in any order, some of it twice, and hear how it stands."""
        told = [*self.queue, *self.dice.sample(self.queue, len(self.queue) // 2)]
        self.dice.shuffle(told)
        if told:
            answer = self.client.post(
                f"{self.path}/events", {"events": told}, content_type="application/json"
            )
            assert answer.status_code in (200, 422), answer.content
            over = answer.json().get("error", {}).get("code") == "mix_is_over"
            assert answer.status_code == 200 or over, answer.content
        self.queue = []


def poured_by_hand(plan: GuidedPlan, events: list[MixEvent]) -> dict[str, Fraction]:
    """What went in of each product, counted with paper and pencil: of each step the first event
    that nobody took back, with its correction."""
    ordered = sorted(events, key=lambda one: (one.at, one.client_id))

    def stands(one: MixEvent) -> bool:
        by = (other for other in events if other.kind == "undone" and other.of == one.client_id)
        return not any(stands(other) for other in by)

    standing = [one for one in ordered if stands(one)]
    poured: dict[str, Fraction] = defaultdict(Fraction)
    seen: set[str] = set()
    for one in standing:
        if not one.step or one.step in seen:
            continue
        seen.add(one.step)
        product = product_of_step(plan, one.step)
        if one.kind == "poured" and product is not None:
            poured[product] += Fraction(one.figure or 0)
    return dict(poured)


@pytest.fixture
def phones(yard: Yard) -> list[Client]:
    other = Client()
    other.force_login(User.objects.get(username="tamsin"))
    return [yard.client, other]


@settings(max_examples=drawn(2, 8), suppress_health_check=[HealthCheck.function_scoped_fixture])
@given(st.randoms(use_true_random=False), st.sampled_from([-600.0, 0.0, 600.0]), st.booleans())
def test_what_phones_tell_late_and_twice_is_the_mix_that_was_done(
    yard: Yard, phones: list[Client], dice: Random, off: float, split: bool
) -> None:
    with transaction.atomic():
        bench = begin(yard, split=split)
        mix = Mix.objects.get(pk=bench["id"])
        plan, path = mix.as_plan(), at(yard, bench)
        two = [Phone(client, name, plan, path, dice, wrong) for client, name, wrong in
               zip(phones, ("wren", "tamsin"), (0.0, off), strict=True)]  # fmt: skip
        pressed: set[str] = set()
        for _ in range(dice.randint(20, 60)):
            phone = dice.choice(two)
            phone.press()
            pressed |= {one["id"] for one in phone.queue}
            if dice.random() < 0.5:
                phone.tell()
                phone.heard = events_of(mix)
        for phone in two:
            phone.tell()
        kept = list(mix.events.all())
        mix.refresh_from_db()
        if mix.ended_at is None:
            assert {one.client_id for one in kept} == pressed
        assert len({one.client_id for one in kept}) == len(kept)
        assert all(one.at.timestamp() <= time() + 1 for one in kept)

        state, shown = replay(plan, events_of(mix)), yard.client.get(path).json()
        assert shown["now"] == state.now
        assert [(one["id"], one["status"]) for one in shown["steps"]] == [
            (one.id, one.status.value) for one in state.steps
        ]
        by_hand = poured_by_hand(plan, kept)
        assert {key: amount for key, amount in state.poured.items() if amount} == {
            key: amount for key, amount in by_hand.items() if amount
        }
        _end_it(yard, shown, mix, plan)
        transaction.set_rollback(True)


def _end_it(yard: Yard, bench: dict[str, Any], mix: Mix, plan: GuidedPlan) -> None:
    """Settle what two phones told, go on to the end, and count the bottles."""
    left = {one.pk: one.left for one in Product.objects.filter(grow=yard.grow)}
    if mix.ended_at is None:
        while bench["conflicts"]:
            bench = tell(
                yard, bench,
                *(event("undone", of=one["other"], at=time()) for one in bench["conflicts"]),
            )  # fmt: skip
        bench = finish(yard, bench)
        if bench["ended_at"] is None:
            return  # a reading asks for what this grower does not do
        by_hand = poured_by_hand(plan, list(mix.events.all()))
        for line in bench["record"]["poured"]:
            product = mix.product(line["product"])
            if product is None:
                continue
            wanted = by_hand.get(line["product"], Fraction(0))
            assert Fraction(line["poured"]) == wanted
            now = Product.objects.get(pk=product)
            before = left[product]
            if before is not None:
                assert Fraction(now.left or 0) == max(Fraction(before) - wanted, 0)
