"""Sessions by date, and moving them."""
