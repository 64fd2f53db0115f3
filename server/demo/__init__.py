"""The demo scenario; everything in it is invented."""
