/**
 * Items as a QTI 3.0 content package (1EdTech, Question and Test Interoperability). Each item is written in the nearest
 * interactions of the standard; beside it lies a file of ours with what the standard has no words for.
 */
package littlesummit.app.exchange.qti;
