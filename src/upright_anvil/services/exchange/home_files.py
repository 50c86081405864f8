"""A home sheet as a file: HTML that runs by itself, or paper."""

from pathlib import Path

from upright_anvil.core.errors import DomainError
from upright_anvil.formats.home_sheet_file import sheet_html, sheet_parts
from upright_anvil.formats.paper.paper_size import PaperSize
from upright_anvil.formats.shipped.languages import phrases_of
from upright_anvil.services.exchange.exporting import ExportedFile, stem
from upright_anvil.services.home.kept import kept_sheet, written
from upright_anvil.store.file.database import Scope

__all__ = ["PaperSize", "sheet_file", "sheet_paper"]


def sheet_file(scope: Scope, sheet_id: str, web: Path | None) -> ExportedFile:
    """Answer a sheet as one HTML file. Raises `DomainError` where the interface was not built, `NotFoundError`."""
    if web is None:
        raise DomainError("This app serves its data alone: there is no interface to make a sheet of.")
    sheet = kept_sheet(scope, sheet_id)
    phrases = phrases_of(sheet.language)
    page = sheet_html(sheet, written(sheet), sheet_parts(web / "sheet"), phrases)
    return ExportedFile(
        f"{stem(f'{sheet.client} at home {sheet.made_on}')}.html", "text/html; charset=utf-8", page.encode()
    )


def sheet_paper(scope: Scope, sheet_id: str, size: PaperSize, *, large: bool, blank: bool) -> ExportedFile:
    """Answer a sheet as PDF, a page a day; ``blank`` is a log to write in. Raises `NotFoundError`."""
    from upright_anvil.formats.paper.home_paper import home_pdf

    sheet = kept_sheet(scope, sheet_id)
    content = home_pdf(sheet, phrases_of(sheet.language), size, large=large, blank=blank)
    kind = "log" if blank else "at home"
    return ExportedFile(f"{stem(f'{sheet.client} {kind} {sheet.made_on}')}.pdf", "application/pdf", content)
