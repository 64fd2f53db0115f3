"""Water sources and tanks."""
