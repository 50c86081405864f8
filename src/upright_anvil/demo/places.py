"""The invented places of the demo."""

from upright_anvil.core.loads.load import Unit
from upright_anvil.services.clients.places import PlaceFacts

DEPOT = """bar 20, plates 2x1.25 2x2.5 4x5 4x10 4x20
dumbbells 4-12 by 1, 14-32 by 2
kettlebells 8 12 16 20 24
stack 5-90 by 5, add-on 2.5
bands sand 6, rust 12, slate 20
medicine balls 3 5
belt 2.5 5 7.5 10 15
assistance 5-40 by 5
bench, rack, box, pull-up bar, dip bars, anchor
straps, sliders, big ball, balance pad, rower, stairs"""

YARD = """bar 45, plates 2x2.5 4x5 4x10 2x25 4x45
dumbbells 10-70 by 5
stack 10-200 by 10
bench, rack, box, pull-up bar, anchor"""

HOME = """dumbbells 6 8 10 14 18
bands sand 6, rust 12
chair, bench, anchor"""

HOTEL = """rucksack 10
bands sand 6
stairs, no open ground"""

ATTIC = """blocks 5-50 lb by 5: 5 white, 10 sand, 15 rust, 20 moss, 25 slate, 30 plum, 35 straw, 40 ink, 45 brick
pull-up bar, balance pad, sliders"""

KITCHEN = """dumbbells 1 2 3
canisters 5
bands sand 6
stairs"""

PLACES = (
    PlaceFacts("Tram depot", Unit.KG, DEPOT),
    PlaceFacts("Yard gym", Unit.LB, YARD),
    PlaceFacts("Noor's home", Unit.KG, HOME),
    PlaceFacts("Hotel room", Unit.KG, HOTEL),
    PlaceFacts("Saskia's attic", Unit.KG, ATTIC),
    PlaceFacts("Agnes's kitchen", Unit.KG, KITCHEN),
)
