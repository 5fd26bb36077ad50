/** Rosters and results as OneRoster 1.2 CSV, in and out. */
package littlesummit.app.exchange.oneroster;
