"""The entrance for a WSGI server such as gunicorn."""

from django.core.wsgi import get_wsgi_application

application = get_wsgi_application()
