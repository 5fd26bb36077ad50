/** Items as documents that people read and change: Markdown and LaTeX, with their pictures beside them. */
package littlesummit.app.exchange.text;
