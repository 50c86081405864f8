"""Use cases: load, ask the core, save; each in one transaction that its caller owns."""
