# Two commands matter: `make demo` and `make test`. Nothing unchanged is rebuilt.
SHELL := /bin/bash
.DEFAULT_GOAL := demo
.DELETE_ON_ERROR:

PORT ?= 8321
DATA ?= data/demo.sqlite3
STAMPS := .stamps
PY := .venv/bin/python
export PYTHONPATH := src:.
# Python's packages beside the web's, and the one lint beside the other.
MAKEFLAGS += --jobs=2

PY_SOURCES := $(shell find src tests bench tools -name '*.py' -o -name '*.toml' 2>/dev/null)
WEB_SOURCES := $(shell find web/src web/public -type f 2>/dev/null) web/index.html web/vite.config.ts web/vite.sheet.config.ts web/tsconfig.json

.PHONY: catalogue demo run test lint format rules bench browsers spreadsheets shots lock setup setup-dev

demo: setup  ## set up, build, make the demo data, serve
	$(PY) -m upright_anvil serve --demo --data $(DATA) --port $(PORT)

run: setup  ## serve your own data
	$(PY) -m upright_anvil serve --data data/studio.sqlite3 --port $(PORT)

test: setup-dev lint  ## lint, type-check, run everything
	$(PY) -m tools.run_tests

bench: setup-dev  ## every timed claim, as ratios of one run
	$(PY) -m bench

browsers: setup-dev $(STAMPS)/browsers  ## the floor in Firefox and WebKit, beside the test run
	$(PY) -m tools.browsers

spreadsheets: setup-dev  ## what is exported, opened with LibreOffice too
	@bash tools/libreoffice.sh
	$(PY) -m tools.spreadsheets

shots: setup-dev  ## docs/screenshots from the demo data
	$(PY) -m tools.shots

lint: setup-dev $(STAMPS)/lint-python $(STAMPS)/lint-web

format: setup-dev
	.venv/bin/ruff format -q src tests bench tools
	.venv/bin/ruff check -q --fix src tests bench tools
	cd web && npm run --silent format

catalogue: setup-dev  ## the sentences of the screens, from the code
	$(PY) -m tools.catalogue

rules: setup-dev  ## docs/rules.md from the docstrings
	$(PY) -m tools.rules_page

setup: $(STAMPS)/app $(STAMPS)/web $(STAMPS)/compiled
setup-dev: setup $(STAMPS)/dev $(STAMPS)/chromium

$(STAMPS)/app: requirements/app.lock
	@mkdir -p $(STAMPS)
	@$(PY) -m pip --version >/dev/null 2>&1 || python3 -m venv .venv
	@echo "Setting up Python packages …"
	@$(PY) -m pip install -q --disable-pip-version-check --require-hashes -r requirements/app.lock
	@touch $@

# Nobody's first start waits for it.
$(STAMPS)/compiled: $(shell find src/upright_anvil -name '*.py') $(STAMPS)/app
	@$(PY) -m compileall -q -j 0 src/upright_anvil
	@touch $@

$(STAMPS)/dev: requirements/dev.lock $(STAMPS)/app
	@echo "Setting up development packages …"
	@$(PY) -m pip install -q --disable-pip-version-check --require-hashes -r requirements/dev.lock
	@touch $@

$(STAMPS)/browsers: web/browsers/package-lock.json tools/other_browsers.sh
	@bash tools/other_browsers.sh
	@cd web/browsers && npm install --no-audit --no-fund --silent
	@touch $@

$(STAMPS)/npm: web/package-lock.json
	@mkdir -p $(STAMPS)
	@echo "Setting up web packages …"
	@# Not "npm ci": it refuses a lock that leaves out another platform's optional packages, which not every registry has.
	@cd web && npm install --no-save --silent --no-audit --no-fund
	@touch $@

web/src/api/schema.d.ts: $(STAMPS)/app $(STAMPS)/npm web/types.js $(shell find src/upright_anvil -name '*.py')
	@$(PY) -m upright_anvil schema $(STAMPS)/openapi.json
	@cd web && node types.js ../$(STAMPS)/openapi.json ../$(STAMPS)/schema.d.ts
	@cmp -s $(STAMPS)/enums.ts web/src/api/enums.ts || cp $(STAMPS)/enums.ts web/src/api/enums.ts
	@cmp -s $(STAMPS)/schema.d.ts $@ || cp $(STAMPS)/schema.d.ts $@
	@touch $@

$(STAMPS)/web: $(STAMPS)/npm web/src/api/schema.d.ts $(WEB_SOURCES)
	@echo "Building the interface …"
	@cd web && npm run --silent build -- --logLevel warn
	@touch $@

$(STAMPS)/chromium: tools/chromium.sh
	@mkdir -p $(STAMPS)
	@bash tools/chromium.sh
	@touch $@

$(STAMPS)/lint-python: $(PY_SOURCES) pyproject.toml $(STAMPS)/dev
	.venv/bin/ruff format --check -q src tests bench tools
	.venv/bin/ruff check -q src tests bench tools
	.venv/bin/mypy
	.venv/bin/lint-imports --no-logo 2>/dev/null || .venv/bin/lint-imports
	@touch $@

$(STAMPS)/lint-web: $(WEB_SOURCES) web/eslint.config.js $(STAMPS)/web
	cd web && npm run --silent types && npm run --silent lint
	@touch $@

lock:  ## pin packages anew (slow; needs pip-tools)
	cd requirements && pip-compile -q --generate-hashes --strip-extras --no-emit-index-url --no-emit-trusted-host --no-emit-find-links -o app.lock app.in
	cd requirements && pip-compile -q --generate-hashes --strip-extras --no-emit-index-url --no-emit-trusted-host --no-emit-find-links -o dev.lock dev.in
