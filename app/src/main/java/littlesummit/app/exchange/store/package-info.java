/** What students did, sent to a record store of statements (xAPI 1.0.3), and a simulated one to try it with. */
package littlesummit.app.exchange.store;
