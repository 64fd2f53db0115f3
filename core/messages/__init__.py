"""Messages as data: an id with named, typed values. Their sentences stand in `en/*.ftl`.

A message is made where something is decided and worded where it is shown (`core.wording`).
"""

from core.messages.message import (
    Celsius,
    Figure,
    Listed,
    Message,
    MessageValue,
    Percent,
    Worded,
)

__all__ = ["Celsius", "Figure", "Listed", "Message", "MessageValue", "Percent", "Worded"]
