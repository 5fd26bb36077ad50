/** Looking after a server: copies of everything, taken while it runs, and what a doctor would say of it. */
package littlesummit.app.upkeep;
