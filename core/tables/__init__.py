"""Files that hold a table, CSV, XLSX and ODS, as rows of texts; hostile until checked."""

from core.tables.reading import FileTable, read_table_file
from core.tables.text import rows_of_text
from core.tables.writing import csv_text, xlsx_bytes

__all__ = ["FileTable", "csv_text", "read_table_file", "rows_of_text", "xlsx_bytes"]
