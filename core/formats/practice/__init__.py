"""Rehearsals and drawn rehearsals in their open formats."""
