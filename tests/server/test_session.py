"""Signing in and out, and what protects it."""

from http import HTTPStatus

from django.test import Client
from pytest_django import Settings

from server.grows.demo_people import DEMO_PASSWORD
from tests.server.conftest import Yard


def sign_in(client: Client, username: str, password: str) -> int:
    body = {"username": username, "password": password}
    return client.post("/api/session", body, content_type="application/json").status_code


def test_in_and_out_again(neighbour: Yard) -> None:
    client = Client()
    assert client.get("/api/session").json()["person"] is None
    assert sign_in(client, "heron", "long-legged-bird") == HTTPStatus.OK
    session = client.get("/api/session").json()
    assert (session["person"], session["grows"][0]["name"]) == ("heron", "Next door")
    assert client.delete("/api/session").json()["person"] is None
    assert client.get(f"/api/grows/{neighbour.grow.pk}").status_code == HTTPStatus.UNAUTHORIZED


def test_the_session_gets_a_new_key_at_sign_in(neighbour: Yard) -> None:
    client = Client()
    client.cookies["sessionid"] = "planted"
    sign_in(client, "heron", "long-legged-bird")
    assert client.cookies["sessionid"].value != "planted"
    assert client.cookies["sessionid"]["httponly"]
    assert client.cookies["sessionid"]["samesite"] == "Lax"


def test_after_five_wrong_passwords_one_waits(neighbour: Yard) -> None:
    client = Client()
    tries = [sign_in(client, "heron", f"wrong-{number}") for number in range(5)]
    assert tries[:4] == [HTTPStatus.UNAUTHORIZED] * 4
    assert sign_in(client, "heron", "long-legged-bird") == HTTPStatus.TOO_MANY_REQUESTS
    answer = client.post(
        "/api/session", {"username": "heron", "password": "x"}, content_type="application/json"
    )
    assert answer.json()["error"]["code"] == "too_many_tries"


def test_requests_from_elsewhere_are_refused(yard: Yard) -> None:
    outside = Client(enforce_csrf_checks=True)
    assert sign_in(outside, "wren", DEMO_PASSWORD) == HTTPStatus.FORBIDDEN
    assert outside.post("/api/session/demo").status_code == HTTPStatus.FORBIDDEN
    outside.force_login(yard.person)
    path = f"/api/grows/{yard.grow.pk}/mix"
    answer = outside.post(path, yard.mix(), content_type="application/json")
    assert answer.status_code == HTTPStatus.FORBIDDEN
    assert answer.json()["error"]["code"] == "page_outdated"


def test_the_demo_door_opens_only_where_the_demo_is_served(yard: Yard, settings: Settings) -> None:
    assert Client().post("/api/session/demo").json()["person"] == "wren"
    assert sign_in(Client(), "tamsin", DEMO_PASSWORD) == HTTPStatus.OK
    settings.DEMO = False
    assert Client().post("/api/session/demo").status_code == HTTPStatus.NOT_FOUND
    assert sign_in(Client(), "tamsin", DEMO_PASSWORD) == HTTPStatus.UNAUTHORIZED


def test_the_page_lets_no_foreign_or_inline_script_in(client: Client) -> None:
    page = client.get("/")
    policy = page.headers["Content-Security-Policy"]
    assert "default-src 'none'" in policy
    assert "script-src 'self';" in f"{policy};"
    assert "unsafe" not in policy
    assert b"<script>" not in page.content
    assert b" style=" not in page.content
    assert page.headers["X-Frame-Options"] == "DENY"
