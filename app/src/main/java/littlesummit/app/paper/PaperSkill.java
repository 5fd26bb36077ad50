package littlesummit.app.paper;

/** A skill that can be printed. */
record PaperSkill(String id, String name, String strand) {}
