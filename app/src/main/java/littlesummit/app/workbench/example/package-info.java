/** A skill begun with an item that an instructor types as it is: what varies in it, and how its answer is worked out. */
package littlesummit.app.workbench.example;
