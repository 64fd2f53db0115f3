"""What all tests share."""

import hypothesis
from django.conf import settings

# The real hasher is slow on purpose; signing in is tested, not the hasher.
settings.PASSWORD_HASHERS = ["django.contrib.auth.hashers.MD5PasswordHasher"]

# How long an example takes is no matter here; speed lives in ./brisk bench.
hypothesis.settings.register_profile("brisk", deadline=None)
hypothesis.settings.load_profile("brisk")
