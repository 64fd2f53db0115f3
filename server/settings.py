"""Django's settings, from the environment.

BRISK_MODE: `demo` (loopback, with the demo scenario), `own` (loopback, the grower's own data) or
`serve` (for others, behind HTTPS). DATABASE_URL and BRISK_SECRET_KEY are needed in every mode,
BRISK_HOSTS in `serve`. BRISK_PROXIES and BRISK_HSTS_SUBDOMAINS are told of in docs/deployment.md.
"""

import os
from pathlib import Path

import dj_database_url
from csp.constants import NONE, SELF
from django.core.exceptions import ImproperlyConfigured

ROOT = Path(__file__).resolve().parent.parent


def _needed(name: str) -> str:
    value = os.environ.get(name, "")
    if not value:
        raise ImproperlyConfigured(f"{name} is not set; ./brisk start sets it, see README.md.")
    return value


MODE = os.environ.get("BRISK_MODE", "serve")
if MODE not in ("demo", "own", "serve"):
    raise ImproperlyConfigured(f"BRISK_MODE is {MODE!r}; it must be demo, own or serve.")
DEMO = MODE == "demo"
_LOOPBACK = MODE != "serve"
DEV_ASSETS = os.environ.get("BRISK_DEV_ASSETS", "")  # Vite's address under ./brisk dev

SECRET_KEY = _needed("BRISK_SECRET_KEY")
if DEV_ASSETS and not _LOOPBACK:
    raise ImproperlyConfigured("BRISK_DEV_ASSETS is for ./brisk dev alone, never with `serve`.")
DEBUG = bool(DEV_ASSETS)


def _listed(text: str) -> list[str]:
    return [part.strip() for part in text.split(",") if part.strip()]


def _hosts() -> list[str]:
    hosts = _listed(_needed("BRISK_HOSTS"))
    if not hosts or any("*" in host for host in hosts):
        raise ImproperlyConfigured(
            "BRISK_HOSTS names the hosts that are served, such as brisk.example; it takes no `*`."
        )
    return hosts


ALLOWED_HOSTS = ["127.0.0.1", "localhost"] if _LOOPBACK else _hosts()
# Addresses of proxies whose word on the client's address is believed; nobody's without it.
PROXIES = frozenset(_listed(os.environ.get("BRISK_PROXIES", "")))

INSTALLED_APPS = [
    "django.contrib.auth",
    "django.contrib.contenttypes",
    "django.contrib.sessions",
    "django.contrib.staticfiles",
    "django.contrib.postgres",
    "axes",
    "csp",
    "django_vite",
    "ninja",
    "server.grows",
    "server.changes",
    "server.tanks",
    "server.shelf",
    "server.charts",
    "server.vessels",
    "server.guided",
    "server.seasons",
    "server.demo",
    "server.archive",
    "server.api",
]
MIDDLEWARE = [
    "server.api.health.health_check",
    "django.middleware.security.SecurityMiddleware",
    "server.api.answers.kept_by_no_cache",
    "whitenoise.middleware.WhiteNoiseMiddleware",
    "csp.middleware.CSPMiddleware",
    "django.contrib.sessions.middleware.SessionMiddleware",
    "django.middleware.common.CommonMiddleware",
    "django.middleware.csrf.CsrfViewMiddleware",
    "django.contrib.auth.middleware.AuthenticationMiddleware",
    "django.middleware.clickjacking.XFrameOptionsMiddleware",
    "axes.middleware.AxesMiddleware",
]
ROOT_URLCONF = "server.urls"
WSGI_APPLICATION = "server.wsgi.application"
TEMPLATES = [
    {
        "BACKEND": "django.template.backends.django.DjangoTemplates",
        "DIRS": [ROOT / "server" / "templates"],
        "OPTIONS": {"context_processors": ["django.template.context_processors.request"]},
    }
]

DATABASES = {
    "default": dj_database_url.parse(
        _needed("DATABASE_URL"), conn_max_age=600, conn_health_checks=True
    )
}
DEFAULT_AUTO_FIELD = "django.db.models.BigAutoField"

AUTHENTICATION_BACKENDS = [
    "axes.backends.AxesStandaloneBackend",
    "django.contrib.auth.backends.ModelBackend",
]
AUTH_PASSWORD_VALIDATORS = [
    {"NAME": "django.contrib.auth.password_validation.UserAttributeSimilarityValidator"},
    {"NAME": "django.contrib.auth.password_validation.MinimumLengthValidator"},
    {"NAME": "django.contrib.auth.password_validation.CommonPasswordValidator"},
    {"NAME": "django.contrib.auth.password_validation.NumericPasswordValidator"},
]
# After five wrong passwords in a row, this name from this address waits a quarter of an hour; tries
# while it waits make it no longer, so that nobody is kept out by somebody else's.
AXES_FAILURE_LIMIT = 5
AXES_RESET_COOL_OFF_ON_FAILURE_DURING_LOCKOUT = False
AXES_CLIENT_IP_CALLABLE = "server.api.addresses.address_of"
AXES_COOLOFF_TIME = 0.25
AXES_LOCKOUT_PARAMETERS = [["username", "ip_address"]]
AXES_RESET_ON_SUCCESS = True
AXES_VERBOSE = False
AXES_LOCKOUT_CALLABLE = "server.grows.sign_in.locked_out"

SESSION_COOKIE_AGE = 14 * 24 * 3600
SESSION_COOKIE_SECURE = CSRF_COOKIE_SECURE = not _LOOPBACK
SESSION_COOKIE_SAMESITE = CSRF_COOKIE_SAMESITE = "Lax"
CSRF_TRUSTED_ORIGINS = [] if _LOOPBACK else [f"https://{host}" for host in ALLOWED_HOSTS]
SECURE_SSL_REDIRECT = not _LOOPBACK
SECURE_PROXY_SSL_HEADER = None if _LOOPBACK else ("HTTP_X_FORWARDED_PROTO", "https")
SECURE_HSTS_SECONDS = 0 if _LOOPBACK else 365 * 24 * 3600
# What else is served below the domain is not ours to decide.
SECURE_HSTS_INCLUDE_SUBDOMAINS = SECURE_HSTS_PRELOAD = (
    not _LOOPBACK and os.environ.get("BRISK_HSTS_SUBDOMAINS") == "1"
)
SILENCED_SYSTEM_CHECKS = ["security.W005", "security.W021"]  # they ask for just that
SECURE_REFERRER_POLICY = "same-origin"
X_FRAME_OPTIONS = "DENY"
DATA_UPLOAD_MAX_MEMORY_SIZE = 2_500_000  # a little over the largest chart that core reads

CONTENT_SECURITY_POLICY = {
    "DIRECTIVES": {
        "default-src": [NONE],
        "script-src": [SELF],
        "style-src": [SELF],
        "font-src": [SELF],
        "img-src": [SELF],
        "connect-src": [SELF],
        "manifest-src": [SELF],
        "base-uri": [NONE],
        "form-action": [SELF],
        "frame-ancestors": [NONE],
    }
}
if DEV_ASSETS:  # Vite's hot reload injects styles and talks over a socket of its own
    CONTENT_SECURITY_POLICY["DIRECTIVES"] |= {
        "script-src": [SELF, DEV_ASSETS],
        "style-src": [SELF, DEV_ASSETS, "'unsafe-inline'"],
        "font-src": [SELF, DEV_ASSETS],
        "connect-src": [SELF, DEV_ASSETS, DEV_ASSETS.replace("http", "ws", 1)],
    }

STATIC_URL = "/static/"
# Served from where it is built: there is nothing to be collected elsewhere.
STATICFILES_DIRS = [ROOT / "web" / "dist"] if (ROOT / "web" / "dist").is_dir() else []
WHITENOISE_USE_FINDERS = True
WHITENOISE_AUTOREFRESH = DEBUG
# Vite has put a digest into every name below assets/.
WHITENOISE_IMMUTABLE_FILE_TEST = r"^/static/assets/.+-[\w-]{8}\.\w+$"
DJANGO_VITE = {
    "default": {
        "dev_mode": bool(DEV_ASSETS),
        "dev_server_protocol": "http",
        "dev_server_host": "127.0.0.1",
        "dev_server_port": int(DEV_ASSETS.rpartition(":")[2]) if DEV_ASSETS else 0,
        "manifest_path": ROOT / "web" / "dist" / "manifest.json",
    }
}

USE_TZ = True
TIME_ZONE = "UTC"
USE_I18N = False

LOGGING = {
    "version": 1,
    "disable_existing_loggers": False,
    "handlers": {"console": {"class": "logging.StreamHandler"}},
    "root": {"handlers": ["console"], "level": "WARNING"},
}
