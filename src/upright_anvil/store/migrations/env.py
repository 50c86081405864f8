"""Alembic's entry: run migrations on the connection the app hands over."""

from alembic import context

from upright_anvil.store.tables import Table

context.configure(
    connection=context.config.attributes["connection"], target_metadata=Table.metadata, render_as_batch=True
)
with context.begin_transaction():
    context.run_migrations()
