"""Prints every figure; run by ./brisk bench, which prepares server settings and demo data."""

import django

from benchmarks import drawn, pages, rules, safety, serving, vessels


def main() -> None:
    """Rules, server, queries, pages."""
    django.setup()
    from benchmarks import courses, growth, leaflets, lists, paces, queries

    figures = (rules, safety, drawn, vessels, paces, serving, queries, lists, growth, pages,
               leaflets, courses)  # fmt: skip
    for part in figures:
        part.report()
        print()


if __name__ == "__main__":
    main()
