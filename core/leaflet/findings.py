"""What is found while a table is read: each cell's kind, questions, notes and guesses."""

from dataclasses import dataclass, field, replace

from core.leaflet.grid import Cell
from core.leaflet.request import Asked, CellKind, Guess, Note, Question, Understood, UnsureRow
from core.messages import Message


@dataclass(slots=True)
class Findings:
    """All findings of one table, filled in turn."""

    questions: list[Question] = field(default_factory=list)
    notes: list[Note] = field(default_factory=list)
    guesses: list[Guess] = field(default_factory=list)
    cells: dict[tuple[int, int], Understood] = field(default_factory=dict)

    def mark(self, cell: Cell | None, kind: CellKind, meaning: str | Message = "") -> None:
        """Say what a cell is; what is said last stands."""
        if cell:
            self.cells[cell.row, cell.column] = Understood(cell.row, cell.column, kind, meaning)

    def note(self, cell: Cell, text: str | Message) -> None:
        """Keep a cell as a note."""
        self.notes.append(Note(text, cell.row, cell.column))
        self.mark(cell, CellKind.NOTE, text)

    def guess(self, product: str | None, what: str, value: str, why: Message) -> None:
        """Say what was taken where the leaflet is silent."""
        self.guesses.append(Guess(product, what, value, why))

    def ask(
        self,
        code: Asked,
        message: Message,
        cell: Cell,
        *choices: str,
        of_doses: bool = True,
        rows: tuple[UnsureRow, ...] = (),
    ) -> None:
        """Leave something open, at a cell."""
        self.questions.append(
            Question(code, message, cell.row, cell.column, choices, of_doses=of_doses, rows=rows)
        )

    def is_asked(self, code: Asked) -> bool:
        """Whether that is asked somewhere already."""
        return any(question.code is code for question in self.questions)

    def make_it_of_doses(self, code: Asked) -> None:
        """A question asked for readings turns out to change doses, too."""
        self.questions = [
            replace(question, of_doses=True) if question.code is code else question
            for question in self.questions
        ]

    def knows(self, cell: Cell) -> bool:
        """Whether a cell was told already."""
        return (cell.row, cell.column) in self.cells

    def is_left_out(self, cell: Cell) -> bool:
        """Whether a cell says that nothing goes in."""
        one = self.cells.get((cell.row, cell.column))
        return one is not None and one.kind is CellKind.NO_DOSE
