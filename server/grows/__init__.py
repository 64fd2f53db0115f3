"""Grows (workspaces), their members, and the one place that scopes everything to them."""
