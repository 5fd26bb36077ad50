/**
 * QTI items from other programs, as the beginning of a skill of one's own: what can be kept becomes a template without
 * drawn numbers, and what cannot is said.
 */
package littlesummit.app.exchange.qti.in;
