"""How large, long or many things may be: each limit once, for formats, checks and tables."""

from datetime import date
from fractions import Fraction

LONGEST_NAME = 60
"""Characters of a key or a name."""

LONGEST_TYPED = 60
"""Characters of a figure as typed; nothing a grower types into one field is longer."""

LONGEST_WORDS = 120
"""Characters of a label or a note."""

MOST_PRODUCTS = 60
"""Products of a chart, and so of a mix."""

MOST_COLUMNS = 120
"""Columns of a chart: two years of weeks."""

MOST_TABLE_ROWS, MOST_TABLE_COLUMNS = 500, 200
"""Of a table in a file: room for a leaflet with all its notes, and no more."""

LARGEST_BYTES = 2_000_000
"""Larger input is refused before it is read; a chart of 60 rows by 120 weeks takes about 900 kB."""

MOST_WATERS = 6
"""Waters in one tank."""

MOST_VESSELS = 40
"""Measuring vessels of a grow."""

LARGEST_VOLUME_L = 1_000_000

HIGHEST_STRENGTH = 2
"""Of the printed dose; more is a slip of the keyboard."""

STRONGEST_WATER = Fraction(60)
"""mS/cm; sea water reads about 53, so more is a slip of the unit."""

COLDEST_WATER_C, HOTTEST_WATER_C = 0, 60
"""°C between which water is mixed; more is a reading in °F."""

LARGEST_PPM = 40_000
"""More of anything than sea water has is a slip of the unit."""

MOST_HOURS_STOOD = 10_000
"""Hours that water may have stood; more than a year is to be changed."""

ABOUT_SHEET = "About this chart"
"""The sheet of an exported workbook that keeps what its table cannot hold."""

EARLIEST_DAY, LATEST_DAY = date(1950, 1, 1), date(2150, 12, 31)
"""Days beyond are a slip of the keyboard."""

MOST_DAYS = 1830
"""Days of one season: five years."""

MOST_RULES, MOST_HAPPENED = 60, 5000
"""Rules of timing of a season, and what happened in it: three things a day for five years."""

LONGEST_CM = 10_000
"""cm of a vessel that holds a tank's water: a channel of 100 m."""

MOST_PARTS, MOST_JOINED = 30, 500
"""Kinds of vessels that one tank is joined of, and how many there are of one kind."""

LARGEST_ARCHIVE_BYTES, LARGEST_UNPACKED_BYTES = 250_000_000, 2_000_000_000
"""Of a grow in one file, as it is sent and as it is read: ten years of fifty tanks take some 40 MB
and 600 MB, and its photographs come to that."""

LARGEST_PICTURES_BYTES = 150_000_000
"""All photographs of a grow together, so that what it holds can be brought in again."""

MOST_ARCHIVE_RECORDS = 1_000_000
"""Of one kind in one grow: ten years of fifty tanks have a quarter of it."""
