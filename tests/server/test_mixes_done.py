"""Mixes that are over, found again over the API."""

from typing import Any

from server.guided.models import Mix
from tests.server.at_the_bench import begin, finish
from tests.server.conftest import Yard


def done(yard: Yard, **asked: object) -> dict[str, Any]:
    yard.client.force_login(yard.person)
    answer: dict[str, Any] = yard.client.get(f"/api/grows/{yard.grow.pk}/mixes-done", asked).json()
    return answer


def test_a_mix_that_is_over_is_found_by_tank_chart_and_person(yard: Yard) -> None:
    known = {one["id"] for one in done(yard)["items"]}
    mix = Mix.objects.get(pk=finish(yard, begin(yard))["id"])
    line = done(yard)["items"][0]
    assert line["id"] not in known
    assert (line["id"], line["tank"], line["is_given_up"]) == (mix.pk, mix.tank_id, False)
    assert (line["chart_name"], line["version_id"]) == (mix.version.chart.name, mix.version_id)
    assert (line["column"], line["label"]) == (mix.column, mix.label)
    assert line["people"] == [yard.person.get_username()]
    assert line["volume"] == "425 L"
    assert line["ec"]
    for asked in (
        {"tank": mix.tank_id},
        {"chart_id": mix.version.chart_id},
        {"person": yard.person.get_username()},
    ):
        assert done(yard, **asked)["items"][0]["id"] == mix.pk
    assert done(yard, person="somebody else")["items"] == []


def test_what_is_given_up_says_so_and_what_is_under_way_is_no_mix_yet(yard: Yard) -> None:
    mix = begin(yard)
    assert mix["id"] not in {one["id"] for one in done(yard)["items"]}
    yard.send("DELETE", f"/api/grows/{yard.grow.pk}/mixes/{mix['id']}", None)
    line = done(yard)["items"][0]
    assert (line["id"], line["is_given_up"], line["people"]) == (mix["id"], True, [])


def test_pages_go_on_from_the_last_mix_and_miss_none(
    yard: Yard, django_assert_max_num_queries: Any
) -> None:
    first = Mix.objects.get(pk=finish(yard, begin(yard))["id"])
    # Several at one moment, as an import brings them.
    kept = {field.attname: getattr(first, field.attname)
            for field in Mix._meta.concrete_fields if not field.primary_key}  # fmt: skip
    Mix.objects.bulk_create(Mix(**kept) for _ in range(120))
    found, before = list[int](), None
    done(yard)
    while not found or before is not None:
        asked = {} if before is None else {"before": before}
        with django_assert_max_num_queries(6):
            page = yard.client.get(f"/api/grows/{yard.grow.pk}/mixes-done", asked).json()
        found += [one["id"] for one in page["items"]]
        before = page["before"]
    over = Mix.objects.filter(grow=yard.grow).exclude(ended_at=None)
    assert found == list(over.order_by("-ended_at", "-pk").values_list("pk", flat=True))


def test_a_tank_chart_or_mix_of_another_grow_is_not_there(yard: Yard, neighbour: Yard) -> None:
    mix = Mix.objects.get(pk=finish(yard, begin(yard))["id"])
    neighbour.client.force_login(neighbour.person)
    for asked in ({"tank": mix.tank_id}, {"chart_id": mix.version.chart_id}, {"before": mix.pk}):
        answer = neighbour.client.get(f"/api/grows/{neighbour.grow.pk}/mixes-done", asked)
        assert answer.status_code == 404
    assert done(neighbour)["items"] == []
