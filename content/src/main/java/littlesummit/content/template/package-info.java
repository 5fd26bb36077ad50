/** Skills that are written as documents: read from YAML, or from JSON, which is YAML too. */
package littlesummit.content.template;
