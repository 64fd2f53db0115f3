"""Addresses: the API, a health check, and the one page for everything else."""

from django.conf import settings
from django.http import Http404, HttpRequest, HttpResponse
from django.shortcuts import render
from django.urls import path, re_path
from django.views.decorators.csrf import ensure_csrf_cookie
from django.views.decorators.http import require_safe

from core.messages import Message
from core.wording import wording
from server.api.answers import problem
from server.routes import api
from server.seasons.calendar import feed


def _answer_by_path(request: HttpRequest, status: int, message: Message) -> HttpResponse:
    if request.path.startswith("/api/"):
        return problem(status, message)
    return HttpResponse(wording(message), status=status, content_type="text/plain; charset=utf-8")


def bad_request(request: HttpRequest, exception: Exception) -> HttpResponse:
    """What no endpoint could read."""
    return _answer_by_path(request, 400, Message("bad_request"))


def not_found(request: HttpRequest, exception: Exception) -> HttpResponse:
    """No such address."""
    return _answer_by_path(request, 404, Message("not_found.address"))


def failed(request: HttpRequest) -> HttpResponse:
    """A fault of ours."""
    return _answer_by_path(request, 500, Message("failed"))


handler400, handler404, handler500 = bad_request, not_found, failed


@require_safe
@ensure_csrf_cookie
def page(request: HttpRequest) -> HttpResponse:
    """The one page; the front end draws every view into it."""
    return render(request, "page.html")


@require_safe
def service_worker(request: HttpRequest) -> HttpResponse:
    """The worker that keeps the page at hand; from here it may answer for the whole page."""
    built = settings.ROOT / "web" / "dist" / "sw.js"
    if settings.DEV_ASSETS or not built.is_file():
        raise Http404
    answer = HttpResponse(built.read_bytes(), content_type="text/javascript; charset=utf-8")
    answer["Cache-Control"] = "no-cache"
    return answer


urlpatterns = [
    path("sw.js", service_worker),
    path("calendar/<str:secret>.ics", feed),
    path("api/", api.urls),
    re_path(r"^(?!api/|static/).*$", page),
]
