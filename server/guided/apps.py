from django.apps import AppConfig


class GuidedConfig(AppConfig):
    name = "server.guided"
    label = "mixes"
