"""Lines as they stand in notebooks, and what they are kept as."""

from unittest import TestCase

from upright_anvil.core.loads.load import Unit
from upright_anvil.core.prescription.text.shorthand import ShorthandError, read, write

KEPT = [
    ("5x5 100", "5 x 5, 100 kg"),
    ("5X5@100KG", "5 x 5, 100 kg"),
    ("3 sets of 12 reps 20kg", "3 x 12, 20 kg"),
    ("3 sets x 12", "3 x 12"),
    ("3x8to10 22,5", "3 x 8-10, 22.5 kg"),
    ("3x8–10;rest 90sec", "3 x 8-10, rest 1:30"),
    ("4*6 rest 2m leave 1", "4 x 6, rest 2:00, leave 1"),
    ("4x6 rest 2min with walking", "4 x 6, rest 2:00 with walking"),
    ("4x6 rest 45 with easy shoulder circles, leave 2", "4 x 6, rest 45 s with easy shoulder circles, leave 2"),
    ("3x10 per leg", "3 x 10 each side"),
    ("3x10 each arm 14", "3 x 10 each side, 14 kg"),
    ("3x10 Left First", "3 x 10 each side, left first"),
    ("2x30s right only", "2 x 30 s, right only"),
    ("3xmax", "3 x max"),
    ("3 x MAX up to 20 leave 1", "3 x max to 20, leave 1"),
    ("3 x as many as possible", "3 x max"),
    ("15/12/10", "15/12/10"),
    ("15/12/10 40/50/60", "15/12/10, 40/50/60 kg"),
    ("8/8/8 60", "3 x 8, 60 kg"),
    ("8/8/8 60/60/60", "3 x 8, 60 kg"),
    ("10-12/8-10 20/24 kg each side", "10-12/8-10 each side, 20/24 kg"),
    ("3x5 70/75/80 % of max", "3 x 5, 70/75/80 %"),
    ("5x3 82,5%", "5 x 3, 82.5 %"),
    ("3x8 bodyweight + 5", "3 x 8, bw + 5 kg"),
    ("3x8 BW-20lb", "3 x 8, bw - 20 lb"),
    ("3x15 band Light-Blue", "3 x 15, band Light-Blue"),
    ("3x12 step b4", "3 x 12, step b4"),
    ("3x8 LAST TIME", "3 x 8, last time"),
    ("3x8 last time+2.5", "3 x 8, last time + 2.5 kg"),
    ("3x8 OPEN LOAD", "3 x 8, open load"),
    ("1x3 120 back-off 3x6 at 100", "1 x 3, 120 kg, back off 3 x 6 at 100 kg"),
    ("1x3 90% back off 3x6-8 at -12%", "1 x 3, 90 %, back off 3 x 6-8 at -12 %"),
    ("3x12 12 drop 10/8", "3 x 12, 12 kg, drop to 10/8 kg"),
    ("3x8 60 last max", "3 x 8, 60 kg, last set max"),
    ("3x8 60 last set max to 15", "3 x 8, 60 kg, last set max to 15"),
    ("3x3+2+1 110 pause 15", "3 x 3+2+1, 110 kg, pause 15 s"),
    ("3x2+2+2 110", "3 x 2+2+2, 110 kg, pause 20 s"),
    ("12x3 every 30 s 50kg", "12 x 3, 50 kg, every 30 s"),
    ("10x10 every 1:30", "10 x 10, every 1:30"),
    ("most x 10 in 6 min", "most x 10, in 6:00"),
    ("most x 8-10, bw, in 8:00, rest 15", "most x 8-10, bw, in 8:00, rest 15 s"),
    ("6x45s rest 15 checkpoint 55/60 s", "6 x 45 s, checkpoints 55/60 s, rest 15 s"),
    ("10/5/3 40/60/80 ramp up", "10/5/3, 40/60/80 kg, ramp-up"),
    ("2 x 400 m rest 2:00", "2 x 400 m, rest 2:00"),
    ("1 x 5 km", "1 x 5 km"),
    ("1 x 1250 m", "1 x 1250 m"),
    ("1x20min", "1 x 1200 s"),
    ("3x12 10 or 8 x 15 or 12 kg x 10", "3 x 12, 10 kg, or 8 kg x 15, or 12 kg x 10"),
    ("3x8 rpe 7", "3 x 8, rpe 7"),
    ("3-4 x 10", "3-4 x 10"),
    ("3 to 4 sets of 8-10 rest 30-60 s", "3-4 x 8-10, rest 30-60 s"),
    ("3x8 rest 1:00-2:00", "3 x 8, rest 1:00-2:00"),
    ("3x8 rest 45 - 90", "3 x 8, rest 45-90 s"),
    ("3 x 30-60 s", "3 x 30-60 s"),
    ("3 x max to 60 s", "3 x max to 60 s"),
    ("max to 60 s", "1 x max to 60 s"),
    ("3 x max 20", "3 x max to 20"),
    ("max 20", "1 x max to 20"),
    ("3 x max 20 kg", "3 x max, 20 kg"),
    ("3x12 alternating 10", "3 x 12, alternating, 10 kg"),
    ("3x12 alternating arms", "3 x 12, alternating"),
    ("3x12 12 or bw x 12", "3 x 12, 12 kg, or bw x 12"),
    ("3x12 band red or band blue x 8", "3 x 12, band red, or band blue x 8"),
    ("3x10 half reps", "3 x 10, half reps"),
    ("3x10 partial reps 40", "3 x 10, half reps, 40 kg"),
    ("3x10 plus 5 partial", "3 x 10, plus 5 partial"),
    ("3x10 + 5 partials 20", "3 x 10, plus 5 partial, 20 kg"),
    ("3x8 top half 60", "3 x 8, top half, 60 kg"),
    ("15/10/max, band sand/rust/slate", "15/10/max, band sand/rust/slate"),
    ("15/10/max 10/15/20 lb", "15/10/max, 10/15/20 lb"),
    ("2x10 step white/green", "2 x 10, step white/green"),
    ("3x10 step white/green", "3 x 10, step white/green"),
    ("3x10 rucksack 12 + jugs 8", "3 x 10, rucksack 12 kg + jugs 8 kg"),
    ("3x10 rucksack 12 kg and jug 8", "3 x 10, rucksack 12 kg + jug 8 kg"),
    ("3x10 20 + red band", "3 x 10, 20 kg + band red"),
    ("3x10 16 kg & 12 kg", "3 x 10, 16 kg + 12 kg"),
    ("5 km in 30 min", "1 x 5 km, in 30:00"),
    ("5,5 km in 75:00", "1 x 5.5 km, in 75:00"),
    ("4 x 400 m in 1:45 rest 90", "4 x 400 m, in 1:45, rest 1:30"),
    ("3x5 contacts", "3 x 5"),
    ("3x8 RIR 2", "3 x 8, leave 2"),
    ("3x8 2 RIR", "3 x 8, leave 2"),
    ("3x8 60 to failure", "3 x 8, 60 kg, leave 0"),
    ("3 x 5 @ RPE 8", "3 x 5, rpe 8"),
    ("3 x 5 @RPE 8.5 100", "3 x 5, 100 kg, rpe 8.5"),
    ("3 x AMRAP", "3 x max"),
    ("AMRAP", "1 x max"),
    ("3x8 60 last set AMRAP", "3 x 8, 60 kg, last set max"),
    ("3x12/side", "3 x 12 each side"),
    ("12/side", "1 x 12 each side"),
    ("3x12 e/s 10", "3 x 12 each side, 10 kg"),
    ("3x12 ea leg", "3 x 12 each side"),
    ("3x12 each", "3 x 12 each side"),
    ("3x8 t31X0", "3 x 8, tempo 3-1-X-0"),
    ("3x8 60 31x0", "3 x 8, 60 kg, tempo 3-1-X-0"),
    ("3x8 t 3-1-1-0", "3 x 8, tempo 3-1-1-0"),
    ("3x15 red band", "3 x 15, band red"),
    ("10 x 40/20", "10 x 40 s, rest 20 s"),
    ("8 rounds 20 s on 10 s off", "8 x 20 s, rest 10 s"),
    ("8 rounds of 20 on 10 off", "8 x 20 s, rest 10 s"),
    ("8 x 20 s work, 10 s rest", "8 x 20 s, rest 10 s"),
    ("emom 10: 5", "10 x 5, every 1:00"),
    ("EMOM 12 min x 3 60kg", "12 x 3, 60 kg, every 1:00"),
    ("e2mom 10: 5 100", "5 x 5, 100 kg, every 2:00"),
    ("3x6 5 s down, 3 s pause", "3 x 6, tempo 5-3-1-0"),
    ("3x6 60 4s down 2s up", "3 x 6, 60 kg, tempo 4-0-2-0"),
    ("3x10x60", "3 x 10, 60 kg"),
    ("3x10 x 60kg", "3 x 10, 60 kg"),
    ("5x5 at 80%", "5 x 5, 80 %"),
    ("3 x 8 with 24 kg", "3 x 8, 24 kg"),
    ("3x10 60 kg 90 s rest", "3 x 10, 60 kg, rest 1:30"),
    ("3x6-8 60 rest 2:00 leave 2", "3 x 6-8, 60 kg, rest 2:00, leave 2"),
    ("3x40 s rest 90 s", "3 x 40 s, rest 1:30"),
    ("2x10 5 kg 1 min rest", "2 x 10, 5 kg, rest 1:00"),
    ("3x10 20 60 s of rest", "3 x 10, 20 kg, rest 1:00"),
    ("3 rounds 12", "3 x 12"),
    ("40 s", "1 x 40 s"),
    ("2 minutes", "1 x 120 s"),
    ("12 each side 16", "1 x 12 each side, 16 kg"),
    ("3x8 RPE8,5 tempo 4 - 0 - x - 1", "3 x 8, tempo 4-0-X-1, rpe 8.5"),
]
REFUSED = [
    "5",
    "x8",
    "5x",
    "a few sets",
    "3x8 at home",
    "most of it",
    "3x8 60 stone",
    "8+",
    "3x8//60",
    "10/",
]


class AsCoachesWriteTest(TestCase):
    def test_is_read_and_kept_the_same_for_good(self) -> None:
        for typed, kept in KEPT:
            with self.subTest(typed=typed):
                self.assertEqual(write(read(typed, Unit.KG)), kept)
                self.assertEqual(write(read(kept, Unit.KG)), kept)
                self.assertEqual(read(kept, Unit.KG), read(typed, Unit.KG))

    def test_the_clients_unit_is_taken_where_none_is_said(self) -> None:
        for typed, kept in [
            ("3x8 45", "3 x 8, 45 lb"),
            ("3x8 45 kg", "3 x 8, 45 kg"),
            ("3x8 bw+10", "3 x 8, bw + 10 lb"),
            ("10/8 45/55", "10/8, 45/55 lb"),
            ("3x10 45 drop to 35/25", "3 x 10, 45 lb, drop to 35/25 lb"),
            ("1x5 135 back off 3x8 at 115", "1 x 5, 135 lb, back off 3 x 8 at 115 lb"),
            ("3x8 last time + 5", "3 x 8, last time + 5 lb"),
            ("3x12 20 or 15 x 15", "3 x 12, 20 lb, or 15 lb x 15"),
            ("3x5 75 %", "3 x 5, 75 %"),
        ]:
            with self.subTest(typed=typed):
                self.assertEqual(write(read(typed, Unit.LB)), kept)
                self.assertEqual(read(kept, Unit.KG), read(typed, Unit.LB))

    def test_what_nobody_could_train_is_refused_with_a_place(self) -> None:
        for typed in REFUSED:
            with self.subTest(typed=typed), self.assertRaises(ShorthandError) as caught:
                read(typed, Unit.KG)
            with self.subTest(typed=typed, part="place"):
                self.assertLessEqual(caught.exception.why.position, len(typed))
                self.assertTrue(caught.exception.why.expected)
