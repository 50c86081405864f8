"""The tests, arranged as the code is. A busy machine is no reason for a property test to give up."""

from hypothesis import HealthCheck, settings

settings.register_profile("patient", deadline=None, suppress_health_check=[HealthCheck.too_slow])
settings.load_profile("patient")
