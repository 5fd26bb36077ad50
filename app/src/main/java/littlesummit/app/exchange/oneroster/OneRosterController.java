package littlesummit.app.exchange.oneroster;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.Optional;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import littlesummit.app.headway.Headways;
import littlesummit.app.people.Instructors;
import littlesummit.app.people.Person;
import littlesummit.app.web.Download;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** The open class as OneRoster 1.2 CSV, in and out. */
@RestController
@RequestMapping("/api/exchange/oneroster")
class OneRosterController {
    private final RosterExport export;
    private final RosterImport imports;
    private final Headways headways;

    OneRosterController(RosterExport export, RosterImport imports, Headways headways) {
        this.headways = headways;
        this.export = export;
        this.imports = imports;
    }

    @GetMapping(path = "/class.zip", produces = "application/zip")
    ResponseEntity<byte[]> take(@AuthenticationPrincipal Person person) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes, StandardCharsets.UTF_8)) {
            for (Map.Entry<String, String> file :
                    export.files(Instructors.only(person)).entrySet()) {
                zip.putNextEntry(new ZipEntry(file.getKey()));
                zip.write(file.getValue().getBytes(StandardCharsets.UTF_8));
                zip.closeEntry();
            }
        }
        return Download.of("oneroster.zip", "application/zip", bytes.toByteArray());
    }

    /** What taking a package in would do; nothing is written. */
    @PostMapping(path = "/plan", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    RosterPlan plan(
            @AuthenticationPrincipal Person person,
            @RequestHeader(name = Headways.HEADER, defaultValue = "") String headway,
            @RequestParam(defaultValue = "") String from,
            @RequestPart MultipartFile file)
            throws IOException {
        Person instructor = Instructors.only(person);
        byte[] bytes = file.getBytes();
        return headways.during(instructor, headway, told -> imports.plan(instructor, RosterPackage.of(bytes), from));
    }

    @PostMapping(consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    RosterImport.Taken bring(
            @AuthenticationPrincipal Person person,
            @RequestHeader(name = Headways.HEADER, defaultValue = "") String headway,
            @RequestParam(defaultValue = "") String from,
            @RequestPart MultipartFile file)
            throws IOException {
        Person instructor = Instructors.only(person);
        RosterPackage brought = RosterPackage.of(file.getBytes());
        return headways.during(instructor, headway, told -> imports.take(instructor, brought, from, told));
    }

    /** The package that was taken in last, as long as it can be undone. */
    @GetMapping("/last")
    Undoable last(@AuthenticationPrincipal Person person) {
        return new Undoable(imports.last(Instructors.only(person)));
    }

    record Undoable(Optional<RosterImport.Last> last) {}

    @PostMapping("/{id}/undo")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void undo(@AuthenticationPrincipal Person person, @PathVariable String id) {
        imports.undo(Instructors.only(person), id);
    }
}
