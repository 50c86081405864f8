"""The report of a client: looked at, its words changed, then handed over as a page or on paper."""

from dataclasses import replace
from datetime import date
from enum import StrEnum
from typing import Annotated

from fastapi import Response
from pydantic import Base64Bytes, Field, StringConstraints

from upright_anvil.api.exchange.routes import download
from upright_anvil.api.request_model import RequestModel
from upright_anvil.api.routing import resource
from upright_anvil.api.studio import Here, heavy
from upright_anvil.core.ids import ClientId
from upright_anvil.core.report import ReportTexts
from upright_anvil.formats.paper.paper_size import PaperSize
from upright_anvil.services.exchange.exporting import ExportedFile, stem
from upright_anvil.services.programs.report import ReportView, report_of
from upright_anvil.store.file.database import Scope

router = resource("/clients", tag="reports")

Paragraph = Annotated[str, StringConstraints(strip_whitespace=True, max_length=2000)]


class ReportKind(StrEnum):
    """What a report is written as."""

    HTML = "html"
    PDF = "pdf"


class ReportTextsRequest(RequestModel):
    """The paragraphs as the trainer has them; an empty one is left out."""

    opening: Paragraph
    work: Paragraph
    strength: Paragraph
    tests: Paragraph
    praise: Paragraph
    minded: Paragraph
    following: Paragraph


class ReportRequest(RequestModel):
    """A report over a span with the trainer's words; ``picture`` is put in and kept nowhere."""

    start: date
    until: date
    texts: ReportTextsRequest
    kind: ReportKind = ReportKind.PDF
    size: PaperSize = PaperSize.A4
    picture: Base64Bytes = Field(default=b"", max_length=900_000)


@router.get("/{client_id}/report")
@heavy
def client_report(client_id: ClientId, start: date, until: date, here: Here) -> ReportView:
    """What a report over a span would say."""
    with here.reading() as scope:
        return report_of(scope, client_id, start, until, here.today)


@router.post("/{client_id}/report", response_class=Response)
async def write_report(client_id: ClientId, asked: ReportRequest, here: Here) -> Response:
    """A report as a file, with the trainer's words; nothing of it is kept."""

    def written(scope: Scope) -> ExportedFile:
        from upright_anvil.formats.paper.report_file import report_html, report_pdf

        report = report_of(scope, client_id, asked.start, asked.until, here.today).report
        report = replace(report, texts=asked.texts.made(ReportTexts))
        name = f"{stem(f'{report.client} report {asked.until}')}.{asked.kind}"
        if asked.kind is ReportKind.HTML:
            return ExportedFile(name, "text/html; charset=utf-8", report_html(report, asked.picture))
        return ExportedFile(name, "application/pdf", report_pdf(report, asked.size, asked.picture))

    return download(await here.read(written))
