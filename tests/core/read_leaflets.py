"""Leaflets read as by a person who has one in hand and says what each row is."""

from dataclasses import replace

from core.leaflet import Asked, ChartDraft, TableRequest, read_table


def read_settled(request: TableRequest) -> ChartDraft:
    """The draft of a table whose rows are what they are likely to be, and doses as printed."""
    draft = read_table(request)
    for question in draft.questions:
        rows = {row.row: row.likely for row in question.rows}
        if question.code is Asked.ROWS:
            return read_settled(replace(request, said={**request.said, **rows}))
        if question.code is Asked.IMPLAUSIBLE:
            return read_settled(replace(request, as_printed=request.as_printed | rows.keys()))
    return draft
