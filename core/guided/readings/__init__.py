"""Readings that cannot be, or that contradict what went in."""
