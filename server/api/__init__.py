"""The API: what the front end, or any other program of a member, can ask for."""
