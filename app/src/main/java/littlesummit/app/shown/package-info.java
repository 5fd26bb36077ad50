/** What the screens are sent of an item: never its key. Pictures are sent as scenes, ready to draw. */
package littlesummit.app.shown;
