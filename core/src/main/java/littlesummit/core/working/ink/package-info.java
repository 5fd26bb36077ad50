/** Ink on a page: strokes in layers, as numbers. Drawing them, and the files that carry them, are elsewhere. */
package littlesummit.core.working.ink;
