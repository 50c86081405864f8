"""What a client brings along: history, the health screen, warning signs."""
