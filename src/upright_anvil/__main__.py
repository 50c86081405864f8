"""``python -m upright_anvil``: the command line, read in without looking for what has gone.

Nothing goes meanwhile, and what was read stays: no collection walks through its two hundred thousand objects.
"""

import gc


def run() -> None:
    """Run one command."""
    gc.disable()
    from upright_anvil.cli import main  # noqa: PLC0415 - after the line above

    gc.freeze()
    gc.enable()
    main()


if __name__ == "__main__":
    run()
