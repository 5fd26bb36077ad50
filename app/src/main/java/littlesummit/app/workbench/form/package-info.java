/** The document of a skill as a form: what stands where, how it is read, and rows that come and go. */
package littlesummit.app.workbench.form;
