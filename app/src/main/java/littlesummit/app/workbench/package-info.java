/** Where instructors write skills of their own: with the item as a student sees it, and the proof beside. */
package littlesummit.app.workbench;
