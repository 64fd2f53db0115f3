"""Presses that a task takes, counted: of the mouse, a finger, or a key that does something.

What is typed into a field is text and counts for nothing.
"""

from dataclasses import dataclass

from playwright.sync_api import Locator


@dataclass
class Presses:
    """How often something was pressed; `task` names the whole."""

    task: str
    count: int = 0

    def press(self, on: Locator) -> None:
        """Press something once."""
        self.count += 1
        on.click()

    def key(self, on: Locator, key: str) -> None:
        """Press a key that does something, where something has the focus or is given it."""
        self.count += 1
        on.press(key)

    def type(self, into: Locator, text: str) -> None:
        """Go to a field with one press, and type."""
        self.count += 1
        into.fill(text)

    def at_most(self, most: int) -> None:
        """Print the count, and hold it."""
        print(f"{self.task}: {self.count} presses (at most {most})")
        assert self.count <= most
