"""Signs that end a session, in plain words."""

WARNING_SIGNS = (
    "Pain, pressure or tightness in the chest, neck, jaw or arm",
    "Dizziness, light-headedness or fainting",
    "Breathlessness out of proportion to the effort",
    "A heartbeat that races, flutters or stumbles",
    "Sudden weakness, numbness, a crooked face or muddled speech",
    "A sudden severe headache",
    "Sharp or sudden joint or back pain, swelling, or a joint that gives way",
    "In pregnancy: bleeding, leaking fluid, contractions, or a painful swollen calf",
)
"""The usual signs at which training stops and help is sought. House wording of common guidance."""

WHAT_TO_DO = (
    "Stop the session. Sit or lay the client down, stay with them. If it does not pass at once, or you are in doubt, "
    "call the emergency number. Train again only when a clinician says so."
)
