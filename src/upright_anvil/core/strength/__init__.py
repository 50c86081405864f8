"""How strong a set shows the client to be."""
