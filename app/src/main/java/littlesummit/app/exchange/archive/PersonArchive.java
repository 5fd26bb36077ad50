package littlesummit.app.exchange.archive;

import java.io.IOException;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import littlesummit.app.book.BookService;
import littlesummit.app.exchange.xapi.StatementService;
import littlesummit.app.people.Person;
import littlesummit.app.web.Json;
import littlesummit.app.working.PhotoService;
import littlesummit.app.working.WorkFiles;
import littlesummit.app.working.WorkService;
import org.springframework.stereotype.Component;

/** All that a person made here, page by page, and what became of it. */
@Component
class PersonArchive {
    private static final String README = """
        What %s did in Little Summit, in open formats.

        account.json      who this is
        statements.jsonl  answers, help, credit and results, as xAPI 1.0.3 statements, one a line
        pages/            a folder for each page of work, the latest first:
          page.json       the item, what was tried, what was said of it; answers only of what is closed
          lines.txt       the lines of work; lines.tex for typesetting
          page.svg        ink, with the reader's marks; page.inkml the same as strokes of a pen
          photo-1.jpg     photos

        Not in it: the password, which nobody can read, texts that were not sent yet and are on the
        device alone, and marks of sheets that were worked on paper.
        """;

    /** @param entry with what the reader said of the work */
    private record WholePage(BookService.PageEntry entry, BookService.BookPage page) {}

    private final BookService book;
    private final WorkService work;
    private final WorkFiles files;
    private final PhotoService photos;
    private final StatementService statements;
    private final Json json;

    PersonArchive(
            BookService book,
            WorkService work,
            WorkFiles files,
            PhotoService photos,
            StatementService statements,
            Json json) {
        this.book = book;
        this.work = work;
        this.files = files;
        this.photos = photos;
        this.statements = statements;
        this.json = json;
    }

    /**
     * Writes a page at a time.
     *
     * @param home address of the server
     */
    void write(Person person, String home, Folder to) throws IOException {
        to.text("README.txt", README.formatted(person.name()));
        to.text("account.json", json.write(account(person)));
        to.text(
                "statements.jsonl",
                statements.lines(home, person).map(line -> line + "\n").collect(Collectors.joining()));
        List<BookService.PageEntry> pages = book.book(person, "", "").pages();
        for (int i = 0; i < pages.size(); i++) {
            BookService.PageEntry entry = pages.get(i);
            LocalDate day = LocalDate.ofInstant(entry.startedAt(), ZoneOffset.UTC);
            page(person, entry, to.folder("pages").folder("%04d-%s-%s".formatted(i + 1, day, entry.skillId())));
        }
    }

    private static Map<String, String> account(Person person) {
        Map<String, String> account = new LinkedHashMap<>();
        account.put("id", person.id());
        account.put("name", person.name());
        account.put("username", person.username());
        account.put("class", person.className());
        return account;
    }

    private void page(Person person, BookService.PageEntry entry, Folder to) throws IOException {
        String id = entry.itemId();
        to.text("page.json", json.write(new WholePage(entry, book.page(person, id))));
        if (!entry.lines().isEmpty()) {
            file(to, files.file(person, id, "txt"));
            file(to, files.file(person, id, "tex"));
        }
        if (entry.hasInk()) {
            file(to, files.file(person, id, "svg"));
            file(to, files.file(person, id, "inkml"));
        }
        List<WorkService.Photo> shown =
                entry.photos() == 0 ? List.of() : work.page(person, id).photos();
        for (int i = 0; i < shown.size(); i++) {
            to.bytes(
                    "photo-" + (i + 1) + ".jpg",
                    photos.picture(person, shown.get(i).id()));
        }
    }

    private static void file(Folder to, WorkFiles.WorkFile file) throws IOException {
        to.text(file.name(), file.content());
    }
}
