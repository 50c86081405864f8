"""A plan read out against a client: what each cell asks for, what it comes to here, what it is read against."""
