package littlesummit.app.web;

import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Where something went wrong, for the log: kinds of failures and places in the code. Their messages are left out, since
 * what somebody typed may stand in them.
 */
public final class Trace {
    private static final int PLACES = 25;

    private Trace() {}

    /** On one line, the last cause behind the others. */
    public static String of(Throwable failure) {
        Set<Throwable> seen = Collections.newSetFromMap(new IdentityHashMap<>());
        return Stream.iterate(failure, one -> one != null && seen.add(one), Throwable::getCause)
                .map(Trace::one)
                .collect(Collectors.joining(", caused by "));
    }

    private static String one(Throwable failure) {
        return failure.getClass().getName()
                + Stream.of(failure.getStackTrace())
                        .limit(PLACES)
                        .map(place -> place.getClassName() + "." + place.getMethodName() + ":" + place.getLineNumber())
                        .collect(Collectors.joining(" < ", " at ", ""));
    }
}
