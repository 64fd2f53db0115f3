"""Answers of the API besides those of its endpoints: one error object, and kept by no cache."""

from collections.abc import Callable

from django.http import HttpRequest, HttpResponse, JsonResponse

from core.messages import Message
from server.api.shapes import ErrorOut, Problem

_Answers = Callable[[HttpRequest], HttpResponse]


def problem(status: int, message: Message) -> JsonResponse:
    """The one error object, outside an endpoint."""
    told = ErrorOut(error=Problem.of(message))
    return JsonResponse(told.model_dump(), status=status)


def kept_by_no_cache(answer: _Answers) -> _Answers:
    """What the API answers is a person's own: no browser or proxy keeps it."""

    def handle(request: HttpRequest) -> HttpResponse:
        found = answer(request)
        if request.path.startswith("/api/"):
            found.setdefault("Cache-Control", "no-store")
        return found

    return handle
