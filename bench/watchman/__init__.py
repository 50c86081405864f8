"""An independent watchman: random histories through the app's judgement, held against rules written apart."""
