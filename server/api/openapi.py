"""The API object: routers, sign-in, and one shape for every error."""

from errno import EDQUOT, ENOSPC
from typing import Any

from django.core.exceptions import RequestDataTooBig
from django.db import OperationalError
from django.http import Http404, HttpRequest, HttpResponse
from ninja import NinjaAPI
from ninja.errors import AuthenticationError, HttpError, ValidationError
from ninja.security import SessionAuth
from psycopg.errors import DiskFull

from core.errors import InputError
from core.formats.text import input_error
from core.messages import Message
from server.api.shapes import ErrorOut, NotAllowed, Outdated, Problem

_ERROR = {"content": {"application/json": {"schema": {"$ref": "#/components/schemas/ErrorOut"}}}}
_ERRORS_OF_A_BODY = {"413": "Over 2 MB.", "507": "The machine's disk is full."}


class _Api(NinjaAPI):
    """Names in its document every error that the entrance itself may answer with."""

    def get_openapi_schema(self, *args: Any, **kwargs: Any) -> Any:
        schema = super().get_openapi_schema(*args, **kwargs)
        for path in schema["paths"].values():
            for method, operation in path.items():
                _name_errors(method, operation)
        return schema


def _name_errors(method: str, operation: dict[str, Any]) -> None:
    told = {
        "400": "The request cannot be read.",
        "414": "The address is too long; said by the web server, in its own words.",
        "422": "Something in it cannot be used; `where` says what.",
        "503": "The database does not answer.",
    }
    if any(parameter["in"] == "path" for parameter in operation.get("parameters", ())):
        told["404"] = "There is no such thing in your grows."
    if operation.get("security"):
        told["401"] = "Nobody is signed in."
    if method != "get":
        told["403"] = "The page is out of date, or it is not for this member."
    if method != "get":
        told |= _ERRORS_OF_A_BODY
    responses = {str(status): answer for status, answer in operation["responses"].items()}
    for status, description in told.items():
        responses.setdefault(status, {"description": description, **_ERROR})
    operation["responses"] = dict(sorted(responses.items()))


OPERATIONS: dict[tuple[str, str], str] = {}
"""Names of operations by method and route; filled in where routers come together."""

api = _Api(
    title="Brisk Measure",
    version="1",
    auth=SessionAuth(),
    docs_url=None,
    openapi_url=None,
)


def _answer(request: HttpRequest, status: int, message: Message, where: str = "") -> HttpResponse:
    problem = ErrorOut(error=Problem.of(message, where))
    return api.create_response(request, problem.model_dump(), status=status)


@api.exception_handler(Outdated)
def _outdated(request: HttpRequest, error: Outdated) -> HttpResponse:
    return _answer(request, 409, error.message, error.where)


@api.exception_handler(NotAllowed)
def _not_allowed(request: HttpRequest, error: NotAllowed) -> HttpResponse:
    return _answer(request, 403, error.message)


@api.exception_handler(InputError)
def _input(request: HttpRequest, error: InputError) -> HttpResponse:
    return _answer(request, 422, error.message, error.where)


@api.exception_handler(ValidationError)
def _shape(request: HttpRequest, error: ValidationError) -> HttpResponse:
    first: dict[str, Any] = error.errors[0]
    # ninja puts the kind of parameter and its name before the field: body, asked, volume; a figure
    # puts the way in which it was given behind it.
    place = [part for part in first["loc"] if part not in ("typed", "exact")]
    told = input_error({**first, "loc": tuple(place[2:] or place)}, None)
    return _answer(request, 422, told.message, told.where)


@api.exception_handler(RequestDataTooBig)
def _too_large(request: HttpRequest, error: RequestDataTooBig) -> HttpResponse:
    return _answer(request, 413, Message("too_large.request"))


@api.exception_handler(OperationalError)
def _no_database(request: HttpRequest, error: OperationalError) -> HttpResponse:
    """Neither is a fault of the application's, and each has its own way out."""
    if isinstance(error.__cause__, DiskFull):
        return _disk_full(request, OSError(ENOSPC, ""))
    return _answer(request, 503, Message("no_database"))


@api.exception_handler(OSError)
def _disk_full(request: HttpRequest, error: OSError) -> HttpResponse:
    if error.errno not in (ENOSPC, EDQUOT):
        raise error
    return _answer(request, 507, Message("disk_full"))


@api.exception_handler(Http404)
def _missing(request: HttpRequest, error: Http404) -> HttpResponse:
    return _answer(request, 404, Message("not_found"))


@api.exception_handler(AuthenticationError)
def _stranger(request: HttpRequest, error: AuthenticationError) -> HttpResponse:
    return _answer(request, 401, Message("sign_in_needed"))


@api.exception_handler(HttpError)
def _refused(request: HttpRequest, error: HttpError) -> HttpResponse:
    if error.status_code == 403:
        return _answer(request, 403, Message("page_outdated"))
    if error.status_code == 400:
        return _answer(request, 400, Message("not_json.request"))
    return _answer(request, error.status_code, Message("refused", said=str(error)))
