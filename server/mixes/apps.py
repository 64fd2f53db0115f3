from django.apps import AppConfig


class MixesConfig(AppConfig):
    name = "server.mixes"
    label = "mixes"
