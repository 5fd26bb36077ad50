package littlesummit.core.practice;

import java.time.Instant;

/**
 * One closed item in the history of a skill.
 *
 * @param before score before it, 0 to 100
 * @param after score after it
 * @param regained whether it brought back what a miss had taken
 */
public record Step(Instant at, String itemId, int tier, Outcome outcome, int before, int after, boolean regained) {}
