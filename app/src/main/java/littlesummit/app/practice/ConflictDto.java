package littlesummit.app.practice;

import littlesummit.core.practice.LastLine;

/** A last line of work that says something else than the answer, as it is sent; see {@link LastLine}. */
record ConflictDto(String lastLine, String entry) {
    static ConflictDto of(LastLine.Conflict conflict) {
        return new ConflictDto(conflict.lastLine(), conflict.entry());
    }
}
