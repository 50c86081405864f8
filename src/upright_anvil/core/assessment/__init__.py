"""Tests: what is measured, how it is entered, and what two times say."""
