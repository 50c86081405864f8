"""What to ask for next time, with the evidence and the rule in words."""
