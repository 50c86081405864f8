"""Tools of the project: the test runner, the pictures."""
