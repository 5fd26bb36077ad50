package littlesummit.core.grading.planted;

import littlesummit.core.item.Option;

/** A violation for {@link littlesummit.core.ArchitectureRulesTest}. */
public record KnowsItems(Option option) {}
