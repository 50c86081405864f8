"""All routes but those that a page opens with: read right after the start, or when somebody asks for one sooner."""

from upright_anvil.api.assessment import routes as testing
from upright_anvil.api.backups import routes as backups
from upright_anvil.api.bringing import routes as bringing
from upright_anvil.api.clients import consents
from upright_anvil.api.clients import routes as clients
from upright_anvil.api.devices import routes as devices
from upright_anvil.api.exchange import archives, library_files
from upright_anvil.api.exchange import routes as exchange
from upright_anvil.api.floor import routes as floor
from upright_anvil.api.health import routes as health
from upright_anvil.api.home import routes as home
from upright_anvil.api.languages import routes as languages
from upright_anvil.api.library import routes as library
from upright_anvil.api.people import routes as people
from upright_anvil.api.places import routes as places
from upright_anvil.api.planning import routes as planning
from upright_anvil.api.programs import routes as programs
from upright_anvil.api.reports import routes as reports
from upright_anvil.api.sessions import routes as sessions
from upright_anvil.api.starting import routes as starting

FLOOR = (sessions.router, floor.router)
"""What the floor asks: found before all others, so that a set is answered soonest."""

OTHERS = (
    devices.router,
    programs.router,
    planning.router,
    clients.router,
    consents.router,
    bringing.router,
    starting.router,
    starting.own,
    exchange.router,
    archives.router,
    library_files.router,
    home.router,
    reports.router,
    places.router,
    health.router,
    library.router,
    testing.router,
    languages.router,
    backups.router,
    people.router,
)
"""In the order they are tried."""
