/**
 * Skills that are written as documents: a document is read into a {@link littlesummit.core.template.Template}, checked
 * as far as it can be without making an item, and makes items like a skill that is written as code. Nothing in a
 * document is a program: it always ends, and what it may cost is bounded.
 */
package littlesummit.core.template;
