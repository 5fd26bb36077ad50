package littlesummit.app.paper;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import littlesummit.app.people.Instructors;
import littlesummit.app.people.Person;
import littlesummit.app.printing.PaperPdf;
import littlesummit.app.printing.PdfAnswer;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/** Sheets and their solutions as PDF. */
@RestController
@RequestMapping(path = "/api/paper", produces = MediaType.APPLICATION_PDF_VALUE)
class PaperPdfController {
    private final PaperService paper;
    private final CopyService copies;

    PaperPdfController(PaperService paper, CopyService copies) {
        this.paper = paper;
        this.copies = copies;
    }

    @GetMapping("/copies/{code}/sheet.pdf")
    ResponseEntity<byte[]> sheet(@AuthenticationPrincipal Person person, @PathVariable String code) {
        return sheets(paper.print(person, code));
    }

    @GetMapping("/copies/{code}/solutions.pdf")
    ResponseEntity<byte[]> solutions(@AuthenticationPrincipal Person person, @PathVariable String code) {
        copies.requireSolutions(person, code);
        return solutions(paper.print(person, code));
    }

    /** All copies of a sheet in one file. */
    @GetMapping("/{sheetId}/sheets.pdf")
    ResponseEntity<byte[]> allSheets(@AuthenticationPrincipal Person person, @PathVariable String sheetId) {
        return sheets(paper.printAll(Instructors.only(person), sheetId));
    }

    @GetMapping("/{sheetId}/solutions.pdf")
    ResponseEntity<byte[]> allSolutions(@AuthenticationPrincipal Person person, @PathVariable String sheetId) {
        return solutions(paper.printAll(Instructors.only(person), sheetId));
    }

    private static ResponseEntity<byte[]> sheets(PaperService.Print print) {
        return PdfAnswer.of(
                "sheet.pdf", PaperPdf.sheets(pages(print), print.style().toPaper()));
    }

    private static ResponseEntity<byte[]> solutions(PaperService.Print print) {
        List<PaperPdf.Sheet> pages = pages(print).stream()
                .map(sheet -> sheet.titled(sheet.title() + ": solutions"))
                .toList();
        return PdfAnswer.of(
                "solutions.pdf", PaperPdf.solutions(pages, print.style().toPaper(), print.scale()));
    }

    private static List<PaperPdf.Sheet> pages(PaperService.Print print) {
        return print.copies().stream()
                .map(copy -> new PaperPdf.Sheet(
                        copy.title(),
                        copy.student().map(name -> "for " + name).orElse(""),
                        copy.student().isPresent(),
                        copy.code().toUpperCase(Locale.ROOT),
                        Optional.of(address(copy.code())),
                        copy.items()))
                .toList();
    }

    /** Where the server was asked is where a phone finds it. */
    private static String address(String code) {
        return ServletUriComponentsBuilder.fromCurrentContextPath()
                .path("/paper/{code}")
                .buildAndExpand(code)
                .toUriString();
    }
}
