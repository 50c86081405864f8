"""An independent watchman: random histories through the app's own judgement, held against rules written apart from it."""
