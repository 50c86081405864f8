"""The sentences of the screens, to be translated."""
