package littlesummit.app.people;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import littlesummit.app.people.RosterService.Colleague;
import littlesummit.app.people.RosterService.Invited;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The classes of an instructor: making them, changing between them, and who else teaches them. */
@RestController
@RequestMapping("/api/classes")
class ClassesController {
    private final ClassesService classes;
    private final RosterService roster;
    private final Sessions sessions;

    ClassesController(ClassesService classes, RosterService roster, Sessions sessions) {
        this.classes = classes;
        this.roster = roster;
        this.sessions = sessions;
    }

    record ClassName(
            @NotNull(message = "The name is missing.") @Size(max = 100, message = "This name is too long.")
            String name) {}

    /** @param goal left out for none */
    record NewGoal(Optional<Aim> goal) {
        record Aim(int skills, LocalDate date) {}
    }

    record IsOver(boolean over) {}

    record NewColleague(
            @NotNull(message = "The name is missing.") @Size(max = 100, message = "This name is too long.")
            String name,

            @NotNull(message = "The sign-in name is missing.")
            @Size(max = 40, message = "This sign-in name is too long.")
            String username) {}

    @GetMapping
    List<SchoolClass> all(@AuthenticationPrincipal Person person) {
        return classes.of(Instructors.only(person));
    }

    @PostMapping
    List<SchoolClass> make(
            @AuthenticationPrincipal Person person,
            @Valid @RequestBody ClassName request,
            HttpServletRequest http,
            HttpServletResponse response) {
        return shown(classes.make(Instructors.only(person), request.name()), http, response);
    }

    @PostMapping("/{id}/open")
    List<SchoolClass> open(
            @AuthenticationPrincipal Person person,
            @PathVariable String id,
            HttpServletRequest http,
            HttpServletResponse response) {
        return shown(classes.open(Instructors.only(person), id), http, response);
    }

    @PutMapping("/{id}/name")
    List<SchoolClass> rename(
            @AuthenticationPrincipal Person person,
            @PathVariable String id,
            @Valid @RequestBody ClassName request,
            HttpServletRequest http,
            HttpServletResponse response) {
        return shown(classes.rename(Instructors.only(person), id, request.name()), http, response);
    }

    @PutMapping("/{id}/over")
    List<SchoolClass> over(
            @AuthenticationPrincipal Person person, @PathVariable String id, @RequestBody IsOver request) {
        classes.over(Instructors.only(person), id, request.over());
        return classes.of(person);
    }

    /** Of the open class. */
    @PutMapping("/goal")
    List<SchoolClass> aim(@AuthenticationPrincipal Person person, @RequestBody NewGoal request) {
        request.goal()
                .ifPresentOrElse(
                        aim -> classes.aim(Instructors.only(person), aim.skills(), aim.date()),
                        () -> classes.aimAtNothing(Instructors.only(person)));
        return classes.of(person);
    }

    /** Who teaches the open class. */
    @GetMapping("/colleagues")
    List<Colleague> colleagues(@AuthenticationPrincipal Person person) {
        return roster.colleagues(Instructors.only(person));
    }

    @PostMapping("/colleagues")
    Invited invite(@AuthenticationPrincipal Person person, @Valid @RequestBody NewColleague request) {
        return roster.inviteColleague(Instructors.only(person), request.name(), request.username());
    }

    /** @param code opens the account once */
    record ColleagueCode(String code) {}

    @PostMapping("/colleagues/{id}/code")
    ColleagueCode newCode(@AuthenticationPrincipal Person person, @PathVariable String id) {
        return new ColleagueCode(roster.newColleagueCode(Instructors.only(person), id));
    }

    @DeleteMapping("/colleagues/{id}")
    List<Colleague> remove(@AuthenticationPrincipal Person person, @PathVariable String id) {
        roster.removeColleague(Instructors.only(person), id);
        return roster.colleagues(person);
    }

    private List<SchoolClass> shown(Person now, HttpServletRequest http, HttpServletResponse response) {
        sessions.goOnAs(now, http, response);
        return classes.of(now);
    }
}
