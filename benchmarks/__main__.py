"""Prints every figure; run by ./brisk bench, which prepares server settings and demo data."""

import django

from benchmarks import pages, rules, safety, serving, vessels


def main() -> None:
    """Rules, server, queries, pages."""
    django.setup()
    from benchmarks import courses, leaflets, lists, paces, queries

    for part in (rules, safety, vessels, paces, serving, queries, lists, pages, leaflets, courses):
        part.report()
        print()


if __name__ == "__main__":
    main()
