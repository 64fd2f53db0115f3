"""Products and feed charts, in versions that are never altered."""
