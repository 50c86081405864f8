"""The data files that ship with the app, readable and editable by hand."""
