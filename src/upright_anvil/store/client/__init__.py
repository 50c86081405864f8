"""A client's file, and the whole of it at once."""
