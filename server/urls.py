"""Addresses: the API, a health check, and the one page for everything else."""

from django.conf import settings
from django.http import Http404, HttpRequest, HttpResponse
from django.shortcuts import render
from django.urls import path, re_path
from django.views.decorators.csrf import ensure_csrf_cookie
from django.views.decorators.http import require_safe

from server.api.entrance import api


@require_safe
def health(request: HttpRequest) -> HttpResponse:
    """Answers once the application is up."""
    return HttpResponse("ok", content_type="text/plain")


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
    path("healthz", health),
    path("sw.js", service_worker),
    path("api/", api.urls),
    re_path(r"^(?!api/|static/).*$", page),
]
