"""Looking ahead: what the weeks to come ask for if the proposals are followed, under three outlooks."""
