"""After the session: proposals and the decisions on them."""
