"""Checks on a line's load and kit."""
