"""The API's part for sessions."""
