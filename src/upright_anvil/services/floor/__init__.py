"""The floor: one training session before, while and after it is run."""
