package littlesummit.app.people;

/**
 * A name in two parts, as tables of other programs want it.
 *
 * @param given everything before the family name; the whole name of those who have one part only
 * @param family empty for those
 */
public record FullName(String given, String family) {
    /** @param family last part of the name, where somebody has said; else it is the last word */
    public static FullName of(String name, String family) {
        String last = family.isEmpty() ? name.substring(name.lastIndexOf(' ') + 1) : family;
        return last.length() == name.length()
                ? new FullName(name, "")
                : new FullName(name.substring(0, name.length() - last.length()).strip(), last);
    }
}
