/** A student's own lines: does each follow from the one before, and if not, which slip does it look like. */
package littlesummit.core.working;
