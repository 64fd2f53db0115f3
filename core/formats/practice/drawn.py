"""What `./brisk rehearse --drawn` and `--only` print: brisk-measure/drawn-rehearsals, version 1."""

from collections.abc import Mapping, Sequence
from typing import Literal

from core.errors import InputError
from core.formats.fields import Document
from core.formats.practice.rehearsal import RehearsalRecordDocument
from core.practice.drawn import DrawnCase, DrawnReport, Judged


class DrawnLawDocument(Document):
    """How often a law was broken, and by which seeds; see `core.practice.drawn.LawReport`."""

    law: str
    broken: int
    insisted: int
    hidden: int
    seeds: Sequence[int]


class DrawnReportDocument(Document):
    """What became of drawn rehearsals."""

    format: Literal["brisk-measure/drawn-rehearsals"] = "brisk-measure/drawn-rehearsals"
    version: Literal[1] = 1
    runs: int
    seed: int
    laws: Sequence[DrawnLawDocument]

    @classmethod
    def of(cls, report: DrawnReport) -> "DrawnReportDocument":
        """The document of a report."""
        laws = [
            DrawnLawDocument(
                law=law.law,
                broken=law.broken,
                insisted=law.insisted,
                hidden=law.hidden,
                seeds=law.seeds,
            )
            for law in report.laws
        ]
        return cls(runs=report.runs, seed=report.seed, laws=laws)


class DrawnRecordDocument(Document):
    """One drawn rehearsal: what it is like, what is not as believed, its laws and its record."""

    format: Literal["brisk-measure/drawn-rehearsal"] = "brisk-measure/drawn-rehearsal"
    version: Literal[1] = 1
    seed: int
    traits: Mapping[str, str]
    faults: Sequence[str]
    aim_ec: str
    litres: str
    broken: Sequence[str]
    insisted: Sequence[str]
    hidden: Sequence[str]
    record: RehearsalRecordDocument

    @classmethod
    def of(cls, case: DrawnCase, judged: Judged | None) -> "DrawnRecordDocument":
        """The document of a case and what the laws say of it.

        Raises:
            InputError: its mix pours nothing.
        """
        if judged is None:
            raise InputError("nothing_to_pour.drawn", "only")
        return cls(
            seed=case.seed,
            traits=case.traits,
            faults=case.faults,
            aim_ec=f"{judged.aim_ec:.2f}",
            litres=f"{judged.litres:.4g}",
            broken=judged.broken,
            insisted=judged.insisted,
            hidden=judged.hidden,
            record=RehearsalRecordDocument.of(judged.record),
        )
