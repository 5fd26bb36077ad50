package littlesummit.app.reading;

import littlesummit.core.grading.Reader;
import littlesummit.core.math.EntryText;

/** How an entry is read, as it is sent; see {@link Reader.ReadAs}. */
record ReadAsDto(String latex, String spoken, int at, String message, EntryTextDto typed) {
    /** An entry in plain signs, around one place. */
    record EntryTextDto(String before, String at, String after) {}

    static ReadAsDto of(Reader.ReadAs read) {
        EntryText typed = read.typed();
        return new ReadAsDto(
                read.latex(),
                read.spoken(),
                read.at(),
                read.message(),
                new EntryTextDto(typed.before(), typed.at(), typed.after()));
    }
}
