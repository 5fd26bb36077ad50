package littlesummit.app.paper;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import littlesummit.core.paper.MarkScale;

/**
 * How marks become words, as it is kept and sent.
 *
 * @param grades empty for percent alone
 */
public record ScaleDto(
        @NotNull(message = "The grades are missing.") @Size(max = 40, message = "A scale has at most 12 grades.")
        List<@NotNull(message = "A grade is missing.") @Valid GradeDto> grades) {
    /** @param from percent from which it is given */
    public record GradeDto(
            int from,

            @NotNull(message = "Every grade needs a word.")
            @Size(max = 200, message = "The word of a grade is too long.")
            String word) {}

    static ScaleDto of(MarkScale scale) {
        return new ScaleDto(scale.grades().stream()
                .map(g -> new GradeDto(g.from(), g.word()))
                .toList());
    }

    MarkScale toCore() {
        return new MarkScale(grades.stream()
                .map(g -> new MarkScale.Grade(g.from(), g.word().strip()))
                .toList());
    }
}
