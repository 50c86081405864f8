"""The API's part for planning."""
