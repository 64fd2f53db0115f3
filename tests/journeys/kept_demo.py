"""The demo as it was loaded once, put back for each journey: as rows, not as acts."""

from django.db import connection, transaction

from server.demo.scenario import load_scenario, remove_scenario

_rows: dict[str, bytes] = {}
"""By table, as PostgreSQL copies them; the same all through a session of tests."""

_NOT_OF_THE_DEMO = {"django_migrations", "django_session"}


@transaction.atomic
def put_demo() -> None:
    """The demo alone: loaded the first time, and then put back as it was."""
    if _rows:
        _put_back()
        return
    remove_scenario()  # of tests before that shared one demo
    load_scenario()
    _keep()


def _keep() -> None:
    tables = set(connection.introspection.django_table_names(only_existing=True))
    with connection.cursor() as cursor:
        for table in sorted(tables - _NOT_OF_THE_DEMO):
            cursor.execute(f'SELECT EXISTS (SELECT 1 FROM "{table}")')  # noqa: S608 -- a table of ours
            if cursor.fetchone()[0]:
                with cursor.copy(f'COPY "{table}" TO STDOUT (FORMAT BINARY)') as copy:
                    _rows[table] = b"".join(bytes(piece) for piece in copy)


def _put_back() -> None:
    """In any order: what rows refer to is checked when the transaction ends."""
    with connection.cursor() as cursor:
        tables = ", ".join(f'"{table}"' for table in _rows)
        cursor.execute(f"TRUNCATE {tables} CASCADE")
        for table, rows in _rows.items():
            with cursor.copy(f'COPY "{table}" FROM STDIN (FORMAT BINARY)') as copy:
                copy.write(rows)
            cursor.execute(
                f"SELECT setval(pg_get_serial_sequence(%s, 'id'), max(id)) FROM {table}",  # noqa: S608
                [table],
            )
