package littlesummit.core.math.planted;

import littlesummit.core.grading.Kind;

/** A violation for {@link littlesummit.core.ArchitectureRulesTest}. */
public record KnowsGrading(Kind kind) {}
