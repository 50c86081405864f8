"""How far one step goes: achievable loads, gaps in the kit, rungs, repetitions in their range."""
