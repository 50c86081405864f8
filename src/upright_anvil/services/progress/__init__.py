"""Progress with one exercise, and as a whole."""
