"""Every endpoint, fuzzed by schemathesis against its own document: in shape, and never a 500."""

from collections.abc import Iterator

import pytest
import schemathesis
from django.core.signals import request_finished, request_started
from django.db import close_old_connections
from hypothesis import HealthCheck, settings

from server.routes import api
from server.wsgi import application
from tests.lanes import deep
from tests.server.conftest import Yard

DOCUMENT = schemathesis.openapi.from_dict(dict(api.get_openapi_schema()))
CHECKS = [
    schemathesis.checks.not_a_server_error,
    schemathesis.checks.status_code_conformance,
    schemathesis.checks.content_type_conformance,
    schemathesis.checks.response_schema_conformance,
]


@pytest.fixture
def signed_in(yard: Yard) -> Iterator[dict[str, str]]:
    """Headers of somebody who is signed in, from a page of ours; one connection, as in a test."""
    signals = (request_started, request_finished)
    for signal in signals:
        signal.disconnect(close_old_connections)
    session = yard.client.cookies["sessionid"].value
    token = "a" * 32
    cookies = f"sessionid={session}; csrftoken={token}"
    yield {"Cookie": cookies, "X-CSRFToken": token, "Host": "localhost"}
    for signal in signals:
        signal.connect(close_old_connections)


@deep
@DOCUMENT.parametrize()
@settings(
    max_examples=6, deadline=None,
    suppress_health_check=[HealthCheck.function_scoped_fixture, HealthCheck.too_slow],
)  # fmt: skip
def test_whatever_is_sent_fits_the_document(
    case: schemathesis.Case, yard: Yard, signed_in: dict[str, str]
) -> None:
    if case.path_parameters and "grow_id" in case.path_parameters:
        case.path_parameters["grow_id"] = yard.grow.pk
    case.call_and_validate(app=application, headers=signed_in, checks=CHECKS)
