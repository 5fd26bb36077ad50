/** From an item with its numbers to what can vary in it, and to formulas that lead to its answer. */
package littlesummit.core.template.example;
