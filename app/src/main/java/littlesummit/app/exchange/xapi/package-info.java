/** What students did, as statements of the Experience API (xAPI 1.0.3, ADL), one JSON object a line. */
package littlesummit.app.exchange.xapi;
