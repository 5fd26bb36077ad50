package littlesummit.core.working.ink;

/** Whose hand drew it: the student's work, or the instructor's marks on it. */
public enum Layer {
    WORK,
    MARKS
}
