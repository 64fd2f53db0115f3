"""History alone: the table of measuring vessels moved to the shelf."""
