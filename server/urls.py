"""Addresses: the API, a health check, and the one page for everything else."""

from django.http import HttpRequest, HttpResponse
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


urlpatterns = [
    path("healthz", health),
    path("api/", api.urls),
    re_path(r"^(?!api/|static/).*$", page),
]
