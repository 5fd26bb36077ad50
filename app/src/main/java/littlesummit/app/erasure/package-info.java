/** A person or a class is deleted for good, with every row that hangs on it. */
package littlesummit.app.erasure;
