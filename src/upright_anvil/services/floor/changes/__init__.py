"""Changes of the day: asked for, worked out, kept, taken back."""
