"""Starts, stops, tests and checks Brisk Measure on a machine of one's own.

Only the standard library is used: this runs before anything is installed.
"""
