"""All of a grow in one file, and back; and a grow or a tank removed for good."""
