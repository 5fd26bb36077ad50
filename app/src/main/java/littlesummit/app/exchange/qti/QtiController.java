package littlesummit.app.exchange.qti;

import java.io.ByteArrayOutputStream;
import java.util.List;
import littlesummit.app.exchange.ChosenItems;
import littlesummit.app.people.Instructors;
import littlesummit.app.people.Person;
import littlesummit.app.web.Download;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Items for other programs. They hold the answers: for instructors alone. */
@RestController
class QtiController {
    private final ChosenItems chosen;

    QtiController(ChosenItems chosen) {
        this.chosen = chosen;
    }

    /**
     * A content package of QTI 3.0.
     *
     * @param skill ids, each once
     * @param count items of each skill, the levels in turn
     * @param tier 1 to 3 for one level alone, 0 for all
     */
    @GetMapping(path = "/api/exchange/items.zip", produces = "application/zip")
    ResponseEntity<byte[]> items(
            @AuthenticationPrincipal Person person,
            @RequestParam List<String> skill,
            @RequestParam(defaultValue = "6") int count,
            @RequestParam(defaultValue = "0") int tier,
            @RequestParam(defaultValue = "Items") String title) {
        Instructors.only(person);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        QtiPackage.write(out, title, chosen.of(skill, count, tier));
        return Download.of("items.zip", "application/zip", out.toByteArray());
    }
}
