from django.apps import AppConfig


class ChartsConfig(AppConfig):
    name = "server.charts"
    label = "charts"
