"""The one error for input that cannot be used."""


class InputError(ValueError):
    """Input that cannot be used as it stands.

    Args:
        code: a stable word for the kind of error, for programs and tests.
        message: what is wrong and what to do, in the grower's words.
        where: the place in the input, such as `chart.doses[3].unit`; empty for the whole.
    """

    def __init__(self, code: str, message: str, where: str = "") -> None:
        super().__init__(message)
        self.code = code
        self.message = message
        self.where = where

    def __reduce__(self) -> "tuple[type[InputError], tuple[str, str, str]]":
        """How it goes from one process to another."""
        return type(self), (self.code, self.message, self.where)

    def inside(self, outer: str) -> "InputError":
        """The same error, seen from a place further out."""
        where = f"{outer}.{self.where}" if self.where else outer
        return InputError(self.code, self.message, where)
