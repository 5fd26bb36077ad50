/**
 * The rows of a class, out of one database and into another: as JSON Lines, a file for each table, in the folder
 * {@code records} of an archive.
 */
package littlesummit.app.exchange.archive.rows;
