/** XML read with everything external switched off, and written. */
package littlesummit.app.exchange.xml;
