"""Checks that look at one line of one week at a time."""
