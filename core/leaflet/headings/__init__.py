"""Headings of a leaflet: weeks, days, dates, stages, and the columns that they make."""
