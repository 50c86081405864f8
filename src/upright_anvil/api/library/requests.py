"""What is asked of the library."""

from decimal import Decimal
from typing import Annotated

from pydantic import Base64Bytes, Field

from upright_anvil.api.request_model import Line, Number, RequestModel, Words
from upright_anvil.core.body.joints import Joint, JointLoad, Stress
from upright_anvil.core.body.muscles import Muscle
from upright_anvil.core.exercises import CueSet, Exercise, ExerciseKind, Pattern, Skill
from upright_anvil.core.ids import NO_EXERCISE, ExerciseId
from upright_anvil.core.loads.features import Feature, thing_name
from upright_anvil.core.loads.implements import ImplementKind

Few = Field(max_length=6)


class JointLoadRequest(RequestModel):
    """What an exercise asks of a joint."""

    joint: Joint
    stress: Stress
    how: Line = ""


class CueSetRequest(RequestModel):
    """Cues of one school."""

    school: Words
    cues: Annotated[list[Words], Few]


class PictureRequest(RequestModel):
    """A photo or drawing, its bytes in base64."""

    content: Base64Bytes


class ExerciseLikeRequest(RequestModel):
    """An exercise of the trainer's own that is like another."""

    name: Words
    like: ExerciseId


class ExerciseRequest(RequestModel):
    """An exercise of the trainer's own, or an edit of one that ships."""

    name: Words
    pattern: Pattern
    kind: ExerciseKind = ExerciseKind.LIFT
    movers: Annotated[tuple[Muscle, ...], Few] = ()
    helpers: Annotated[tuple[Muscle, ...], Few] = ()
    implements: Annotated[list[ImplementKind], Field(min_length=1, max_length=8)]
    needs: Annotated[tuple[Feature, ...], Few] = ()
    kit: Annotated[tuple[Words, ...], Few] = ()
    bodyweight_share: Annotated[Number, Field(le=1)] = Decimal(0)
    rep_seconds: Annotated[int, Field(ge=1, le=60)] = 3
    one_sided: bool = False
    stable: bool = True
    joints: Annotated[tuple[JointLoadRequest, ...], Field(max_length=8)] = ()
    cues: Annotated[tuple[Words, ...], Few] = ()
    cue_sets: Annotated[tuple[CueSetRequest, ...], Few] = ()
    faults: Annotated[tuple[Words, ...], Few] = ()
    ladder: Line = ""
    after: Line = ""
    also: Annotated[tuple[Words, ...], Field(max_length=30)] = ()

    def exercise(self, before: Exercise | None = None) -> Exercise:
        """Answer the core's exercise; family and strength stay as they were before."""
        return Exercise(
            id=before.id if before else NO_EXERCISE,
            name=self.name,
            pattern=self.pattern,
            movers=tuple(dict.fromkeys(self.movers)),
            helpers=tuple(m for m in dict.fromkeys(self.helpers) if m not in self.movers),
            implements=tuple(dict.fromkeys(self.implements)),
            bodyweight_share=self.bodyweight_share,
            rep_seconds=self.rep_seconds,
            one_sided=self.one_sided,
            cues=tuple(self.cues),
            kind=self.kind,
            needs=tuple(dict.fromkeys(self.needs)),
            kit=tuple(dict.fromkeys(thing_name(thing) for thing in self.kit)),
            stable=self.stable,
            joints=tuple(JointLoad(j.joint, j.stress, j.how) for j in self.joints),
            family=before.family if before else "",
            strength=before.strength if before else (),
            cue_sets=tuple(CueSet(s.school, tuple(s.cues)) for s in self.cue_sets),
            faults=tuple(self.faults),
            ladder=self.ladder,
            after=ExerciseId(self.after),
            also=tuple(dict.fromkeys(self.also)),
            on_request=before.on_request if before else False,
            skill=before.skill if before else Skill.ANYONE,
            suits=before.suits if before else (),
        )
