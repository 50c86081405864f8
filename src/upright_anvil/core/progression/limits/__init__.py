"""What nothing goes past: the reasons against a rise, and the bounds on whatever comes out."""
