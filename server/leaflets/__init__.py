"""Leaflets on their way in: tables read, sheets typed, pictures beside them, versions kept."""
