package littlesummit.app.working;

import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;

/**
 * One line of a page.
 *
 * @param struck kept, but no longer counted
 */
public record WorkLine(
        @NotNull(message = "A line is missing.") @Size(max = 500, message = "A line may have at most 500 characters.")
        String text,

        boolean struck) {}
