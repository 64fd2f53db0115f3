"""Guided mixes: what they were started from, and what happened, never altered."""
