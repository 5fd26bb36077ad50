/** How far a long request has come, for the one who waits for it. */
package littlesummit.app.headway;
