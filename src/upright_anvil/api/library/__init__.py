"""The API's part for library."""
