/** Everything of a person as one zip of open formats, to leave with. */
package littlesummit.app.exchange.archive;
