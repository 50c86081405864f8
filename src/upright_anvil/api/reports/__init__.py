"""The API's part for reports."""
