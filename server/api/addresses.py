"""The address that a request comes from; a proxy is believed only where the settings name it."""

from django.conf import settings
from django.http import HttpRequest


def address_of(request: HttpRequest) -> str:
    """The client's address: the nearest one that is no proxy of ours."""
    address = str(request.META.get("REMOTE_ADDR", ""))
    hops = [hop.strip() for hop in request.META.get("HTTP_X_FORWARDED_FOR", "").split(",")]
    while address in settings.PROXIES and hops and hops[-1]:
        address = hops.pop()
    return address
