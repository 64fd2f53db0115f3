"""What a grow measures with."""
