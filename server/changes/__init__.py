"""Who changed what, when."""
