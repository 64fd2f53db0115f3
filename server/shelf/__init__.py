"""The shelf: products with their labels and stock, and the measuring vessels."""
