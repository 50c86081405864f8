"""The muscle groups that work is counted by."""

from enum import StrEnum


class Muscle(StrEnum):
    """Muscle groups, as a trainer names them. House rule: twenty-one, fine enough to count sets by."""

    QUADRICEPS = "quadriceps"
    HAMSTRINGS = "hamstrings"
    GLUTES = "glutes"
    ADDUCTORS = "adductors"
    HIP_ABDUCTORS = "hip abductors"
    HIP_FLEXORS = "hip flexors"
    CALVES = "calves"
    SHINS = "shins"
    ANKLE_STABILISERS = "ankle stabilisers"
    CHEST = "chest"
    FRONT_SHOULDER = "front shoulder"
    SIDE_SHOULDER = "side shoulder"
    REAR_SHOULDER = "rear shoulder"
    UPPER_BACK = "upper back"
    LATS = "lats"
    BICEPS = "biceps"
    TRICEPS = "triceps"
    FOREARMS = "forearms"
    TRUNK = "trunk"
    OBLIQUES = "obliques"
    SPINAL_ERECTORS = "spinal erectors"
