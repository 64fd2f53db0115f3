"""Work that ends badly, for a process of its own: without anything of the server."""

from core.errors import InputError


def grow_without_end() -> None:
    kept: list[bytes] = []
    while True:
        kept.append(bytes(10_000_000))


def turn_without_end() -> None:
    while True:
        pass


def stumble() -> None:
    raise ZeroDivisionError


def refuse(id: str, where: str) -> None:
    raise InputError(id, where, name="a.csv")
