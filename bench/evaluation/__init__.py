"""Does the engine choose loads better than simple plans? Simulated clients, whose truth the estimators never see."""
