"""Who may do what: roles cell by cell, invitations that are used once, passwords and devices."""

import json
from datetime import timedelta
from typing import Any

import pytest
import time_machine
from django.contrib.auth.models import User
from django.test import Client
from django.utils import timezone

from server.grows.account import device_words
from server.grows.models import Device, Grow, Invitation, Membership
from server.grows.roles import NEEDS, RIGHTS, MemberRole, Right, right_needed
from server.routes import OPERATIONS
from tests.server.conftest import Yard
from tests.server.test_scope import REFUSED, _ask, _grow_paths

PASSWORD = "sea-lavender-and-rain"


@pytest.fixture
def yard(neighbour: Yard) -> Yard:
    """A small grow; its one member is its owner."""
    return neighbour


def enter(yard: Yard, name: str, role: MemberRole) -> tuple[Client, Membership]:
    """Another member of the grow, signed in."""
    person = User.objects.create_user(name, password=PASSWORD)
    member = Membership.objects.create(grow=yard.grow, person=person, role=role)
    client = Client()
    client.force_login(person)
    return client, member


def send(client: Client, method: str, path: str, body: object = None) -> tuple[int, Any]:
    """Send JSON; status and JSON."""
    answer = client.generic(method, path, json.dumps(body or {}), "application/json")
    return answer.status_code, answer.json()


def invite(yard: Yard, role: str = "mixer") -> str:
    """The secret of a new invitation."""
    path = f"/api/grows/{yard.grow.pk}/invitations"
    status, told = yard.send("POST", path, {"role": role})
    assert status == 200
    return str(told["path"]).removeprefix("/join/")


def _cells() -> list[tuple[str, str, MemberRole]]:
    return [(method, path, role) for method, path in _grow_paths() for role in MemberRole]


@pytest.mark.parametrize(("method", "path", "role"), _cells())
def test_each_role_may_do_what_the_table_says_and_no_more(
    yard: Yard, method: str, path: str, role: MemberRole
) -> None:
    route = path.lstrip("/").replace("{", "<").replace("}", ">")
    right = right_needed(method, OPERATIONS[method, route])
    client, _ = enter(yard, "tern", role)
    status = _ask(client, method, path, yard)
    if right not in RIGHTS[role]:
        assert status == 403
    elif path.rpartition("/")[2] not in REFUSED:
        assert status in (200, 201)


def test_the_table_names_operations_that_there_are() -> None:
    assert set(NEEDS) <= set(OPERATIONS.values())
    assert all(Right.LOOK in rights for rights in RIGHTS.values())
    # whatever changes something and nobody thought of is kept from those who only look
    assert right_needed("POST", "something_new") is Right.KEEP


def test_who_may_not_is_told_who_may(yard: Yard) -> None:
    client, _ = enter(yard, "tern", MemberRole.VIEWER)
    status, told = send(client, "PATCH", f"/api/grows/{yard.grow.pk}/tanks/{yard.tank.pk}", {"crop": "Mint"})  # fmt: skip
    assert (status, told["error"]["code"]) == (403, "not_allowed")
    assert "Your role here is viewer" in told["error"]["message"]
    assert "owner, mixer" in told["error"]["message"]
    # another grow's address is no hint that it is there
    assert send(client, "PATCH", "/api/grows/999999/tanks/1", {"crop": "Mint"})[0] == 404


def test_an_invitation_is_used_once(yard: Yard) -> None:
    secret = invite(yard)
    seen = Client().get(f"/api/invitations/{secret}").json()
    assert seen == {"grow": yard.grow.name, "by": yard.person.username, "role": "mixer", "person": None}  # fmt: skip
    account = {"username": "tern", "password": PASSWORD}
    newcomer = Client()
    status, told = send(newcomer, "POST", f"/api/invitations/{secret}/account", account)
    assert (status, told["person"], [one["name"] for one in told["grows"]]) == (200, "tern", [yard.grow.name])  # fmt: skip
    member = Membership.objects.get(person__username="tern")
    assert (member.grow, member.role) == (yard.grow, MemberRole.MIXER)
    # signed in at once; and the link is dead
    assert newcomer.get(f"/api/grows/{yard.grow.pk}").status_code == 200
    assert Client().get(f"/api/invitations/{secret}").status_code == 404
    again = {"username": "plover", "password": PASSWORD}
    assert send(Client(), "POST", f"/api/invitations/{secret}/account", again)[0] == 404
    assert not User.objects.filter(username="plover").exists()


def test_who_has_an_account_joins_with_it(yard: Yard) -> None:
    secret = invite(yard, "viewer")
    person = User.objects.create_user("plover", password=PASSWORD)
    client = Client()
    client.force_login(person)
    assert client.get(f"/api/invitations/{secret}").json()["person"] == "plover"
    assert send(client, "POST", f"/api/invitations/{secret}")[0] == 200
    assert Membership.objects.get(person=person).role == MemberRole.VIEWER
    second = invite(yard)
    status, told = send(client, "POST", f"/api/invitations/{second}")
    assert (status, told["error"]["code"]) == (422, "member_already")
    assert Invitation.objects.filter(used_at=None).count() == 1
    assert send(Client(), "POST", f"/api/invitations/{second}")[0] == 401


def test_an_invitation_dies_in_seven_days_and_can_be_taken_back(yard: Yard) -> None:
    secret, other = invite(yard), invite(yard)
    path = f"/api/grows/{yard.grow.pk}"
    listed = yard.client.get(f"{path}/people").json()["invitations"]
    assert [one["role"] for one in listed] == ["mixer", "mixer"]
    with time_machine.travel(timezone.now() + timedelta(days=6, hours=23)):
        assert Client().get(f"/api/invitations/{secret}").status_code == 200
    with time_machine.travel(timezone.now() + timedelta(days=7, minutes=1)):
        assert Client().get(f"/api/invitations/{secret}").status_code == 404
    assert yard.send("DELETE", f"{path}/invitations/{listed[1]['id']}", None)[0] == 200
    assert Client().get(f"/api/invitations/{other}").status_code == 404
    assert yard.send("DELETE", f"{path}/invitations/{listed[1]['id']}", None)[0] == 404
    # no secret is kept, only what is made of it
    assert not Invitation.objects.filter(digest__in=[secret, other]).exists()


@pytest.mark.parametrize(
    ("account", "where"),
    [({"username": "tern", "password": "short"}, "password"),
     ({"username": "tern", "password": "password"}, "password"),
     ({"username": "a b/c", "password": PASSWORD}, "username"),
     ({"username": "heron", "password": PASSWORD}, "username"),
     ({"username": "wren", "password": PASSWORD}, "username"),
     ({"username": "", "password": PASSWORD}, "username")],
)  # fmt: skip
def test_an_account_that_cannot_be_leaves_the_invitation_good(
    yard: Yard, account: dict[str, str], where: str
) -> None:
    secret = invite(yard)
    status, told = send(Client(), "POST", f"/api/invitations/{secret}/account", account)
    assert (status, told["error"]["where"]) == (422, where)
    assert Client().get(f"/api/invitations/{secret}").status_code == 200
    assert Membership.objects.filter(grow=yard.grow).count() == 1


def test_a_grow_has_an_owner_always(yard: Yard) -> None:
    path = f"/api/grows/{yard.grow.pk}"
    own = yard.client.get(f"{path}/people").json()["people"][0]
    assert (own["name"], own["role"], own["you"]) == (yard.person.username, "owner", True)
    for method, where, body in (("PATCH", f"/people/{own['id']}", {"role": "mixer"}),
                                ("DELETE", f"/people/{own['id']}", None), ("POST", "/leave", {})):  # fmt: skip
        status, told = yard.send(method, path + where, body)
        assert (status, told["error"]["code"]) == (422, "last_owner")
    client, other = enter(yard, "tern", MemberRole.MIXER)
    assert yard.send("PATCH", f"{path}/people/{other.pk}", {"role": "owner"})[0] == 200
    assert yard.send("POST", f"{path}/leave", {})[0] == 200
    assert yard.client.get(path).status_code == 404
    assert send(client, "POST", f"{path}/leave")[1]["error"]["code"] == "last_owner"


def test_who_was_removed_finds_nothing_any_more(yard: Yard) -> None:
    path = f"/api/grows/{yard.grow.pk}"
    client, member = enter(yard, "tern", MemberRole.MIXER)
    assert client.get(path).status_code == 200
    calendar = send(client, "POST", f"{path}/calendar")[1]["path"]
    assert Client().get(calendar).status_code == 200
    assert yard.send("DELETE", f"{path}/people/{member.pk}", None)[0] == 200
    assert client.get(path).status_code == 404
    assert Client().get(calendar).status_code == 404
    assert yard.send("DELETE", f"{path}/people/{member.pk}", None)[0] == 404
    foreign = Membership.objects.create(
        grow=Grow.objects.create(name="Elsewhere"), person=User.objects.create_user("plover")
    )
    assert yard.send("PATCH", f"{path}/people/{foreign.pk}", {"role": "viewer"})[0] == 404


def test_another_password_signs_other_devices_out(yard: Yard) -> None:
    person = User.objects.create_user("tern", password=PASSWORD)
    Membership.objects.create(grow=yard.grow, person=person)
    told = {"username": "tern", "password": PASSWORD}
    here, there = Client(headers={"User-Agent": "Mozilla/5.0 (X11; Linux) Firefox/140.0"}), Client()
    for client in (here, there):
        assert send(client, "POST", "/api/session", told)[0] == 200
    listed = here.get("/api/session/devices").json()
    assert {(one["words"], one["here"]) for one in listed} == {
        ("Firefox on Linux", True), ("a browser on another device", False),
    }  # fmt: skip
    for body, where in (({"old": "wrong", "new": "lavender-and-more"}, "old"),
                        ({"old": PASSWORD, "new": "12345678"}, "new")):  # fmt: skip
        status, refused = send(here, "PUT", "/api/session/password", body)
        assert (status, refused["error"]["where"]) == (422, where)
    changed = {"old": PASSWORD, "new": "lavender-and-more"}
    assert send(here, "PUT", "/api/session/password", changed)[0] == 200
    assert here.get(f"/api/grows/{yard.grow.pk}").status_code == 200
    assert there.get(f"/api/grows/{yard.grow.pk}").status_code == 401
    assert [one["here"] for one in here.get("/api/session/devices").json()] == [True]
    assert send(Client(), "POST", "/api/session", told)[0] == 401


def test_a_device_is_signed_out_from_another(yard: Yard) -> None:
    person = User.objects.create_user("tern", password=PASSWORD)
    told = {"username": "tern", "password": PASSWORD}
    here, there = Client(), Client()
    for client in (here, there):
        send(client, "POST", "/api/session", told)
    other = next(one for one in here.get("/api/session/devices").json() if not one["here"])
    # nobody ends another person's
    assert yard.send("DELETE", f"/api/session/devices/{other['id']}", None)[0] == 404
    assert send(here, "DELETE", f"/api/session/devices/{other['id']}")[0] == 200
    assert there.get("/api/session/devices").status_code == 401
    assert here.get("/api/session/devices").status_code == 200
    assert Device.objects.filter(person=person).count() == 1


def test_a_device_is_called_what_its_browser_says() -> None:
    edge = "Mozilla/5.0 (Windows NT 10.0) AppleWebKit/537.36 Chrome/140.0 Safari/537.36 Edg/140.0"
    assert device_words(edge) == "Edge on Windows"
    phone = "Mozilla/5.0 (iPhone; CPU iPhone OS 18_0 like Mac OS X) Version/18.0 Safari/604.1"
    assert device_words(phone) == "Safari on iPhone"


def test_a_link_dies_with_the_right_of_who_made_it(yard: Yard) -> None:
    """Also where that right comes back, and where the link is in the hands of who made it."""
    client, tern = enter(yard, "tern", MemberRole.OWNER)
    path = f"/api/grows/{yard.grow.pk}"
    for ends in ("removed", "made a mixer"):
        status, told = send(client, "POST", f"{path}/invitations", {"role": "owner"})
        assert status == 200
        link = told["path"].removeprefix("/join/")
        if ends == "removed":
            yard.send("DELETE", f"{path}/people/{tern.pk}", {})
        else:
            yard.send("PATCH", f"{path}/people/{tern.pk}", {"role": "mixer"})
        assert send(client, "POST", f"/api/invitations/{link}")[0] == 404
        Membership.objects.update_or_create(
            grow=yard.grow, person=tern.person, defaults={"role": MemberRole.OWNER}
        )
        tern = Membership.objects.get(grow=yard.grow, person=tern.person)
        assert send(client, "POST", f"/api/invitations/{link}")[0] == 404


def test_wrong_old_passwords_lock_as_at_the_door(yard: Yard) -> None:
    client, _ = enter(yard, "tern", MemberRole.MIXER)
    fresh = "oystercatcher-at-dusk"
    told = {"old": "wrong", "new": fresh}
    statuses = [send(client, "PUT", "/api/session/password", told)[0] for _ in range(6)]
    assert statuses[:4] == [422] * 4
    assert statuses[-1] == 429
    # the right one waits, too
    assert send(client, "PUT", "/api/session/password", {"old": PASSWORD, "new": fresh})[0] == 429
    assert User.objects.get(username="tern").check_password(PASSWORD)


def test_calendar_addresses_end_with_membership_and_where_a_password_change_says_so(
    yard: Yard,
) -> None:
    client, tern = enter(yard, "tern", MemberRole.MIXER)

    def address() -> str:
        return str(send(client, "POST", f"/api/grows/{yard.grow.pk}/calendar")[1]["path"])

    first = address()
    yard.send("DELETE", f"/api/grows/{yard.grow.pk}/people/{tern.pk}", {})
    Membership.objects.create(grow=yard.grow, person=tern.person, role=MemberRole.MIXER)
    assert client.get(first).status_code == 404
    second, old = address(), PASSWORD
    for fresh, ends, status in (("curlew-on-the-mud", False, 200), ("knot-in-the-bay", True, 404)):
        told = {"old": old, "new": fresh, "end_calendars": ends}
        assert send(client, "PUT", "/api/session/password", told)[0] == 200
        assert client.get(second).status_code == status
        old = fresh


@pytest.mark.parametrize("grow", ["abc", "-1", "9" * 40, "1.5", "%F0%9F%8C%B1"])
def test_a_grow_of_no_number_is_no_fault_of_ours(yard: Yard, grow: str) -> None:
    for method, path in (("GET", "today"), ("PATCH", "tanks/1"), ("POST", "tanks")):
        answer = yard.client.generic(method, f"/api/grows/{grow}/{path}", "{}", "application/json")
        assert answer.status_code in (404, 422)
