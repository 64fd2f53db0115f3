"""Pouring: the way to the last bottle, portions to a reading, passes, and what went in too much."""
