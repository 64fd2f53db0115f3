"""What all tests share."""

import hypothesis

# How long an example takes is no matter here; speed lives in ./brisk bench.
hypothesis.settings.register_profile("brisk", deadline=None)
hypothesis.settings.load_profile("brisk")
