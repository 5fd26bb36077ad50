package littlesummit.app.served;

/** Knows which items a student has closed or left, so that nothing is kept for them that nobody would see again. */
public interface ItemsLeft {
    /** Whether nothing can be entered at an item any more. */
    boolean isLeft(ServedItem item);
}
