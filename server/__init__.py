"""The application: accounts, the grower's data, the API. The rules of the job are in core."""
