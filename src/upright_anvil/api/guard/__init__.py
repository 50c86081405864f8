"""What stands before every route: who may ask, how much and how slowly, and what browsers are told of the answer."""
