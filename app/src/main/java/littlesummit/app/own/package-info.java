/**
 * Skills that a class has of its own, written as templates: drafts and versions, and the course of a class with its own
 * skills in it.
 */
package littlesummit.app.own;
