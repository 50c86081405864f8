"""The API's part for programs."""
