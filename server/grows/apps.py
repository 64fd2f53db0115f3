from django.apps import AppConfig


class GrowsConfig(AppConfig):
    name = "server.grows"
    label = "grows"
