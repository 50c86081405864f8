"""What has come of the work: what is worth telling the client, who falls behind, what stands still."""
