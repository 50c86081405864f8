"""The health file."""
