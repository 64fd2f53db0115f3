"""Debian packages: brought by apt where that is allowed, named where it is not."""

import os
import shutil

from launch.say import Stop, run_quietly, step


def bring(packages: list[str], *, because: str) -> None:
    """Install Debian packages.

    Raises:
        Stop: apt is missing, needs rights that this user lacks, or failed.
    """
    names = " ".join(packages)
    if not shutil.which("apt-get"):
        raise Stop(f"{because}: install {names} (or your system's equal) and run this again.")
    if os.geteuid() != 0:
        raise Stop(f"{because}: run 'sudo apt-get install {names}', then this again.")
    env = {**os.environ, "DEBIAN_FRONTEND": "noninteractive"}
    with step(f"Installing Debian packages: {names}"):
        run_quietly(["apt-get", "update", "-q"], "apt-get update failed.", env=env)
        run_quietly(
            ["apt-get", "install", "-y", "-q", "--no-install-recommends", *packages],
            f"apt-get could not install {names}.",
            env=env,
        )
