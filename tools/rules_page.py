"""Write docs/rules.md from the docstrings of the core, so that prose and code cannot drift apart."""

import importlib
import inspect
from pathlib import Path

from upright_anvil.core import constants
from upright_anvil.core.checks.model import Check
from upright_anvil.core.checks.registry import ALL

PAGE = Path(__file__).parents[1] / "docs" / "rules.md"

CHAPTERS = (
    (
        "Loads and what can be lifted",
        (
            "loads.load",
            "loads.features",
            "loads.implements",
            "loads.inventory",
            "loads.plating",
            "loads.on_the_bar",
            "loads.equipment.reading",
            "loads.equipment.lines",
            "loads.equipment.items",
            "loads.equipment.figures",
            "loads.equipment.said",
        ),
    ),
    (
        "The library",
        (
            "exercises",
            "library.search",
            "library.vocabulary",
            "library.ladders",
            "library.substitutes",
            "library.starting_load",
            "library.cues",
        ),
    ),
    (
        "Health",
        (
            "health.history",
            "health.cautions",
            "health.screening",
            "health.raising",
            "health.asking",
            "health.warning_signs",
        ),
    ),
    ("People and signing in", ("people.roles", "people.sign_in_rules")),
    ("Energy", ("energy",)),
    ("Between sessions", ("home.dose", "home.result", "report")),
    (
        "Assessment",
        ("assessment.items", "assessment.results", "assessment.compare", "assessment.due", "assessment.settling"),
    ),
    (
        "Prescription",
        (
            "prescription.targets",
            "prescription.load_targets",
            "prescription.tempo",
            "prescription.model",
            "prescription.coding",
            "prescription.loads_of",
            "prescription.effort",
            "prescription.text.shorthand",
            "prescription.text.named",
            "prescription.text.ditto",
            "prescription.text.rounds",
            "prescription.text.misreading",
        ),
    ),
    (
        "Schemes",
        tuple(
            f"prescription.schemes.{name}"
            for name in ("varied", "last_most", "drops", "back_off", "cluster", "every", "density", "checkpoints")
        ),
    ),
    ("Time", ("timing.estimate", "timing.groups")),
    (
        "Strength estimates",
        (
            "strength.formulas",
            "strength.estimate",
            "strength.attempts",
            "strength.doubted",
            "strength.session_table",
            "strength.layoff",
            "strength.kalman",
            "strength.over_time",
            "strength.standing",
            "strength.rep_curve",
            "strength.known",
            "strength.plausible",
        ),
    ),
    ("Volume", ("volume.hard_sets", "volume.contacts", "volume.bands", "volume.weeks")),
    ("Set blocks", ("blocks",)),
    ("The ledger", ("ledger.rows", "ledger.how", "ledger.standing", "ledger.aim")),
    (
        "The session on the day",
        (
            "session.model",
            "health.readiness",
            "session.easing",
            "session.milder",
            "session.away",
            "session.late",
            "session.elsewhere",
            "session.carry_over",
            "session.swapping",
            "session.this_session",
            "session.ramp_up",
            "session.order",
            "session.on_paper",
            "session.sides",
            "session.facts",
        ),
    ),
    ("The clock", ("clock.timeline", "clock.set_steps", "clock.calls", "clock.tempo_beats")),
    ("Sensors", ("sensing.strokes", "sensing.counting", "sensing.live", "sensing.tempo_kept")),
    (
        "The plan",
        (
            "plan.document",
            "plan.parts",
            "plan.edits",
            "plan.changing.paths",
            "plan.changing.formulas",
            "plan.changing.replacing",
            "plan.changing.suited",
            "plan.read_out.usual_section",
            "plan.changing.compare",
            "plan.read_out.reading",
            "plan.read_out.resolving",
            "plan.read_out.restricted",
            "plan.read_out.known",
            "plan.next_cell",
            "missed_session",
            "plan.changing.easing",
            "pasted.table",
            "pasted.program_rows",
            "pasted.row_text",
            "pasted.dates",
            "pasted.client_rows",
            "pasted.session_rows",
            "pasted.as_done",
            "plan.changing.record",
        ),
    ),
    ("The life of a program", ("plan.standing", "plan.changing.carried")),
    ("Fitting the time", ("fitting.cost", "fitting.finders", "fitting.opposite", "fitting.changes", "fitting.fit")),
    ("Starting points", ("templates.adapt", "templates.from_phase")),
    (
        "Drafting",
        (
            "plan.weekdays",
            "drafting.words",
            "drafting.brief",
            "drafting.slots",
            "drafting.candidates",
            "drafting.first_load",
            "drafting.doses",
            "drafting.around",
            "drafting.solve",
            "drafting.building",
            "drafting.away",
            "drafting.told",
            "drafting.draft",
        ),
    ),
    ("Running the checks", ("checks.study", "checks.run", "checks.merging", "checks.remembered", "checks.registry")),
    (
        "Progression",
        (
            "progression.judge",
            "progression.limits.never_up",
            "progression.limits.bounds",
            "progression.kinds",
            "progression.circuit",
            *(
                f"progression.judgements.{name}"
                for name in (
                    "pain",
                    "missed_days",
                    "doubted",
                    "form",
                    "changed_day",
                    "poor_day",
                    "worn",
                    "one_side",
                    "deep_miss",
                    "drop_off",
                    "too_easy",
                    "plateau",
                )
            ),
            "progression.schools",
            *(
                f"progression.policies.{name}"
                for name in (
                    "double_progression",
                    "linear",
                    "wave",
                    "reserve_led",
                    "sets",
                    "density",
                    "control",
                    "skill",
                    "holds",
                    "differing",
                    "any_kit",
                    "timed",
                    "jumps",
                    "distance",
                    "rounds",
                )
            ),
            "progression.moves.bridging",
            "progression.moves.rungs",
            "progression.limits.holding",
            "progression.moves.steps",
            "progression.evidence",
            "progression.answering",
            "progression.moves.fitting",
            "progression.registry",
            "progression.rolling",
            "progression.easier_week",
        ),
    ),
    (
        "Looking ahead",
        tuple(f"projection.{name}" for name in ("scenario", "simulated_sets", "projection", "events", "measure")),
    ),
    ("Progress", tuple(f"progress.{name}" for name in ("highlights", "at_load", "behind", "standing_still"))),
)


def page() -> str:
    """Answer the whole page."""
    parts = [
        "# The rules\n",
        "Every computation with its source, taken from the docstrings of `src/upright_anvil/core`. "
        "Written by `make rules`; a test holds it to the code.\n",
    ]
    for title, modules in CHAPTERS:
        parts.append(f"## {title}\n")
        for name in modules:
            parts += _module(name)
    parts.append("## Checks on a plan\n")
    parts += [_check(check) for check in ALL]
    parts.append("## Constants\n")
    parts.append(_constants())
    return "\n".join(parts)


def _module(name: str) -> list[str]:
    module = importlib.import_module(f"upright_anvil.core.{name}")
    parts = [f"### `core/{name.replace('.', '/')}`\n", f"{inspect.getdoc(module)}\n"]
    for each, value in vars(module).items():
        if (
            callable(value)
            and not inspect.isclass(value)
            and getattr(value, "__module__", "") == module.__name__
            and not each.startswith("_")
        ):
            parts.append(f"- **{each}**: {' '.join((inspect.getdoc(value) or '').split())}")
    return [*parts, ""]


def _check(check: Check) -> str:
    """A check with its docstring, what it answers when asked why, and its source."""
    module = importlib.import_module(check.look.__module__)
    said = " ".join((inspect.getdoc(module) or "").split())
    return f"### {check.title}\n\n`{check.id}`, {check.severity}. {said} *{check.why}* Source: {check.source}.\n"


def _constants() -> str:
    """Name, value and the sentence that stands under each constant."""
    lines = inspect.getsource(constants).splitlines()
    rows = ["| constant | value | what it is |", "| --- | --- | --- |"]
    names: list[str] = []
    for line in lines:
        name = line.split(":")[0]
        if name.isupper() and ": Final" in line:
            names.append(name)
        elif line.startswith('"""') and names:
            rows += [f"| `{n}` | {getattr(constants, n)} | {line.strip(chr(34))} |" for n in names]
            names = []
    return "\n".join(rows) + "\n"


def main() -> None:
    """Write the page."""
    PAGE.write_text(page(), "utf-8")


if __name__ == "__main__":
    main()
