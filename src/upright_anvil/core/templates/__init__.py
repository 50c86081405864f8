"""Starting points: programs of our own that adapt to the client when they are used."""
