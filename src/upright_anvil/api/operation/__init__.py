"""How the server does: for whoever runs it."""
