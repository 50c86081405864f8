"""The API's part for work at home."""
