package littlesummit.app.demo;

import java.time.Duration;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import littlesummit.app.paper.CopyService;
import littlesummit.app.paper.NewSheet;
import littlesummit.app.paper.PaperService;
import littlesummit.app.paper.PaperView;
import littlesummit.app.paper.ScaleService;
import littlesummit.app.paper.StyleDto;
import littlesummit.app.people.Person;
import littlesummit.app.printing.PaperStyle;
import littlesummit.core.paper.MarkScale;
import littlesummit.core.paper.SelfMark;
import littlesummit.core.paper.SheetState.Standing;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** A sheet of the class that some have worked on paper and marked, through the same services as the screen. */
@Component
@ConditionalOnProperty("summit.demo")
class SimulatedPaper {
    private static final MarkScale SCALE = new MarkScale(List.of(
            new MarkScale.Grade(85, "secure"),
            new MarkScale.Grade(60, "on the way"),
            new MarkScale.Grade(0, "at the start")));
    private final PaperService paper;
    private final CopyService copies;
    private final ScaleService scales;
    private final PastClock clock;

    SimulatedPaper(PaperService paper, CopyService copies, ScaleService scales, PastClock clock) {
        this.paper = paper;
        this.copies = copies;
        this.scales = scales;
        this.clock = clock;
    }

    /** @param students the first has marks that are accepted, the second marks that wait, the third has begun */
    void sheet(Person instructor, List<Person> students) {
        clock.setBack(Duration.ofDays(3));
        scales.keep(instructor, SCALE);
        NewSheet wanted = new NewSheet(
                "For the long way down",
                List.of(
                        new NewSheet.SheetShare("fraction-lowest", 3, 0),
                        new NewSheet.SheetShare("mean", 3, 0),
                        new NewSheet.SheetShare("both-sides", 2, 1)),
                new StyleDto(PaperStyle.Size.A4, PaperStyle.Room.SQUARES, false, true),
                false);
        String code =
                paper.make(instructor, "demo-sheet", wanted).copies().getFirst().code();
        clock.setBack(Duration.ofDays(1));
        marked(students.get(0), code, 1);
        copies.judge(instructor, code, students.get(0).id(), new Standing.Accepted());
        marked(students.get(1), code, 3);
        copies.onPaper(students.get(2), code, 0, true);
        clock.goRight();
    }

    /** Every line is there but one in so many. */
    private void marked(Person student, String code, int missing) {
        PaperView.PaperCopy copy = copies.open(student, code);
        for (int place = 0; place < copy.places().size(); place++) {
            copies.onPaper(student, code, place, true);
        }
        List<PaperView.PaperPlace> places = copies.openSolutions(student, code).places();
        copies.mark(
                student,
                code,
                new SelfMark.ByLine(places.stream()
                        .map(place -> there(place.lines(), missing))
                        .toList()));
    }

    private static Set<String> there(List<PaperView.MarkLine> lines, int missing) {
        List<String> earning = lines.stream()
                .filter(line -> line.mark() > 0)
                .map(PaperView.MarkLine::id)
                .toList();
        return Set.copyOf(IntStream.range(0, earning.size())
                .filter(i -> missing == 1 || i % missing != 1)
                .mapToObj(earning::get)
                .toList());
    }
}
