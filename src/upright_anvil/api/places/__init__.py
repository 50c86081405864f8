"""The API's part for places."""
