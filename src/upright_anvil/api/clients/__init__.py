"""The API's part for clients."""
