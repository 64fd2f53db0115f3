"""Who works in the demo; both accounts and their password are public."""

DEMO_PERSON = "wren"
DEMO_PEOPLE = (DEMO_PERSON, "tamsin")
DEMO_PASSWORD = "tidetable"
