"""The API's part for starting."""
