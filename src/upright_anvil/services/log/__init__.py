"""What was done, as other services ask for it."""
