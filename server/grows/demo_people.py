"""Who works in the demo; both accounts and their password are public.

No account of one's own may have these names: the demo's door would open it.
"""

DEMO_PERSON = "wren"
DEMO_PEOPLE = (DEMO_PERSON, "tamsin")
DEMO_PASSWORD = "tidetable"
