from django.apps import AppConfig


class SeasonsConfig(AppConfig):
    name = "server.seasons"
    label = "seasons"
