/**
 * Items as they leave the program: what is frozen when an item is given to a student, and the same shapes on the
 * screen. Each shape is written out here and turned from and into its counterpart of core, so that renaming anything in
 * core changes neither the database nor the interface.
 */
package littlesummit.app.content;
