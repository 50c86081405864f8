"""Finding an exercise and what to do instead, with two thousand exercises of one's own beside the shipped ones."""

from itertools import count, cycle

from bench.figures import Figure, timed
from bench.served import Served, served
from upright_anvil.api.studio import THE_STUDIO
from upright_anvil.cli import open_database
from upright_anvil.core.loads.equipment.reading import read_equipment
from upright_anvil.core.loads.load import Unit
from upright_anvil.formats.shipped.exercise_file import shipped_exercises, table_of
from upright_anvil.store.studio import exercises
from upright_anvil.store.tables import OwnExerciseRow

OWN = 2000
TYPED = [
    *("b", "be", "ben", "benc", "bench", "row", "dumb-row", "hams", "zz"),
    *("knee%20friendly%20squat", "no%20equipment%20chest", "dumbel%20row", "cable%20p"),
    *("sl%20rdl", "db%20inc%20press", "glutes%20band", "press%20ups", "heavy%20goblet%20squat"),
]
WRITTEN = [
    *("dumbbells 2,5 to 30 kg in 2.5s", "a 12 and a 16 kg kettlebell", "20 kg olympic bar"),
    *("cable machine 5-80 kg in 5 kg steps", "squat rack, flat bench, chin up bar and a mat"),
]
WANTED = ["back-squat", "bench-press", "pull-up", "split-squat", "plank", "deadlift", "overhead-press", "leg-curl"]


def measure() -> list[Figure]:
    """Ask over HTTP, as the search box and the exercise's page do."""
    with served() as app:
        _add_own(app)
        clients = [c["id"] for c in app.ask("GET", "/clients")]
        texts, asked = cycle(TYPED), cycle((w, c) for w in WANTED for c in clients)
        search = timed(lambda _: app.fetch(f"/exercises?q={next(texts)}&limit=40"), 200)

        def instead(_: int) -> None:
            wanted, client = next(asked)
            app.fetch(f"/exercises/{wanted}/substitutes?client={client}")

        found = timed(instead, 160)
        detail = f"{OWN + len(shipped_exercises())} exercises over HTTP, median"
        return [
            Figure("find an exercise as it is typed, p95", search.p95, 30, "ms", f"{detail} {search.median:.1f} ms"),
            Figure("what to do instead, for a client, p95", found.p95, 100, "ms", f"{detail} {found.median:.1f} ms"),
            *_kit(),
        ]


def _kit() -> list[Figure]:
    """Reading 60 lines of equipment as people write it: brought in at once, and while one more is typed."""
    seen = count()

    def lines() -> str:
        # None of them was ever seen before.
        return "\n".join(f"{line}, {30 + next(seen)} kg rucksack" for _ in range(12) for line in WRITTEN)

    known = lines()
    whole = timed(lambda _: read_equipment(lines(), Unit.KG), 20)
    one = timed(lambda n: read_equipment(f"{known}\ndumbbells 4-{24 + 2 * n} by 2", Unit.KG), 40)
    return [
        Figure("60 lines of equipment brought in at once, p95", whole.p95, 100, "ms", f"median {whole.median:.1f} ms"),
        Figure("one more typed below them, p95", one.p95, 20, "ms", f"median {one.median:.1f} ms"),
    ]


def _add_own(app: Served) -> None:
    """Two thousand exercises, each like a shipped one under another name."""
    shipped = cycle(shipped_exercises().values())
    database = open_database(app.data)
    with database.writing(THE_STUDIO) as scope:
        for number in range(OWN):
            like = next(shipped)
            name = f"{like.name}, my way {number}"
            document = table_of(like) | {"name": name, "also": []}
            scope.db.add(OwnExerciseRow(id=f"own-{number:06d}", studio_id=THE_STUDIO, name=name, document=document))
        exercises.changed(scope)
    database.close()
