"""Starting a program: templates and drafts."""
