"""Tests: batteries, rounds, what is due again, the scale."""
