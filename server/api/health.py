"""Whether the application is up, for who watches it from the machine itself."""

from collections.abc import Callable

from django.db import DatabaseError, connection
from django.db.migrations.executor import MigrationExecutor
from django.http import HttpRequest, HttpResponse, HttpResponseNotAllowed

_PATH = "/healthz"
_LOOKS = ("GET", "HEAD")


def health_check(answer: Callable[[HttpRequest], HttpResponse]) -> Callable[..., HttpResponse]:
    """Answers before anything else does: who watches comes over plain HTTP, and by an address."""

    def handle(request: HttpRequest) -> HttpResponse:
        if request.path != _PATH:
            return answer(request)
        if request.method not in _LOOKS:
            return HttpResponseNotAllowed(_LOOKS)
        return _health()

    return handle


def _health() -> HttpResponse:
    """Yes once the application is up; no while its database is not up to date."""
    try:
        executor = MigrationExecutor(connection)
        behind = executor.migration_plan(executor.loader.graph.leaf_nodes())
    except DatabaseError:
        return HttpResponse("no database", status=503, content_type="text/plain")
    if behind:
        return HttpResponse("not migrated", status=503, content_type="text/plain")
    return HttpResponse("ok", content_type="text/plain")
