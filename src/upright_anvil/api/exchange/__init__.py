"""The API's part for files that leave and come in."""
