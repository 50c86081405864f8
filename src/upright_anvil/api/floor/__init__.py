"""The API's part for floor."""
