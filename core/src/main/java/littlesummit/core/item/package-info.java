/**
 * What an item is: blocks to read, parts with response fields, hints, worked steps, figures as numbers. Nothing here is
 * drawn and nothing is graded. Texts are plain, with LaTeX between $ signs; a currency sign in a text is written {@code
 * \$}.
 */
package littlesummit.core.item;
