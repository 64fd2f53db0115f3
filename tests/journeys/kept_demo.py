"""The demo as it is loaded once, put back for each journey by copying its rows."""

from dataclasses import dataclass

from django.db import connection, transaction
from psycopg import sql

from server.demo.scenario import load_scenario

_MADE_BY_MIGRATIONS = {"django_migrations", "django_content_type", "auth_permission"}


@dataclass(frozen=True)
class KeptDemo:
    """What stands in each table, as PostgreSQL copies it out, and where each sequence is."""

    rows: dict[str, bytes]
    sequences: dict[str, int]


def load_and_keep() -> KeptDemo:
    """Load the demo into emptied tables, and keep what it comes to."""
    _empty()
    load_scenario()
    rows = {}
    with connection.cursor() as cursor:
        for table in _tables():
            copied = sql.SQL("COPY {} TO STDOUT").format(sql.Identifier(table))
            with cursor.copy(copied) as out:
                rows[table] = b"".join(bytes(part) for part in out)
        cursor.execute("SELECT sequencename, last_value FROM pg_sequences WHERE last_value > 0")
        sequences = dict(cursor.fetchall())
    return KeptDemo({table: copied for table, copied in rows.items() if copied}, sequences)


def put_back(kept: KeptDemo) -> None:
    """Make the tables what they were when the demo was kept."""
    with transaction.atomic():  # whose end checks what refers to what
        _empty()
        with connection.cursor() as cursor:
            for table, copied in kept.rows.items():
                words = sql.SQL("COPY {} FROM STDIN").format(sql.Identifier(table))
                with cursor.copy(words) as into:
                    into.write(copied)
            for sequence, last in kept.sequences.items():
                cursor.execute("SELECT setval(%s::regclass, %s)", [f'"{sequence}"', last])


def _tables() -> list[str]:
    names = connection.introspection.django_table_names(only_existing=True, include_views=False)
    return sorted(set(names) - _MADE_BY_MIGRATIONS)


def _empty() -> None:
    """Empty the tables, whoever of an earlier journey's server still looks at them."""
    tables = sql.SQL(", ").join(map(sql.Identifier, _tables()))
    with connection.cursor() as cursor:
        cursor.execute(
            "SELECT pg_terminate_backend(pid) FROM pg_stat_activity "
            "WHERE datname = current_database() AND pid <> pg_backend_pid()"
        )
        cursor.execute(sql.SQL("TRUNCATE {} RESTART IDENTITY").format(tables))
