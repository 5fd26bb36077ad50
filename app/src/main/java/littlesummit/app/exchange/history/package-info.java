/** What students did in other programs, brought in as statements (xAPI 1.0.3): to be read, and never counted. */
package littlesummit.app.exchange.history;
