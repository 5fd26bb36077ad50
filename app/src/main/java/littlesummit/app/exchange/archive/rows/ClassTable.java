package littlesummit.app.exchange.archive.rows;

import java.util.List;
import java.util.Locale;
import java.util.Set;

/**
 * A table of which some rows belong to a class.
 *
 * @param which condition that these rows fulfil; every question mark in it stands for the id of the class
 */
record ClassTable(String name, String which) {
    private static final String STUDENTS = "(select ID from PERSON where CLASS_ID = ? and ROLE = 'STUDENT')";
    private static final String ASSIGNMENTS = "(select ID from ASSIGNMENT where CLASS_ID = ?)";
    private static final String SHEETS = "(select ID from PAPER_SHEET where CLASS_ID = ?)";
    private static final String PAGES = "(select ITEM_ID from WORK_PAGE where PERSON_ID in " + STUDENTS + ")";
    private static final String OF_CLASS = "CLASS_ID = ?";
    private static final String OF_STUDENTS = "PERSON_ID in " + STUDENTS;
    private static final String OF_QUIZZES = OF_STUDENTS + " and ASSIGNMENT_ID in " + ASSIGNMENTS;

    /** In an order in which each row comes after those that it points to. */
    static final List<ClassTable> ALL = List.of(
            new ClassTable("OWN_COURSE", "ID in (select COURSE_ID from SCHOOL_CLASS where ID = ?)"),
            new ClassTable("OWN_SKILL", OF_CLASS),
            new ClassTable("OWN_SKILL_VERSION", "SKILL_ID in (select ID from OWN_SKILL where CLASS_ID = ?)"),
            new ClassTable("ASSIGNMENT", OF_CLASS),
            new ClassTable("ASSIGNMENT_SKILL", "ASSIGNMENT_ID in " + ASSIGNMENTS),
            new ClassTable("ASSIGNMENT_EXCEPTION", OF_QUIZZES),
            new ClassTable("MARK_SCALE", OF_CLASS),
            new ClassTable("SERVED_ITEM", OF_STUDENTS),
            new ClassTable("PRACTICE_EVENT", OF_STUDENTS),
            new ClassTable("PROGRESS", OF_STUDENTS),
            new ClassTable("QUIZ_EVENT", OF_QUIZZES),
            new ClassTable("QUIZ_RUN", OF_QUIZZES),
            new ClassTable("KNOWN_SKILL", OF_STUDENTS),
            new ClassTable("SKILL_CHECK", OF_STUDENTS),
            new ClassTable("REFRESH_SET", OF_STUDENTS),
            new ClassTable("WORK_PAGE", OF_STUDENTS),
            new ClassTable("INK_STROKE", "ITEM_ID in " + PAGES),
            new ClassTable("WORK_PHOTO", "ITEM_ID in " + PAGES),
            new ClassTable("QUESTION", OF_STUDENTS),
            new ClassTable("PAPER_SHEET", OF_CLASS),
            new ClassTable("PAPER_COPY", "SHEET_ID in " + SHEETS),
            new ClassTable("PAPER_ITEM", "CODE in (select CODE from PAPER_COPY where SHEET_ID in " + SHEETS + ")"),
            new ClassTable(
                    "PAPER_RUN",
                    OF_STUDENTS + " and CODE in (select CODE from PAPER_COPY where SHEET_ID in " + SHEETS + ")"),
            new ClassTable("HISTORY_IMPORT", OF_CLASS),
            new ClassTable(
                    "HISTORY", OF_STUDENTS + " and IMPORT_ID in (select ID from HISTORY_IMPORT where CLASS_ID = ?)"));

    /** What stays on its server: what opens an account or a calendar, what a person keeps alone, what a day forgets. */
    static final Set<String> STAYING = Set.of(
            "CALENDAR_ADDRESS",
            "KNOWN_BROWSER",
            "RECORD_SENT",
            "SAVED_COMMENT",
            "CLASS_INSTRUCTOR",
            "ROSTER_IMPORT",
            "SKILL_PROOF",
            "CLASS_FROM_ARCHIVE",
            "HEADWAY");

    /** Its file in an archive. */
    String file() {
        return name.toLowerCase(Locale.ROOT) + ".jsonl";
    }
}
