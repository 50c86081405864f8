"""Equipment as people write it: nouns and figures, the things of a line, the list as an inventory, said back."""
