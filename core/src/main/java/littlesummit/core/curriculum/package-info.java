/** Courses: which skills there are in which strand, and which come before which. */
package littlesummit.core.curriculum;
