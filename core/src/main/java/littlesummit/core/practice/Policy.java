package littlesummit.core.practice;

import littlesummit.core.item.Part;
import littlesummit.core.item.Response;

/**
 * What an assignment allows.
 *
 * @param openTries tries on open entry
 * @param choiceTries tries on a choice of one
 * @param allTries tries on "choose all that apply"
 * @param freeForms how many verdicts "right value, other form" on one part cost no try
 * @param hints whether hints may be opened
 * @param example whether a worked example may be looked at
 * @param similar whether a missed item is followed by another like it
 * @param lineCheck when own lines may be checked
 * @param calculator where the calculator is allowed
 */
public record Policy(
        int openTries,
        int choiceTries,
        int allTries,
        int freeForms,
        boolean hints,
        boolean example,
        boolean similar,
        LineCheck lineCheck,
        Calculator calculator,
        Work work) {
    /** Misses in a row after which another way on is offered. Common practice; no source. */
    static final int MISSES_BEFORE_OFFER = 3;
    /** So many last items tell whether somebody is stuck: at least half of them missed. Decided here; no source. */
    public static final int LATELY = 6;

    /** When the student may have own lines checked. */
    public enum LineCheck {
        NEVER,
        AFTER_MISS,
        ALWAYS
    }

    /** Where the calculator is allowed. */
    public enum Calculator {
        NEVER,
        AS_ITEM,
        ALWAYS
    }

    /** Whether work has to be shown. */
    public enum Work {
        NONE,
        OPTIONAL,
        REQUIRED
    }

    public static final Policy DEFAULT =
            new Policy(3, 1, 2, 1, true, true, true, LineCheck.AFTER_MISS, Calculator.AS_ITEM, Work.OPTIONAL);

    /** A choice of more than this many is treated as open entry. */
    private static final int SMALL_CHOICE = 5;

    /** @param itemAllows whether the item was made for one */
    public boolean calculator(boolean itemAllows) {
        return switch (calculator) {
            case NEVER -> false;
            case AS_ITEM -> itemAllows;
            case ALWAYS -> true;
        };
    }

    /** @param tried whether a try of the item was used already */
    public boolean checksLines(boolean tried) {
        return switch (lineCheck) {
            case NEVER -> false;
            case AFTER_MISS -> tried;
            case ALWAYS -> true;
        };
    }

    /** Tries for a part: those of its most demanding field. */
    public int tries(Part part) {
        return part.fields().stream().mapToInt(f -> tries(f.response())).max().orElse(openTries);
    }

    private int tries(Response response) {
        return switch (response) {
            case Response.ChooseOne(var options) -> options.size() <= SMALL_CHOICE ? choiceTries : openTries;
            case Response.PickFromList(var options) -> options.size() <= SMALL_CHOICE ? choiceTries : openTries;
            case Response.ChooseAll c -> allTries;
            case Response.SelectShapes s -> allTries;
            case Response.PutInOrder o -> allTries;
            case Response.WriteInColumns c -> openTries;
            case Response.MarkOnLine m -> openTries;
            case Response.RayOnLine r -> openTries;
            case Response.Typed t -> openTries;
            case Response.DropLabel d -> openTries;
            case Response.Shade s -> openTries;
            case Response.PlotPoint p -> openTries;
            case Response.PlotLine p -> openTries;
            case Response.LayUnits l -> openTries;
            case Response.InkWords i -> openTries;
            case Response.Said s -> openTries;
        };
    }
}
