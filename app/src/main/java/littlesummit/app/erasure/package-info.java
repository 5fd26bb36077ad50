/** A person is deleted for good, with every row that hangs on the account. */
package littlesummit.app.erasure;
