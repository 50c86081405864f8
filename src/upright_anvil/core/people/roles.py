"""Roles and what they may do: each may all that the one before it may."""

from enum import IntEnum, StrEnum
from typing import Final


class Role(StrEnum):
    """What somebody is in the studio."""

    READER = "reader"
    ASSISTANT = "assistant"
    TRAINER = "trainer"
    OWNER = "owner"


class Permission(IntEnum):
    """What is needed for something: to look, to log what is done, to plan and to judge, to run the studio."""

    LOOK = 1
    LOG = 2
    PLAN = 3
    RUN = 4


MOST: Final = {
    Role.READER: Permission.LOOK,
    Role.ASSISTANT: Permission.LOG,
    Role.TRAINER: Permission.PLAN,
    Role.OWNER: Permission.RUN,
}
"""The most that each role may."""

REFUSALS: Final = {
    Permission.LOOK: "You may not see that.",
    Permission.LOG: "You may look, but not log. Ask the owner of the studio for another role.",
    Permission.PLAN: "You may log what is done, but not plan or judge. Ask a trainer of the studio.",
    Permission.RUN: "Only the owner of the studio may do that.",
}
"""What is said to whom lacks a permission."""


def may(role: Role, needed: Permission) -> bool:
    """Answer whether a role has a permission."""
    return MOST[role] >= needed
