"""The plan: a document with revisions."""
