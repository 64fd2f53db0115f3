"""Bottles of a leaflet: their doses, what they are for, and which products they are."""
