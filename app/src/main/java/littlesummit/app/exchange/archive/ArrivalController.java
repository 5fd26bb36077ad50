package littlesummit.app.exchange.archive;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.zip.ZipOutputStream;
import littlesummit.app.exchange.archive.rows.ArrivalPlan;
import littlesummit.app.exchange.archive.rows.ArrivalService;
import littlesummit.app.headway.Headway;
import littlesummit.app.headway.Headways;
import littlesummit.app.people.Instructors;
import littlesummit.app.people.Person;
import littlesummit.app.web.Site;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** A whole class from its archive, on this server: a class of the one who brings it. */
@RestController
@RequestMapping("/api/exchange/class-archive")
class ArrivalController {
    private final ArrivalService arrivals;
    private final ClassArchive archive;
    private final Headways headways;

    ArrivalController(ArrivalService arrivals, ClassArchive archive, Headways headways) {
        this.headways = headways;
        this.arrivals = arrivals;
        this.archive = archive;
    }

    private interface Reading {
        ArrivalPlan read(Person instructor, Path file, ArrivalService.Look look, Headway headway) throws IOException;
    }

    /** What would come; nothing is kept. */
    @PostMapping(path = "/plan", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    ArrivalPlan plan(
            @AuthenticationPrincipal Person person,
            @RequestHeader(name = Headways.HEADER, defaultValue = "") String headway,
            @RequestPart MultipartFile file)
            throws IOException {
        return read(Instructors.only(person), headway, file, arrivals::plan);
    }

    @PostMapping(consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    ArrivalPlan bring(
            @AuthenticationPrincipal Person person,
            @RequestHeader(name = Headways.HEADER, defaultValue = "") String headway,
            @RequestPart MultipartFile file)
            throws IOException {
        return read(Instructors.only(person), headway, file, arrivals::take);
    }

    private ArrivalPlan read(Person instructor, String headwayId, MultipartFile file, Reading reading)
            throws IOException {
        Path kept = Files.createTempFile("archive", ".zip");
        try {
            file.transferTo(kept);
            return headways.during(
                    instructor, headwayId, headway -> reading.read(instructor, kept, this::writeToNowhere, headway));
        } finally {
            Files.delete(kept);
        }
    }

    /** What can be written as an archive again can be read everywhere else. */
    private void writeToNowhere(Person instructor, Headway headway) throws IOException {
        try (ZipOutputStream nowhere = new ZipOutputStream(OutputStream.nullOutputStream(), StandardCharsets.UTF_8)) {
            archive.write(instructor, Site.address(), new Folder(nowhere, ""), headway);
        }
    }

    /** The class that was taken in last, as long as it can be undone. */
    @GetMapping("/last")
    LastArrival last(@AuthenticationPrincipal Person person) {
        return new LastArrival(arrivals.last(Instructors.only(person)));
    }

    record LastArrival(Optional<ArrivalService.LastClass> last) {}

    @PostMapping("/{classId}/undo")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void undo(@AuthenticationPrincipal Person person, @PathVariable String classId) {
        arrivals.undo(Instructors.only(person), classId);
    }
}
