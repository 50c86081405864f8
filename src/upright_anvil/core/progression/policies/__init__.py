"""The ways to raise the work, one module each."""
