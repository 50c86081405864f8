"""Checks that look at one phase at a time."""
