package littlesummit.app.exchange.archive;

import java.io.IOException;
import java.util.List;
import java.util.stream.Stream;
import littlesummit.app.classroom.MarksService;
import littlesummit.app.classroom.RosterFile;
import littlesummit.app.exchange.archive.rows.ClassRecords;
import littlesummit.app.headway.Headway;
import littlesummit.app.people.PeopleService;
import littlesummit.app.people.Person;
import org.springframework.stereotype.Component;

/** All of the class that an instructor has open. */
@Component
class ClassArchive {
    private static final String README = """
        The class %s in Little Summit, in open formats.

        users.csv  who is in it, as OneRoster 1.2 has it
        marks.csv  what was set, and how far each student came
        students/  a folder for each student; a README in it says what is where
        records/   the same as rows, one a line (JSON Lines), a file for each table: with these
                   another server of Little Summit makes the class again. Passwords are not in it.
        """;

    private final PersonArchive persons;
    private final PeopleService people;
    private final RosterFile roster;
    private final MarksService marks;
    private final ClassRecords records;

    ClassArchive(
            PersonArchive persons, PeopleService people, RosterFile roster, MarksService marks, ClassRecords records) {
        this.records = records;
        this.persons = persons;
        this.people = people;
        this.roster = roster;
        this.marks = marks;
    }

    /**
     * @param home address of the server
     * @param headway is told of each student whose pages are written
     */
    void write(Person instructor, String home, Folder to, Headway headway) throws IOException {
        to.text("README.txt", README.formatted(instructor.className()));
        to.text("users.csv", roster.write(instructor));
        to.text("marks.csv", marks.csv(instructor));
        records.write(instructor.classId(), to.folder("records"));
        List<PeopleService.Student> students = Stream.concat(
                        people.students(instructor.classId()).stream(), people.closed(instructor.classId()).stream())
                .toList();
        int done = 0;
        for (PeopleService.Student student : students) {
            headway.at("Opening the pages of the students", done++, students.size());
            persons.write(
                    people.require(student.id()), home, to.folder("students").folder(student.username()));
        }
    }
}
