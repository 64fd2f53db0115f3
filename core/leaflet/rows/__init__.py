"""Rows of a leaflet: what each is, and what its cells say."""
