"""Work that a client does alone: what the sheet says, and what came back."""
