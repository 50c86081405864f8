"""How rows are found and written, whatever they are of."""
