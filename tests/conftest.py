"""What all tests share."""

from django.conf import settings

# The real hasher is slow on purpose; signing in is tested, not the hasher.
settings.PASSWORD_HASHERS = ["django.contrib.auth.hashers.MD5PasswordHasher"]
