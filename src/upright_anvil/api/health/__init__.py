"""The API's part for health."""
