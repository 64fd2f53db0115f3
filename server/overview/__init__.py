"""What a grow has, at one glance."""
