from django.apps import AppConfig


class ApiConfig(AppConfig):
    name = "server.api"
    label = "api"
