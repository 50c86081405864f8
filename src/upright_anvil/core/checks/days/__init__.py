"""Checks that look at one session at a time."""
