package littlesummit.app.planted;

import java.util.List;
import littlesummit.core.practice.Outcome;

/** Sends an enum of core, two records deep: a violation for the rules of the architecture. */
public record PlantedView(List<Row> rows) {
    public record Row(Outcome outcome) {}
}
