package littlesummit.app.workbench.form;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import littlesummit.app.people.Instructors;
import littlesummit.app.people.Person;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** A text as a form. Nothing is kept here: the text is kept where it is written. */
@RestController
@RequestMapping("/api/workbench/form")
class FormController {
    private static final int LONGEST = 200_000;

    record FormText(
            @NotNull(message = "The text is missing.")
            @Size(max = LONGEST, message = "A skill may have at most 200,000 characters.")
            String text) {}

    /**
     * A row that comes or goes.
     *
     * @param path of the list
     * @param row number of the one that goes, from 0; below 0 for a new one at the end
     */
    record RowChange(
            @NotNull(message = "The text is missing.")
            @Size(max = LONGEST, message = "A skill may have at most 200,000 characters.")
            String text,

            @NotNull(message = "The place is missing.") @Size(max = 200, message = "There is no such place.")
            String path,

            int row) {}

    @PostMapping
    FormView read(@AuthenticationPrincipal Person person, @Valid @RequestBody FormText written) {
        Instructors.only(person);
        return FormReader.read(written.text());
    }

    @PostMapping("/rows")
    FormText change(@AuthenticationPrincipal Person person, @Valid @RequestBody RowChange change) {
        Instructors.only(person);
        return new FormText(
                change.row() < 0
                        ? FormRows.added(change.text(), change.path())
                        : FormRows.removed(change.text(), change.path(), change.row()));
    }
}
