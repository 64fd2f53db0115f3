"""Planning a mix: what it stands on, the pour sheet, and the drawing of it."""
