/**
 * Quizzes in rounds: a plan, what happens, and where a student stands by it; corrections between rounds, and points by
 * an open scheme.
 */
package littlesummit.core.quiz;
