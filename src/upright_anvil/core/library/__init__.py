"""What can be asked of a library of exercises: search, ladders, substitutes."""
