/**
 * Decides what one entry is worth: {@link littlesummit.core.grading.Grader#grade}. Pure and exact; docs/grading.md
 * tells the rules.
 */
package littlesummit.core.grading;
