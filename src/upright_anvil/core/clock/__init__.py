"""What a clock calls and when: the timeline of timed work, and the beats of a tempo."""
