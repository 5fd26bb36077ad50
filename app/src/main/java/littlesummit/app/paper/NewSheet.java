package littlesummit.app.paper;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;

/**
 * A sheet that is asked for.
 *
 * @param each whether every student of the class gets a copy with other numbers; for instructors
 */
public record NewSheet(
        @NotBlank(message = "Give the sheet a title.")
        @Size(max = 100, message = "A title may have at most 100 characters.")
        String title,

        @NotEmpty(message = "Choose at least one skill.") @Size(max = 40, message = "A sheet has at most 40 skills.")
        List<@NotNull(message = "A skill is missing.") @Valid SheetShare> shares,

        @NotNull(message = "Say how the sheet is laid out.") @Valid
        StyleDto style,

        boolean each) {
    /** Items that a sheet may have. */
    static final int MOST_ITEMS = 40;

    /** @param level 1 to 3, or 0 for some of each */
    public record SheetShare(
            @NotBlank(message = "A skill is missing.") String skillId,

            @Min(value = 1, message = "Each skill needs at least one item.")
            @Max(value = 20, message = "A skill may have at most 20 items.")
            int items,

            @Min(value = 0, message = "Levels go from 1 to 3.") @Max(value = 3, message = "Levels go from 1 to 3.")
            int level) {}
}
