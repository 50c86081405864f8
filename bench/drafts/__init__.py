"""A judge of drafts: written clients with what a strict colleague would require and forbid."""
