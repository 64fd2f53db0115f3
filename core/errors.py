"""The one error for input that cannot be used."""

from core.messages import Message, MessageValue


class InputError(ValueError):
    """Input that cannot be used as it stands.

    Args:
        id: a message of the catalogue: what is wrong and what to do. What stands before its point
            is the stable word for the kind of error, for programs and tests.
        where: the place in the input, such as `chart.doses[3].unit`; empty for the whole.
        values: what the message names.
    """

    def __init__(self, id: str, /, where: str = "", **values: MessageValue) -> None:
        super().__init__(id, where, values)
        self.message = Message(id, **values)
        self.where = where

    @classmethod
    def of(cls, message: Message, where: str = "") -> "InputError":
        """The error that a message stands for."""
        return _remade(cls, message, where)

    @property
    def code(self) -> str:
        """The stable word for the kind of error."""
        return self.message.code

    def __reduce__(self) -> "tuple[object, ...]":
        """How a message is pickled for another process."""
        return _remade, (type(self), self.message, self.where)

    def about(self, place: Message) -> "InputError":
        """The same error, said of a place in a table."""
        return _remade(type(self), self.message.about(place), self.where)

    def inside(self, outer: str) -> "InputError":
        """The same error, seen from a place further out."""
        return self.at(f"{outer}.{self.where}" if self.where else outer)

    def at(self, where: str) -> "InputError":
        """The same error, about another place."""
        return _remade(type(self), self.message, where)


def _remade(kind: type[InputError], message: Message, where: str) -> InputError:
    same = kind(message.id, where, **message.values)
    same.message = message
    return same
