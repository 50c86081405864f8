"""Whose data a request is about, and from where the server is reached: one studio a file, one file or a folder."""
