package littlesummit.core.template;

import littlesummit.core.skill.Draw;

/**
 * What is at hand while one item is made.
 *
 * @param evaluator knows the numbers of the item
 * @param shuffles decides the order of options
 */
record Making(Evaluator evaluator, Draw shuffles) {}
