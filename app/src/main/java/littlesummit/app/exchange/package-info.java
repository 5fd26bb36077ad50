/** What comes from other programs and goes to them, in open formats: one package a format. */
package littlesummit.app.exchange;
