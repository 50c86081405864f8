"""The API's part for bringing in what a trainer has already."""
