/**
 * Practice on paper: what an item is worth there, line by line; how marks become percent and words; and where a student
 * stands with a sheet, from the first item tried to the marks that the instructor has accepted.
 */
package littlesummit.core.paper;
