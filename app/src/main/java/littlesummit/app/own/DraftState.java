package littlesummit.app.own;

/** How far an own skill has come. */
public enum DraftState {
    /** Can be tried by its author, and not assigned. */
    DRAFT,
    /** Everything holds; not in use yet. */
    PROVED,
    /** In use as it stands here. */
    IN_USE,
    /** In use in an older version than the one that is being written. */
    CHANGED,
    /** Was in use; nobody gets it any more but who has it already. */
    WITHDRAWN
}
