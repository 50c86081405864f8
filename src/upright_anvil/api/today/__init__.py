"""The API's part for today."""
