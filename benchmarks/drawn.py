"""How many of 500 drawn mixes with faults break a law."""

from core.practice.drawn import rehearse_drawn

CASES, SEED, WORKERS = 500, 1, 2


def report() -> None:
    """The table of laws."""
    found = rehearse_drawn(CASES, SEED, {}, workers=WORKERS)
    print(f"Drawn rehearsals: {found.runs} mixes with up to three faults, of seed {found.seed}")
    for law in found.laws:
        print(
            f"  {law.law:<34} {law.broken:3} broken   {law.insisted:3} insisted   "
            f"{law.hidden:3} hidden"
        )
