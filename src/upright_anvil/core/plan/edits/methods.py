"""Methods that are ticked: restricted blood flow on a line or a phase."""

from typing import Literal

from upright_anvil.core.errors import DomainError
from upright_anvil.core.ids import NO_LINE
from upright_anvil.core.plan.document import Part, Program
from upright_anvil.core.plan.locate import rebuilt, with_line, with_phase
from upright_anvil.core.plan.parts import OptionalId, OptionalLine, RestrictedFlow


class RestrictFlow(Part):
    """Tick restricted blood flow on a line, or on a phase where no line is named; ``how`` left out takes it off."""

    op: Literal["restrict_flow"] = "restrict_flow"
    line: OptionalLine = NO_LINE
    phase: OptionalId = ""
    how: RestrictedFlow | None = None

    def apply(self, program: Program) -> Program:
        """Answer the program with it. Raises `DomainError` when the line or phase is gone, or neither is named."""
        if self.line:
            return with_line(program, self.line, lambda line: rebuilt(line, restricted=self.how))
        if self.phase:
            return with_phase(program, self.phase, lambda phase: rebuilt(phase, restricted=self.how))
        raise DomainError("Say which line or which phase.")
