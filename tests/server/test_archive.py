"""All of a grow out and in: the same grow again, and nothing of what is hostile."""

import io
import json
import resource
import warnings
import zipfile
from collections.abc import Callable
from datetime import UTC, datetime, timedelta
from pathlib import Path
from tempfile import NamedTemporaryFile
from typing import Any

import pytest
from django.contrib.auth.models import User
from django.core.files.uploadedfile import SimpleUploadedFile
from django.core.management import CommandError, call_command
from django.db import transaction
from hypothesis import given, settings
from hypothesis import strategies as st
from jsonschema import Draft202012Validator
from PIL import Image
from pytest_django import DjangoDbBlocker

from core.errors import InputError
from server.archive.files import VERSION, records_file
from server.archive.kept import KEPT
from server.archive.reading import bring_in
from server.archive.schema import archive_schema
from server.archive.writing import archive_bytes, records_of
from server.charts.models import Chart, ChartVersion, LeafletPicture
from server.demo.scenario import load_scenario, remove_scenario
from server.grows.authors import give_names
from server.grows.models import Grow, Membership
from server.guided.models import Mix, MixEvent
from server.seasons.models import Season
from server.shelf.bottles import note_entry, told_bottles
from server.shelf.models import Product
from server.tanks.models import Tank
from server.tanks.timeline import TimeLineEntry
from tests.lanes import drawn
from tests.server.at_the_bench import at as bench_of
from tests.server.at_the_bench import begin, finish, obey
from tests.server.conftest import Yard, demo_yard
from tests.words import words_of

KEPT_FILES = Path(__file__).parents[1] / "kept_files"
NOW = datetime(2026, 3, 14, 12, tzinfo=UTC)


@pytest.fixture
def full(yard: Yard) -> Yard:
    """The demo's yard with all that an archive can hold."""
    return filled(yard)


@pytest.fixture(scope="module")
def sound(django_db_setup: None, django_db_blocker: DjangoDbBlocker) -> bytes:
    """The archive of such a yard, made once; as it is it comes in."""
    with django_db_blocker.unblock(), transaction.atomic():
        raw = archive_bytes(filled(demo_yard()).grow, NOW)
        brought_in(raw)
        transaction.set_rollback(True)
    return raw


def filled(yard: Yard) -> Yard:
    """The yard with a corrected mix in its record, one under way, and a leaflet's picture."""
    over = finish(yard, begin(yard))
    correction = {"changes": [{"what": "volume", "figure": "420 L"}], "why": "the mark", "seen": 0}
    assert yard.send("POST", f"{bench_of(yard, over)}/corrections", correction)[0] == 200
    product = Product.objects.filter(grow=yard.grow).exclude(left=None)[0]
    for bottle in told_bottles(product):
        note_entry(product, "received", bottle.left, bottle=bottle)
    obey(yard, begin(yard), 0)
    edited = {"crop": "Everbearing strawberry"}
    assert yard.send("PATCH", f"/api/grows/{yard.grow.pk}/tanks/{yard.tank.pk}", edited)[0] == 200
    made = io.BytesIO()
    Image.new("RGB", (40, 30), "ivory").save(made, "WEBP")
    picture = LeafletPicture.objects.create(
        grow=yard.grow, image=made.getvalue(), width=40, height=30
    )
    ChartVersion.objects.filter(pk=yard.version.pk).update(picture=picture)
    return yard


def brought_in(raw: bytes, owner: User | None = None) -> Grow:
    """The grow that a file with these bytes makes."""
    with NamedTemporaryFile() as file:
        file.write(raw)
        file.flush()
        return bring_in(Path(file.name), owner)


def document(raw: bytes) -> dict[str, Any]:
    """What an archive says of itself, and its lists."""
    with zipfile.ZipFile(io.BytesIO(raw)) as archive:
        found: dict[str, Any] = json.loads(archive.read("archive.json"))
        for kept in KEPT:
            if records_file(kept.name) not in archive.namelist():
                continue  # the list came later than the file
            lines = archive.read(records_file(kept.name)).decode().splitlines()
            found[kept.name] = [json.loads(line) for line in lines]
    return found


def packed(told: Any, **files: bytes) -> bytes:
    """An archive that says so, with as many records as there are."""
    lists = {} if not isinstance(told, dict) else {
        name: value for name, value in told.items() if isinstance(value, list)
    }  # fmt: skip
    if lists:
        told = {name: value for name, value in told.items() if name not in lists}
        counts = {name: len(value) for name, value in lists.items()}
        told["records"] = {name: counts.get(name, 0) for name in told["records"]}
    made = io.BytesIO()
    with zipfile.ZipFile(made, "w", zipfile.ZIP_DEFLATED) as archive:
        archive.writestr("archive.json", json.dumps(told))
        for name, value in lists.items():
            archive.writestr(records_file(name), "".join(json.dumps(one) + "\n" for one in value))
        for name, content in files.items():
            archive.writestr(name, content)
    return made.getvalue()


def test_a_grow_that_was_brought_in_gives_the_same_archive(full: Yard) -> None:
    raw = archive_bytes(full.grow, NOW)
    again = brought_in(raw)
    assert again.pk != full.grow.pk
    assert archive_bytes(again, NOW) == raw
    later = document(archive_bytes(again, NOW + timedelta(days=1)))
    assert {**later, "written_at": ""} == {**document(raw), "written_at": ""}
    # and again as many records of each kind, none of them of the grow it came from
    for kept in KEPT:
        mine, its = records_of(kept, full.grow), records_of(kept, again)
        assert its.count() == mine.count() > 0, kept.name
        assert not set(mine.values_list("pk", flat=True)) & set(its.values_list("pk", flat=True))


def test_the_archive_follows_its_schema_and_its_tables_open(full: Yard) -> None:
    raw = archive_bytes(full.grow, NOW)
    schema = archive_schema()
    Draft202012Validator.check_schema(schema)
    with zipfile.ZipFile(io.BytesIO(raw)) as archive:
        Draft202012Validator(schema).validate(json.loads(archive.read("archive.json")))
    for name in (kept.name for kept in KEPT):
        of_line = Draft202012Validator({**schema["$defs"][name]})
        for record in document(raw)[name]:
            of_line.validate(record)
    kept = Path("docs/formats/grow-archive.schema.json").read_text()
    assert json.loads(kept) == schema
    with zipfile.ZipFile(io.BytesIO(raw)) as archive:
        assert json.loads(archive.read("archive.schema.json")) == schema
        lines = archive.read("time_line.csv").decode().splitlines()
        poured = archive.read("mixes.csv").decode().splitlines()
    entries = TimeLineEntry.objects.filter(grow=full.grow)
    assert len(lines) - 1 == sum(len(one.values) or 1 for one in entries)
    assert any("Marram One" in line for line in poured)


def test_the_same_mix_to_the_millilitre(full: Yard) -> None:
    before = full.plan(column="w5", volume="425 L")[1]["sheet"]["pours"]
    answer = full.client.get(f"/api/grows/{full.grow.pk}/archive")
    assert answer["Content-Type"] == "application/zip"
    heron = User.objects.create_user("heron")
    full.client.force_login(heron)
    sent = full.client.post(
        "/api/archives", {"file": SimpleUploadedFile("a.zip", b"".join(answer.streaming_content))}
    )
    assert sent.status_code == 201, sent.content
    grow = Grow.objects.get(pk=sent.json()["id"])
    assert list(Membership.objects.filter(grow=grow).values_list("person", "role")) == [
        (heron.pk, "owner")
    ]
    tank = Tank.objects.get(grow=grow, name=full.tank.name)
    version = ChartVersion.objects.get(grow=grow, chart=tank.chart)
    there = Yard(grow, heron, full.client, tank, tank.water, version)
    assert there.plan(column="w5", volume="425 L")[1]["sheet"]["pours"] == before
    # the mix that was under way goes on, and draws from the bottles that came along
    mix = Mix.objects.get(grow=grow, ended_at=None)
    bench = full.client.get(f"/api/grows/{grow.pk}/mixes/{mix.pk}").json()
    finish(there, bench)
    mine = Mix.objects.get(grow=full.grow, ended_at=None)
    assert mine.events.count() == 1
    assert mix.events.count() > 1


def test_names_in_an_archive_are_names_alone_until_their_person_is_let_in(full: Yard) -> None:
    raw = archive_bytes(full.grow, NOW)
    told = document(raw)
    for number, record in enumerate(told["mix_events"]):
        record["by"] = ("dunlin", "sanderling")[number % 2]
    accounts = User.objects.count()
    heron, sanderling = (User.objects.create_user(name) for name in ("heron", "sanderling"))
    grow = brought_in(packed(told, **images(raw)), heron)
    assert User.objects.count() == accounts + 2
    events = MixEvent.objects.filter(mix__grow=grow)
    # nobody is what an archive calls somebody, an account of that name or not
    assert set(events.values_list("by", "by_name")) == {(None, "dunlin"), (None, "sanderling")}
    again = document(archive_bytes(grow, NOW))
    assert again["mix_events"] == told["mix_events"]
    give_names(grow.pk, sanderling)
    assert set(events.values_list("by", "by_name")) == {(None, "dunlin"), (sanderling.pk, "")}
    assert document(archive_bytes(grow, NOW)) == again


def images(raw: bytes) -> dict[str, bytes]:
    """The pictures of an archive, by their paths."""
    with zipfile.ZipFile(io.BytesIO(raw)) as archive:
        return {name: archive.read(name) for name in archive.namelist() if "pictures/" in name}


def at(told: Any, *path: str | int, to: object) -> Any:
    for part in path[:-1]:
        told = told[part]
    told[path[-1]] = to
    return told


HOSTILE: dict[str, Callable[[dict[str, Any]], object]] = {
    "a correction of nothing": lambda told: at(told, "mix_corrections", 0, "changes", to=[]),
    "a correction by nobody": lambda told: at(told, "mix_corrections", 0, "by", to=None),
    "a correction of no record": lambda told: at(told, "mix_corrections", 0, "before", to=None),
    "another format": lambda told: at(told, "format", to="x"),
    "a later version": lambda told: at(told, "version", to=3),
    "a list missing": lambda told: told.pop("mixes"),
    "a list too many": lambda told: at(told, "passwords", to=[]),
    "a head of its own": lambda told: at(told, "tanks", to={}),
    "no record": lambda told: at(told, "tanks", 0, to=7),
    "a field too many": lambda told: at(told, "tanks", 0, "grow", to=1),
    "a field missing": lambda told: told["tanks"][0].pop("litres"),
    "a number beyond its list": lambda told: at(told, "tanks", 0, "water", to=99),
    "a number below 1": lambda told: at(told, "tanks", 0, "water", to=0),
    "true for 1": lambda told: at(told, "tanks", 0, "water", to=True),
    "no water": lambda told: at(told, "tanks", 0, "water", to=None),
    "litres below zero": lambda told: at(told, "tanks", 0, "litres", to="-4"),
    "litres that are none": lambda told: at(told, "tanks", 0, "litres", to="NaN"),
    "litres without end": lambda told: at(told, "tanks", 0, "litres", to="Infinity"),
    "too many litres": lambda told: at(told, "tanks", 0, "litres", to="1e30"),
    "a float for litres": lambda told: at(told, "tanks", 0, "litres", to=40.5),
    "a system nobody has": lambda told: at(told, "tanks", 0, "system_kind", to="aether"),
    "two tanks of one name": lambda told: at(told, "tanks", 1, "name", to=told["tanks"][0]["name"]),
    "a name that is none": lambda told: at(told, "tanks", 0, "name", to=""),
    "a name without end": lambda told: at(told, "tanks", 0, "name", to="x" * 5000),
    "NUL in a name": lambda told: at(told, "tanks", 0, "name", to="a\0b"),
    "half a character": lambda told: at(told, "tanks", 0, "name", to="\ud800"),
    "a name of two lines": lambda told: at(told, "tanks", 0, "name", to="a\nb"),
    "vessels that cannot be": lambda told: at(told, "tanks", 0, "joined", to={"parts": [{}]}),
    "a zone nobody lives in": lambda told: at(told, "grow", "time_zone", to="Mars/Olympus"),
    "a zone of the file system": lambda told: at(told, "grow", "time_zone", to="../../etc/passwd"),
    "ranges of nothing": lambda told: at(told, "grow", "ranges", to={"unobtainium": {}}),
    "a chart without columns": lambda told: at(told, "chart_versions", 0, "document", "columns", to=[]),
    "a dose of nothing": lambda told: at(told, "chart_versions", 0, "document", "doses", 0, "product", to="?"),
    "a link to no bottle": lambda told: at(told, "chart_versions", 0, "products", to={"one": "x"}),
    "the same version twice": lambda told: told["chart_versions"].append(told["chart_versions"][0]),
    "a label over 100 %": lambda told: at(told, "products", 0, "label", to={"analysis": {"N": "400"}}),
    "a bottle of its own form": lambda told: at(told, "products", 0, "hard_form_of", to=1),
    "less than nothing left": lambda told: at(told, "products", 0, "left", to="-1"),
    "more in its bottles than there is": lambda told: at(told, "bottles", 0, "left", to="9999999"),
    "a bottle of the year 206": lambda told: at(told, "bottles", 0, "opened_on", to="0206-01-01"),
    "stock of a kind nobody knows": lambda told: at(told, "stock_entries", 0, "kind", to="lent"),
    "a blend of more than there is": lambda told: at(told, "blended_waters", 0, "share", to="1.5"),
    "a blend of a water with itself": lambda told: at(told, "blended_waters", 0, "water", to=told["blends"][0]["water"]),
    "a blend of nothing": lambda told: told["blended_waters"].clear(),
    "a role nobody has": lambda told: at(told, "products", 0, "role", to="poison"),
    "a plan that is none": lambda told: at(told, "mixes", 0, "plan", to={}),
    "a plan of another version": lambda told: at(told, "mixes", 0, "plan", "version", to=1),
    "an acid of no bottle": lambda told: at(told, "mixes", 0, "plan", "acid", "key", to="one"),
    "a record that is none": lambda told: at(told, "mixes", 0, "record", to={"litres": "x"}),
    "bottles that are none": lambda told: at(told, "mixes", 0, "products", to=[1]),
    "two mixes in one tank": lambda told: at(told, "mixes", 0, "ended_at", to=None),
    "a time without a zone": lambda told: at(told, "mixes", 0, "started_at", to="2026-03-14T12:00:00"),
    "a time that is none": lambda told: at(told, "mixes", 0, "started_at", to="noon"),
    "an event of a kind nobody knows": lambda told: at(told, "mix_events", 0, "kind", to="sung"),
    "an event by nobody": lambda told: at(told, "mix_events", 0, "by", to=None),
    "an event by a number": lambda told: at(told, "mix_events", 0, "by", to=1),
    "a person whose name is none": lambda told: at(told, "mix_events", 0, "by", to="<b>"),
    "an event told twice": lambda told: told["mix_events"].append(told["mix_events"][0]),
    "an entry of two things": lambda told: at(told, "time_line", 0, to={**told["time_line"][0], "tank": 1, "water": 1}),
    "an entry of nothing known": lambda told: at(told, "time_line", 0, "values", to={"mood": {"value": "1", "unit": "x"}}),
    "a reading in another unit": lambda told: at(told, "time_line", 0, "values", to={"ec": {"value": "1", "unit": "ppm"}}),
    "a reading that is none": lambda told: at(told, "time_line", 0, "values", to={"ec": {"value": "much", "unit": "mS/cm"}}),
    "a season before its start": lambda told: at(told, "seasons", 0, "ended_on", to="1999-01-01"),
    "a plan of a season with no end": lambda told: at(told, "seasons", 0, "plan", to={"strengths": "all"}),
    "a column that no chart has": lambda told: at(told, "seasons", 0, "plan", "first_column", to="never"),
    "a season that goes with itself": lambda told: at(told, "seasons", 0, "goes_with", to=1),
    "a decision of nothing": lambda told: at(told, "season_entries", 0, "told", to={"days": "many"}),
    "a vessel without marks": lambda told: at(told, "vessels", 0, "mark", to="0"),
    "a calibration of no points": lambda told: at(told, "calibrations", 0, "points", to=[]),
    "a picture of another size": lambda told: at(told, "pictures", 0, "width", to=4000),
    "a picture that is not there": lambda told: told["pictures"].append(told["pictures"][0]),
    "nothing but brackets": lambda told: at(told, "mixes", 0, "plan", "pours", to=json.loads("[" * 400 + "]" * 400)),
}  # fmt: skip


@pytest.mark.parametrize("spoil", HOSTILE.values(), ids=HOSTILE)
def test_a_hostile_archive_is_refused_whole(
    yard: Yard, sound: bytes, spoil: Callable[[dict[str, Any]], object]
) -> None:
    """The one change is what is refused: without it the archive comes in."""
    told = document(sound)
    counted = [kept.model._base_manager.count() for kept in KEPT], User.objects.count()
    spoil(told)
    assert json.dumps(told) != json.dumps(document(sound))
    raw = packed(told, **images(sound))
    answer = yard.client.post("/api/archives", {"file": SimpleUploadedFile("a.zip", raw)})
    assert answer.status_code == 422, answer.content
    problem = answer.json()["error"]
    assert problem["message"]
    assert problem["where"]
    assert counted == ([kept.model._base_manager.count() for kept in KEPT], User.objects.count())


def spoilt_zips() -> dict[str, bytes]:
    many = io.BytesIO()
    with zipfile.ZipFile(many, "w", zipfile.ZIP_DEFLATED) as bomb:
        bomb.writestr("archive.json", b" " * 300_000_000)
    twice = io.BytesIO()
    with zipfile.ZipFile(twice, "w") as doubled, warnings.catch_warnings(action="ignore"):
        doubled.writestr("archive.json", "{}")
        doubled.writestr("archive.json", "{}")
    return {
        "nothing": b"",
        "no zip": b"PK\x03\x04 and no more",
        "an empty zip": b"PK\x05\x06" + b"\0" * 18,
        "a zip that grows": many.getvalue(),
        "a file twice": twice.getvalue(),
        "a path that climbs out": packed({}, **{"../../evil": b"x"}),
        "a file of its own": packed({}, **{"run.sh": b"x"}),
        "no JSON": packed({})[:60],
        "a list": packed([]),
        "a number": packed(1),
    }


@pytest.mark.parametrize("raw", spoilt_zips().values(), ids=spoilt_zips())
def test_what_is_no_archive_is_refused(yard: Yard, raw: bytes) -> None:
    answer = yard.client.post("/api/archives", {"file": SimpleUploadedFile("a.zip", raw)})
    assert answer.status_code == 422, answer.content


@given(st.binary(max_size=300), st.integers(0, 60_000))
@settings(max_examples=drawn(8, 40), deadline=None)
def test_a_damaged_archive_is_refused_or_the_same(damage: bytes, where: int) -> None:
    raw = _small()
    spoilt = raw[:where] + damage + raw[where + len(damage) :]
    try:
        with zipfile.ZipFile(io.BytesIO(spoilt)) as archive:
            whole = zipfile.ZipFile(io.BytesIO(raw))
            same = all(
                archive.read(name) == whole.read(name)
                for name in whole.namelist()
                if name.startswith(("archive.json", "records/", "pictures/"))
            )
    except Exception:
        same = False
    try:
        brought_in(spoilt)
    except InputError:
        return
    assert same


def _small() -> bytes:
    grow = Grow.objects.get(is_demo=True)
    return archive_bytes(grow, NOW)


def test_export_and_import_without_a_browser(
    full: Yard, tmp_path: Path, capsys: pytest.CaptureFixture[str]
) -> None:
    one, other = tmp_path / "one.zip", tmp_path / "other.zip"
    call_command("export_grow", full.grow.name, str(one))
    with pytest.raises(CommandError, match="is there already"):
        call_command("export_grow", full.grow.name, str(one))
    with pytest.raises(CommandError, match="no grow called 'Nowhere'"):
        call_command("export_grow", "Nowhere", str(other))
    with pytest.raises(CommandError, match="no account nobody"):
        call_command("import_grow", str(one), "--owner", "nobody")
    call_command("import_grow", str(one), "--owner", "wren")
    made = Grow.objects.exclude(pk=full.grow.pk).get(name=full.grow.name)
    assert f"Made the grow {made.pk}" in capsys.readouterr().out
    with pytest.raises(CommandError, match="several grows"):
        call_command("export_grow", full.grow.name, str(other))
    call_command("export_grow", str(made.pk), str(other))
    first, second = (document(file.read_bytes()) for file in (one, other))
    assert {**first, "written_at": 0} == {**second, "written_at": 0}
    one.write_bytes(one.read_bytes()[:-400])
    with pytest.raises(CommandError, match="Nothing has changed"):
        call_command("import_grow", str(one))


def test_the_demo_is_put_back_beside_a_grow_that_came_from_it(full: Yard) -> None:
    again = brought_in(archive_bytes(full.grow, NOW))
    remove_scenario()
    assert MixEvent.objects.filter(mix__grow=again, by_name="wren").exists()
    assert load_scenario().pk != full.grow.pk


def test_a_grow_is_removed_by_an_owner_who_types_its_name(full: Yard, neighbour: Yard) -> None:
    mine = brought_in(archive_bytes(full.grow, NOW))
    Membership.objects.create(grow=mine, person=neighbour.person)
    path = f"/api/grows/{mine.pk}/for-good"
    assert neighbour.send("DELETE", path, {"name": "Gullhouse"})[1]["error"]["code"] == "other_name"
    assert neighbour.send("DELETE", path, {"name": mine.name})[0] == 200
    assert not any(records_of(kept, mine).exists() for kept in KEPT)
    assert neighbour.client.get(f"/api/grows/{mine.pk}/today").status_code == 404
    assert Mix.objects.filter(grow=full.grow).count() == 2
    # the demo's yard is everybody's
    status, answer = full.send(
        "DELETE", f"/api/grows/{full.grow.pk}/for-good", {"name": full.grow.name}
    )
    assert (status, answer["error"]["code"]) == (422, "demo")


def test_a_tank_is_removed_only_after_it_was_put_away(full: Yard) -> None:
    grow = brought_in(archive_bytes(full.grow, NOW))
    Membership.objects.create(grow=grow, person=full.person)
    tank = Tank.objects.get(grow=grow, name="Strawberry gutters")
    path = f"/api/grows/{grow.pk}/tanks/{tank.pk}/for-good"
    assert full.send("DELETE", path, {"name": tank.name})[1]["error"]["code"] == "in_use"
    Mix.objects.filter(tank=tank, ended_at=None).update(ended_at=NOW)
    assert full.send("PUT", f"/api/grows/{grow.pk}/tanks/{tank.pk}/archived", {"archived": True})[0] == 200  # fmt: skip
    assert full.send("DELETE", path, {"name": "Strawberry"})[1]["error"]["where"] == "name"
    assert full.send("DELETE", path, {"name": tank.name})[0] == 200
    assert not Mix.objects.filter(grow=grow).exists()
    assert not Season.objects.filter(tank_id=tank.pk).exists()
    assert brought_in(archive_bytes(grow, NOW)).pk  # what is left is whole


def test_a_chart_is_removed_for_good_once_nothing_was_poured_by_it(full: Yard) -> None:
    at = f"/api/grows/{full.grow.pk}/charts"
    mixed = full.version.chart
    copy = Chart.objects.get(pk=full.send("POST", f"{at}/{mixed.pk}/copy", {})[1]["id"])
    picture = LeafletPicture.objects.create(grow=full.grow, image=b"x", width=1, height=1)
    shared = LeafletPicture.objects.get(grow=full.grow, width=40)
    versions = ChartVersion.objects.filter(chart=copy)
    versions.update(picture=picture)

    def remove(chart: Chart, name: str) -> tuple[int, str]:
        status, answer = full.send("DELETE", f"{at}/{chart.pk}/for-good", {"name": name})
        return status, "" if status == 200 else answer["error"]["code"]

    assert remove(copy, copy.name) == (422, "in_use")
    for chart in (copy, mixed):
        full.send("PATCH", f"{at}/{chart.pk}", {"archived": True})
    assert remove(copy, "another") == (422, "other_name")
    assert remove(mixed, mixed.name) == (422, "kept_by_records")
    assert remove(copy, copy.name) == (200, "")
    assert not Chart.objects.filter(pk=copy.pk).exists()
    assert list(LeafletPicture.objects.filter(grow=full.grow)) == [shared]
    assert ChartVersion.objects.filter(chart=mixed).exists()


@pytest.mark.parametrize("version", range(1, VERSION + 1))
def test_an_archive_of_every_version_comes_in_and_goes_out_as_one_of_this(
    yard: Yard, version: int
) -> None:
    """Each file was written by the last program that wrote its version."""
    kept_file = (KEPT_FILES / f"grow-archive.{version}.zip").read_bytes()
    told = whole_document(kept_file)
    again = document(archive_bytes(brought_in(kept_file), NOW))
    assert again["version"] == VERSION
    for kept in KEPT:
        records = zip(told.get(kept.name, []), again[kept.name], strict=True)
        assert all({**now, **then} == now for then, now in records), kept.name
    assert again["grow"] == told["grow"]


def whole_document(raw: bytes) -> dict[str, Any]:
    """An archive of any version as one document."""
    with zipfile.ZipFile(io.BytesIO(raw)) as archive:
        if json.loads(archive.read("archive.json"))["version"] > 1:
            return document(raw)
        return dict(json.loads(archive.read("archive.json")))


def test_a_first_version_whose_lists_are_none_is_refused(yard: Yard) -> None:
    told = whole_document((KEPT_FILES / "grow-archive.1.zip").read_bytes())
    spoilt = {**told, "tanks": {}}
    with zipfile.ZipFile(made := io.BytesIO(), "w") as archive:
        archive.writestr("archive.json", json.dumps(spoilt))
    with pytest.raises(InputError) as error:
        brought_in(made.getvalue())
    assert error.value.where == "tanks"


def lines_of(raw: bytes, name: str, lines: bytes) -> bytes:
    """The same archive with other lines in one of its lists."""
    made = io.BytesIO()
    with (
        zipfile.ZipFile(io.BytesIO(raw)) as archive,
        zipfile.ZipFile(made, "w", zipfile.ZIP_DEFLATED) as other,
    ):
        for one in archive.namelist():
            other.writestr(one, lines if one == records_file(name) else archive.read(one))
    return made.getvalue()


EXHAUSTING: dict[str, tuple[bytes, str]] = {
    "a line without end": (b" " * 400_000_000, "records/tanks.jsonl[0]"),
    "nested without end": (b"[" * 1_900_000 + b"\n", "tanks[0]"),
    "lists of nothing": (b"[" + b"[]," * 600_000 + b"[]]\n", "tanks[0]"),
    "no JSON": (b"{\n", "tanks[0]"),
    "more than there are": (b'{"x": 1}\n' * 400_000, "tanks[0]"),
}


@pytest.mark.parametrize(("lines", "where"), EXHAUSTING.values(), ids=EXHAUSTING)
def test_lines_that_exhaust_are_refused_at_the_first(
    yard: Yard, sound: bytes, lines: bytes, where: str
) -> None:
    """In no more memory than a few lines take; a line is at most 2 MB."""
    before = resource.getrusage(resource.RUSAGE_SELF).ru_maxrss
    with pytest.raises(InputError) as error:
        brought_in(lines_of(sound, "tanks", lines))
    assert error.value.where.startswith(where)
    assert resource.getrusage(resource.RUSAGE_SELF).ru_maxrss - before < 300_000


def test_a_first_version_that_exhausts_is_refused(yard: Yard) -> None:
    """In some ten kilobytes of a zip, which take gigabytes as objects."""
    told = b'{"format": "brisk-measure/grow-archive", "version": 1, "tanks": ['
    with zipfile.ZipFile(made := io.BytesIO(), "w", zipfile.ZIP_DEFLATED) as archive:
        archive.writestr("archive.json", told + b"[]," * 20_000_000 + b"[]]}")
    with pytest.raises(InputError) as error:
        brought_in(made.getvalue())
    assert error.value.code == "file_unsafe"
    assert "archive" in words_of(error.value)
