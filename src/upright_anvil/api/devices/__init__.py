"""The API's part for devices."""
