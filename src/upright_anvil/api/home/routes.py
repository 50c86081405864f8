"""Home sheets out, results back."""

from typing import Annotated
from urllib.parse import parse_qs

from fastapi import Request, Response
from pydantic import BaseModel, Field, StringConstraints

from upright_anvil.api.exchange.routes import download
from upright_anvil.api.request_model import MADE, MadeId, RequestModel
from upright_anvil.api.routing import resource
from upright_anvil.api.studio import Here
from upright_anvil.core.errors import DomainError
from upright_anvil.core.home.sheet import HomeSheet
from upright_anvil.core.ids import ClientId, ProgramId
from upright_anvil.core.plan.parts import DayKey, WeekKey
from upright_anvil.services.exchange.home_files import PaperSize, sheet_file, sheet_paper
from upright_anvil.services.home import looking, making, overview, results
from upright_anvil.services.home.kept import kept_sheet
from upright_anvil.services.home.looking import HomeResultView
from upright_anvil.services.home.making import MadeSheet, SheetDay
from upright_anvil.services.home.overview import HomeView

router = resource("", tag="home")

_ResultText = Annotated[str, StringConstraints(strip_whitespace=True, min_length=1, max_length=20_000)]


class SheetDayRequest(RequestModel):
    """A day of a week for a sheet."""

    week_id: WeekKey
    day_id: DayKey


class SheetRequest(RequestModel):
    """A sheet of some days of a program."""

    program_id: Annotated[ProgramId, MADE]
    days: Annotated[list[SheetDayRequest], Field(max_length=making.MOST_DAYS)]


class HomeResultRequest(RequestModel):
    """A text that came back, and in whose file it is brought in, where that is known."""

    text: _ResultText
    client_id: Annotated[ClientId, MADE] | None = None


class SendCode(BaseModel):
    """A code with which a sheet can send once, and for how many minutes it holds."""

    code: str
    minutes: int


@router.get("/clients/{client_id}/home")
def home(client_id: ClientId, here: Here) -> HomeView:
    """What a client can do at home, was given and has sent back."""
    with here.reading() as scope:
        return overview.home_view(scope, client_id, here.today)


@router.post("/clients/{client_id}/home-sheets", status_code=201)
async def make_home_sheet(client_id: ClientId, asked: SheetRequest, here: Here, request: Request) -> MadeSheet:
    """Make a sheet of some days, in the client's language."""
    days = [SheetDay(day.week_id, day.day_id) for day in asked.days]
    address = str(request.base_url).rstrip("/")
    return await here.write(
        lambda scope: making.make_sheet(scope, client_id, asked.program_id, days, address, here.now, here.today)
    )


@router.get("/home-sheets/{sheet_id}")
def home_sheet(sheet_id: MadeId, here: Here) -> HomeSheet:
    """A sheet as it was made, as JSON."""
    with here.reading() as scope:
        return kept_sheet(scope, sheet_id)


@router.get("/home-sheets/{sheet_id}/sheet.html", response_class=Response)
def home_sheet_file(sheet_id: MadeId, here: Here, request: Request) -> Response:
    """A sheet as one file that runs by itself."""
    with here.reading() as scope:
        return download(sheet_file(scope, sheet_id, request.app.state.web))


@router.get("/home-sheets/{sheet_id}/sheet.pdf", response_class=Response)
def home_sheet_paper(
    sheet_id: MadeId, here: Here, size: PaperSize = PaperSize.A4, large: bool = False, blank: bool = False
) -> Response:
    """A sheet on paper: a page a day, in large print, or as a log to tick."""
    with here.reading() as scope:
        return download(sheet_paper(scope, sheet_id, size, large=large, blank=blank))


@router.post("/home-sheets/{sheet_id}/code")
async def give_code(sheet_id: MadeId, here: Here) -> SendCode:
    """A code with which this sheet can send one result to the studio."""
    code = await here.write(lambda scope: results.give_code(scope, sheet_id, here.now))
    return SendCode(code=code, minutes=results.CODE_MINUTES)


@router.post("/home-results/look")
def look_at_result(asked: HomeResultRequest, here: Here) -> HomeResultView:
    """What a text that came back would put into the log; nothing is kept."""
    with here.reading() as scope:
        return looking.look_at_result(scope, asked.text, asked.client_id, here.now)


@router.post("/home-results")
async def take_result(asked: HomeResultRequest, here: Here) -> HomeResultView:
    """Put a result into the log as work done at home."""
    return await here.write(lambda scope: results.take_result(scope, asked.text, asked.client_id, here.now))


@router.get("/home-results/{result_id}")
def home_result(result_id: MadeId, here: Here) -> HomeResultView:
    """A result that was kept."""
    with here.reading() as scope:
        return looking.look_at_result(scope, results.text_of(scope, result_id), None, here.now)


@router.post("/home-results/{result_id}/take")
async def take_kept_result(result_id: MadeId, here: Here) -> HomeResultView:
    """Put a result that was sent into the log."""
    return await here.write(lambda scope: results.take_result(scope, results.text_of(scope, result_id), None, here.now))


@router.post("/home-results/{result_id}/set-aside", status_code=204)
async def set_result_aside(result_id: MadeId, here: Here) -> None:
    """Leave a result out of the log."""
    await here.write(lambda scope: results.set_aside(scope, result_id))


@router.post("/home-results/{result_id}/word", status_code=204)
async def had_a_word(result_id: MadeId, here: Here) -> None:
    """Note that what came back has been spoken about."""
    await here.write(lambda scope: results.had_a_word(scope, result_id))


_ANYWHERE = {"Access-Control-Allow-Origin": "*"}
"""A sheet is opened from a phone's files, which have no origin: it can send, and read only whether that was taken."""


@router.post("/home-results/send", response_class=Response)
async def send_result(here: Here, request: Request) -> Response:
    """What a client's phone sends with a code (form fields ``text`` and ``code``); the trainer looks at it later."""
    said = parse_qs((await request.body()).decode("utf-8", "replace"), max_num_fields=4)
    text, code = (next(iter(said.get(name, ())), "") for name in ("text", "code"))
    try:
        refusal = await here.write(lambda scope: results.receive(scope, text, code, here.now))
    except DomainError as wrong:
        refusal = str(wrong)
    return Response(refusal or "kept", 422 if refusal else 200, headers=_ANYWHERE, media_type="text/plain")
