package littlesummit.app.classroom;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import littlesummit.app.headway.Headways;
import littlesummit.app.people.Instructors;
import littlesummit.app.people.PeopleService;
import littlesummit.app.people.Person;
import littlesummit.app.people.RosterService;
import littlesummit.app.people.RosterService.Invited;
import littlesummit.app.placement.PlacementService;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The class that an instructor has open: who is in it, where everybody stands, marks. */
@RestController
@RequestMapping("/api/class")
class ClassController {
    private final GlanceService glances;
    private final MarksService marks;
    private final RosterService roster;
    private final RosterFile file;
    private final Headways headways;
    private final PlacementService placement;
    private final PeopleService people;

    ClassController(
            GlanceService glances,
            MarksService marks,
            RosterService roster,
            RosterFile file,
            Headways headways,
            PlacementService placement,
            PeopleService people) {
        this.placement = placement;
        this.people = people;
        this.glances = glances;
        this.marks = marks;
        this.roster = roster;
        this.headways = headways;
        this.file = file;
    }

    record NewStudent(
            @NotNull(message = "The name is missing.") @Size(max = 100, message = "This name is too long.")
            String name,

            @NotNull(message = "The sign-in name is missing.")
            @Size(max = 40, message = "This sign-in name is too long.")
            String username) {}

    record Roster(
            @NotNull(message = "The table is missing.") @Size(max = 200_000, message = "This table is too large.")
            String csv) {}

    record ExtraTime(
            @Min(value = 0, message = "Extra time goes from 0 to 200 percent.")
            @Max(value = 200, message = "Extra time goes from 0 to 200 percent.")
            int percent) {}

    record StudentName(
            @NotNull(message = "The name is missing.") @Size(max = 100, message = "This name is too long.")
            String name) {}

    record Closed(boolean closed) {}

    record OtherClass(
            @NotNull(message = "The class is missing.") String classId) {}

    /** @param code opens the account once */
    record NewCode(String code) {}

    @GetMapping
    ClassView.Glance glance(@AuthenticationPrincipal Person person) {
        return glances.glance(Instructors.only(person));
    }

    @PostMapping("/students")
    Invited invite(@AuthenticationPrincipal Person person, @Valid @RequestBody NewStudent request) {
        return roster.invite(Instructors.only(person), request.name(), request.username());
    }

    @PostMapping("/roster")
    ClassView.RosterResult take(
            @AuthenticationPrincipal Person person,
            @RequestHeader(name = Headways.HEADER, defaultValue = "") String headway,
            @Valid @RequestBody Roster request) {
        Person instructor = Instructors.only(person);
        return headways.during(instructor, headway, told -> file.take(instructor, request.csv(), told));
    }

    /** What taking a table in would do; nothing is written. */
    @PostMapping("/roster/plan")
    List<RosterService.Planned> plan(@AuthenticationPrincipal Person person, @Valid @RequestBody Roster request) {
        Instructors.only(person);
        return file.plan(request.csv());
    }

    /** Codes that were not used yet. */
    @GetMapping("/codes")
    List<Invited> codes(@AuthenticationPrincipal Person person) {
        return roster.unusedCodes(Instructors.only(person));
    }

    /** The check over the course may be taken once more. */
    @PostMapping("/students/{id}/another-check")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void anotherCheck(@AuthenticationPrincipal Person person, @PathVariable String id) {
        placement.allowAnother(people.student(Instructors.only(person), id).id());
    }

    @GetMapping("/users.csv")
    ResponseEntity<String> roster(@AuthenticationPrincipal Person person) {
        return Csv.file("users.csv", file.write(Instructors.only(person)));
    }

    @PostMapping("/students/{id}/code")
    NewCode code(@AuthenticationPrincipal Person person, @PathVariable String id) {
        return new NewCode(roster.newCode(Instructors.only(person), id));
    }

    @PutMapping("/students/{id}/extra-time")
    ClassView.Glance extraTime(
            @AuthenticationPrincipal Person person, @PathVariable String id, @Valid @RequestBody ExtraTime request) {
        roster.allowExtraTime(Instructors.only(person), id, request.percent());
        return glances.glance(person);
    }

    @PutMapping("/students/{id}/name")
    ClassView.Glance rename(
            @AuthenticationPrincipal Person person, @PathVariable String id, @Valid @RequestBody StudentName request) {
        roster.rename(Instructors.only(person), id, request.name());
        return glances.glance(person);
    }

    /** Takes a student out of the class, or in again. */
    @PutMapping("/students/{id}/closed")
    ClassView.Glance close(
            @AuthenticationPrincipal Person person, @PathVariable String id, @RequestBody Closed request) {
        Instructors.only(person);
        if (request.closed()) {
            roster.close(person, id);
        } else {
            roster.openAgain(person, id);
        }
        return glances.glance(person);
    }

    @PutMapping("/students/{id}/class")
    ClassView.Glance move(
            @AuthenticationPrincipal Person person, @PathVariable String id, @Valid @RequestBody OtherClass request) {
        roster.moveTo(Instructors.only(person), id, request.classId());
        return glances.glance(person);
    }

    @GetMapping("/marks")
    ClassView.MarksTable marks(
            @AuthenticationPrincipal Person person,
            @RequestParam Optional<Integer> from,
            @RequestParam(defaultValue = "") String words) {
        return marks.page(Instructors.only(person), from, words);
    }

    @GetMapping("/marks/means")
    ClassView.Means means(@AuthenticationPrincipal Person person) {
        return marks.means(Instructors.only(person));
    }

    @GetMapping("/marks.csv")
    ResponseEntity<String> marksCsv(@AuthenticationPrincipal Person person) {
        return Csv.file("marks.csv", marks.csv(Instructors.only(person)));
    }
}
