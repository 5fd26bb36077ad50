package littlesummit.app.served;

/** How often somebody was given a variant. */
record MetVariant(String variant, long times) {}
