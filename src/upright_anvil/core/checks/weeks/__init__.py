"""Checks that look at one week at a time."""
