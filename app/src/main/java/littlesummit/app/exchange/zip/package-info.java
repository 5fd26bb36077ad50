/** Zips from somebody else, unpacked with bounds. */
package littlesummit.app.exchange.zip;
