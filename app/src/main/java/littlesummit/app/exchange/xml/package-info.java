/** XML, as it is written. */
package littlesummit.app.exchange.xml;
