from django.apps import AppConfig


class VesselsConfig(AppConfig):
    name = "server.vessels"
    label = "vessels"
