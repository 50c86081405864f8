"""What is made of a plan: rows filled, weeks eased, things replaced, programs begun from others and compared."""
