"""The project's own figures, printed by ./brisk bench: all of them from one run."""
