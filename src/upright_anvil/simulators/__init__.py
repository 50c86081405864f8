"""Small simulated devices that ship with the app, each behind one small interface."""
