from dataclasses import replace
from unittest import TestCase

from hypothesis import given, settings

from tests.core.strategies import situations
from upright_anvil.core.constants import BRIDGE_SLOWER_SECONDS
from upright_anvil.core.ledger.how import Source
from upright_anvil.core.loads.implements import ImplementKind
from upright_anvil.core.loads.load import Load, Unit
from upright_anvil.core.prescription.load_targets import BodyweightLoad
from upright_anvil.core.prescription.targets import Reps
from upright_anvil.core.prescription.text.shorthand import read, write
from upright_anvil.core.progression.evidence import showing
from upright_anvil.core.progression.judge import is_plain, proposal
from upright_anvil.core.progression.model import Confidence, Lever, ProgressionContext
from upright_anvil.core.progression.registry import POLICIES

MANY = settings(max_examples=250)


class EveryPolicyTest(TestCase):
    """What holds for any client, any place and any policy."""

    @MANY
    @given(situations())
    def test_a_rise_never_passes_its_cap_unless_it_was_bridged(self, context: ProgressionContext) -> None:
        for policy in POLICIES.values():
            proposal = policy.propose(context)
            if not proposal.bridged:
                self.assertLessEqual(proposal.rise, context.step_cap)

    @MANY
    @given(situations())
    def test_a_bridge_was_walked_slower(self, context: ProgressionContext) -> None:
        for policy in POLICIES.values():
            proposal = policy.propose(context)
            asked = context.today.prescription
            if proposal.bridged:
                assert asked.tempo and asked.tempo.lowering is not None
                home = context.home.tempo.lowering if context.home.tempo else None
                self.assertGreaterEqual(asked.tempo.lowering, (2 if home is None else home) + BRIDGE_SLOWER_SECONDS)

    @MANY
    @given(situations())
    def test_a_new_load_can_be_made_at_the_place(self, context: ProgressionContext) -> None:
        for policy in POLICIES.values():
            proposal = policy.propose(context)
            load, used = proposal.prescription.load, showing(context.today).load
            if proposal.lever not in (Lever.LOAD, Lever.EASE) or load == used:
                continue
            match load:
                case BodyweightLoad(added=Load() as added, assisted=assisted):
                    kind = ImplementKind.ASSISTANCE if assisted else ImplementKind.BODYWEIGHT
                    self.assertIsNotNone(context.place.find(kind, added))
                case Load():
                    made_with = context.exercise.implement_at(context.place)
                    self.assertIsNotNone(made_with and context.place.find(made_with, load))
                case _:
                    self.assertEqual(load, BodyweightLoad())

    @MANY
    @given(situations())
    def test_never_up_after_a_set_below_the_range(self, context: ProgressionContext) -> None:
        today = context.today
        target = today.prescription.target
        low = target.low if isinstance(target, Reps) else target.seconds
        if not today.sets or showing(today).least >= low:
            return
        for policy in POLICIES.values():
            proposal = policy.propose(context)
            self.assertLessEqual(proposal.rise, 0)
            self.assertIn(proposal.lever, (Lever.HOLD, Lever.EASE))

    @MANY
    @given(situations())
    def test_a_proposal_can_be_written_and_read_back(self, context: ProgressionContext) -> None:
        for policy in POLICIES.values():
            proposal = policy.propose(context)
            self.assertEqual(read(proposal.text, Unit.KG), proposal.prescription)
            for alternative in proposal.alternatives:
                self.assertEqual(write(read(alternative.text, Unit.KG)), alternative.text)
            self.assertTrue(proposal.rule and proposal.evidence)


class AloneTest(TestCase):
    @MANY
    @given(situations())
    def test_no_load_rises_on_work_alone_by_who_is_new_or_sore(self, context: ProgressionContext) -> None:
        home = tuple(replace(row, how=replace(row.how, source=Source.HOME)) for row in context.today.sets)
        today = replace(context.today, sets=home)
        alone = replace(context, exposures=(*context.exposures[:-1], today), alone="the client is new to training")
        for policy in POLICIES:
            found = proposal(alone, policy)
            if home:
                self.assertLessEqual(found.rise, 0)
                self.assertIs(found.confidence, Confidence.THIN)
                self.assertFalse(is_plain(found))
