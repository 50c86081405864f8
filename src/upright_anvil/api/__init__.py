"""The HTTP interface: parse, call a flow, shape the answer."""
