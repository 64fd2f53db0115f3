"""The API: what the front end, or any other program of a member, can ask for."""

from server.api.entrance import api

__all__ = ["api"]
