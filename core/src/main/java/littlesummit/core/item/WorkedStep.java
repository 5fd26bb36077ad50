package littlesummit.core.item;

/**
 * One step of a solution: what is done and why, and the mathematics that it gives.
 *
 * @param math LaTeX of a line that follows from the one before; empty for a step in words
 */
public record WorkedStep(String say, String math) {}
