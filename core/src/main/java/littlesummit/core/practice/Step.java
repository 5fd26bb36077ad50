package littlesummit.core.practice;

import java.time.Instant;

/**
 * One closed item in the history of a skill.
 *
 * @param before where the student stood before it, in the target's measure: score, steps, or items right
 * @param after the same after it
 * @param regained whether it brought back what a miss had taken
 */
public record Step(Instant at, String itemId, int tier, Outcome outcome, int before, int after, boolean regained) {}
