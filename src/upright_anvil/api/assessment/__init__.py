"""The API's part for assessment."""
