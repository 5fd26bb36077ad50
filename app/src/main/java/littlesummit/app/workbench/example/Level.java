package littlesummit.app.workbench.example;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;

/**
 * An item for one level, as it was typed, with what the author says of it.
 *
 * @param answer to the item, with its numbers
 * @param formula that works the answer out, with a letter for each number
 * @param label of the field
 * @param ranges of the numbers that vary; the others stay
 */
record Level(
        @NotNull(message = "The item is missing.")
        @Size(max = 1000, message = "An item may have at most 1,000 characters.")
        String text,

        @NotNull(message = "The answer is missing.")
        @Size(max = 40, message = "An answer may have at most 40 characters.")
        String answer,

        @NotNull(message = "The formula is missing.")
        @Size(max = 200, message = "A formula may have at most 200 characters.")
        String formula,

        @NotNull(message = "The label is missing.") @Size(max = 40, message = "A label may have at most 40 characters.")
        String label,

        @NotNull(message = "The ranges are missing.") @Size(max = 10, message = "There are too many ranges.")
        List<@Valid Range> ranges) {

    /**
     * From where to where a number varies.
     *
     * @param low smallest, as it is typed
     */
    record Range(
            @NotNull(message = "The letter is missing.") @Size(max = 1, message = "A letter is one character.")
            String letter,

            @NotNull(message = "The smallest number is missing.") @Size(max = 20, message = "This number is too long.")
            String low,

            @NotNull(message = "The largest number is missing.") @Size(max = 20, message = "This number is too long.")
            String high) {}
}
