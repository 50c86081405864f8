"""What a session says before any policy is asked: one module a judgement, in the order of `judge`."""
