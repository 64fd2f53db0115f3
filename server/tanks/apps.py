from django.apps import AppConfig


class TanksConfig(AppConfig):
    name = "server.tanks"
    label = "tanks"
