"""How long work takes."""
