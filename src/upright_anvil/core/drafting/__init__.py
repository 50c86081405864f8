"""A complete program from the client file alone, chosen by a solver, each choice with a reason."""
