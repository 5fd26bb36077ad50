/** Rows of the database, whatever feature they belong to. */
package littlesummit.app.rows;
