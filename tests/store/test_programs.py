"""Which program runs, asked of all clients at once, against the rule asked of each client's whole list."""

import random
from datetime import timedelta

from tests.support import NOW, TODAY, StudioTest, facts
from upright_anvil.core.ids import ClientId, ProgramId
from upright_anvil.core.plan.standing import ProgramDates, running
from upright_anvil.services.clients.clients import add_client
from upright_anvil.services.ids import fresh_id
from upright_anvil.store import programs
from upright_anvil.store.file.database import Scope
from upright_anvil.store.log.bringing import add_brought_in
from upright_anvil.store.tables import ProgramRow


class RunningTest(StudioTest):
    def test_all_at_once_is_the_same_as_one_by_one_over_odd_lists(self) -> None:
        chance = random.Random(13)
        with self.studio.writing() as scope:
            add_brought_in(scope, "batch", "sessions", NOW)
            clients = [add_client(scope, facts(f"Client {number}"), NOW).id for number in range(40)]
        for client_id in clients:
            for _ in range(chance.randint(0, 6)):
                self.begun(client_id, chance)
        with self.studio.reading() as scope:
            for days in (-40, -7, 0, 1, 40):
                today = TODAY + timedelta(days=days)
                found = {who: row.id for who, row in programs.running_programs(scope, today).items()}
                each = {who: running(self.dates(scope, who), today) for who in clients}
                self.assertEqual(found, {who: runs for who, runs in each.items() if runs is not None})
                self.assertEqual(len({*found.values()}), len(found))

    def dates(self, scope: Scope, client_id: ClientId) -> list[ProgramDates]:
        return [programs.dates_of(row) for row in programs.programs_of_client(scope, client_id)]

    def begun(self, client_id: ClientId, chance: random.Random) -> None:
        start = TODAY + timedelta(weeks=chance.randint(-4, 4))
        with self.studio.writing() as scope:
            scope.db.add(
                ProgramRow(
                    id=ProgramId(fresh_id()),
                    client_id=client_id,
                    revision=1,
                    created_at=NOW + timedelta(seconds=chance.randint(0, 1000)),
                    made_on=TODAY,
                    starts_on=start,
                    brought_in="batch" if chance.random() < 0.1 else None,
                    ended_on=start + timedelta(weeks=2) if chance.random() < 0.4 else None,
                )
            )
