/** A skill begun with an item that an instructor types as it is: what varies in it, and what leads to its answer. */
package littlesummit.app.workbench.example;
