/**
 * What holds for every item of a skill, looked at over all its numbers or over many of them: keys are right, help gives
 * nothing away, worked steps follow, no wrong way leads to the right answer too often. What does not hold is said in a
 * sentence, with the smallest item that shows it.
 */
package littlesummit.core.proof;
