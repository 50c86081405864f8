"""What is known of a client that plans and sets are read against."""
