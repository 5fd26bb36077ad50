/**
 * Exact mathematics: numbers, the expression tree, its one parser and its printers, polynomials, equality.
 *
 * <p>Nothing here decides by floating point. Sizes are bounded by {@link littlesummit.core.math.Limits}; passing a
 * bound raises {@link littlesummit.core.math.MathProblem}, which the grader turns into an unreadable verdict.
 */
package littlesummit.core.math;
