/** What there is to practise: skills and lessons written as code, and courses written as data. */
package littlesummit.content;
