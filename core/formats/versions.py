"""Versions of a format that is kept: what an older one lacks is made up for step by step."""

from collections.abc import Callable, Mapping
from dataclasses import dataclass, field
from typing import Any

Document = dict[str, Any]


@dataclass(frozen=True, slots=True)
class VersionedFormat:
    """A format of which documents are kept for years.

    A new field needs no version: it takes its default from the model. A version is for what means
    something else than before.

    Args:
        name: as `format` says.
        version: the one that is written now.
        steps: by a version, what makes a document of it one of the next.
    """

    name: str
    version: int
    steps: Mapping[int, Callable[[Document], Document]] = field(default_factory=dict)

    @property
    def first(self) -> int:
        """The oldest version that is read."""
        return min(self.steps, default=self.version)

    def is_read(self, document: Mapping[str, Any]) -> bool:
        """Whether a document is of this format, in a version that is read."""
        version = document.get("version")
        known = isinstance(version, int) and self.first <= version <= self.version
        return document.get("format") == self.name and known

    def upgraded(self, document: Mapping[str, Any]) -> Document:
        """A document as the version that is written now has it; one that is not read as it is."""
        older = dict(document)
        while self.is_read(older) and older["version"] < self.version:
            older = {**self.steps[older["version"]](older), "version": older["version"] + 1}
        return older
