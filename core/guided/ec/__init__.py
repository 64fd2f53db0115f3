"""EC at the bench: what went in should lift the reading, and what is done where it does not."""
