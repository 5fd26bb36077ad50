package littlesummit.app.printing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import littlesummit.app.ApiTest;
import littlesummit.app.content.ItemFile;
import littlesummit.app.printing.PaperStyle.Room;
import littlesummit.app.printing.PaperStyle.Size;
import littlesummit.content.Catalogue;
import littlesummit.core.item.Item;
import littlesummit.core.paper.MarkScale;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/**
 * Pages look as they did when somebody last looked at them and kept their pictures. The items are kept, too, so that
 * other words in a skill change nothing here. After a change that is meant, {@code -Dprinted.write=true} keeps the new
 * pictures: look at them before they are committed.
 */
class KeptPagesTest extends ApiTest {
    private static final Path FOLDER = Path.of("src/test/resources/printed");
    private static final boolean WRITE = Boolean.getBoolean("printed.write");
    /** Levels of grey, of 256, that a dot may differ: letters are drawn a little differently by another Java. */
    private static final int NOTICED = 70;
    /** Share of the dots that may. */
    private static final double FEW = 0.001;

    /** What is on a page. */
    private enum Content {
        FIGURES("fraction-picture", "select-shapes", "two-way-read", "circle-center", "rational-analyse"),
        EQUATIONS("both-sides", "polynomial-factor", "binomial-expand", "scientific-notation", "fraction-lowest");

        private final List<String> skills;

        Content(String... skills) {
            this.skills = List.of(skills);
        }
    }

    /** A page that is kept. */
    private enum Kept {
        FIGURES_A4(Content.FIGURES, new PaperStyle(Size.A4, Room.SQUARES, false, false), false),
        FIGURES_LARGE(Content.FIGURES, new PaperStyle(Size.A4, Room.NONE, true, false), false),
        FIGURES_SOLVED(Content.FIGURES, new PaperStyle(Size.A4, Room.NONE, false, false), true),
        EQUATIONS_TWO_COLUMNS(Content.EQUATIONS, new PaperStyle(Size.LETTER, Room.LINES, false, true), false),
        EQUATIONS_A4(Content.EQUATIONS, new PaperStyle(Size.A4, Room.BLANK, false, false), false),
        EQUATIONS_SOLVED(Content.EQUATIONS, new PaperStyle(Size.LETTER, Room.NONE, false, false), true);

        private final Content content;
        private final PaperStyle style;
        private final boolean solved;

        Kept(Content content, PaperStyle style, boolean solved) {
            this.content = content;
            this.style = style;
            this.solved = solved;
        }
    }

    private List<Item> items(Content content) throws IOException {
        Path file = FOLDER.resolve(content.name().toLowerCase() + ".jsonl");
        if (WRITE && Files.notExists(file)) {
            Stream<Item> made = content.skills.stream()
                    .map(id -> new Catalogue().generator(id).makeOpen(2, 11));
            Files.write(file, made.map(item -> ItemFile.write(item, "")).toList());
        }
        return Files.readAllLines(file).stream().map(ItemFile::read).toList();
    }

    private List<BufferedImage> pages(Kept kept) throws IOException {
        PaperPdf.Sheet sheet = new PaperPdf.Sheet(
                "Kettle Pass",
                "for Nela",
                true,
                "K7M-4QX",
                Optional.of("https://hut.example/paper/k7m-4qx"),
                items(kept.content));
        return PrintedPages.of(
                kept.solved
                        ? PaperPdf.solutions(List.of(sheet), kept.style, MarkScale.PERCENT)
                        : PaperPdf.sheets(List.of(sheet), kept.style));
    }

    /** The same with one dot a point, the mean of the four of the page. */
    private static BufferedImage small(BufferedImage page) {
        BufferedImage small =
                new BufferedImage(page.getWidth() / 2, page.getHeight() / 2, BufferedImage.TYPE_BYTE_GRAY);
        for (int y = 0; y < small.getHeight(); y++) {
            for (int x = 0; x < small.getWidth(); x++) {
                int sum = grey(page, 2 * x, 2 * y)
                        + grey(page, 2 * x + 1, 2 * y)
                        + grey(page, 2 * x, 2 * y + 1)
                        + grey(page, 2 * x + 1, 2 * y + 1);
                small.getRaster().setSample(x, y, 0, sum / 4);
            }
        }
        return small;
    }

    private static int grey(BufferedImage picture, int x, int y) {
        return picture.getRaster().getSample(x, y, 0);
    }

    private static double shareThatDiffers(BufferedImage a, BufferedImage b) {
        int differ = 0;
        for (int y = 0; y < a.getHeight(); y++) {
            for (int x = 0; x < a.getWidth(); x++) {
                differ += Math.abs(grey(a, x, y) - grey(b, x, y)) > NOTICED ? 1 : 0;
            }
        }
        return differ / (double) (a.getWidth() * a.getHeight());
    }

    @ParameterizedTest
    @EnumSource(Kept.class)
    void pagesLookAsTheyDid(Kept kept) throws IOException {
        List<BufferedImage> pages = pages(kept);
        for (int i = 0; i < pages.size(); i++) {
            BufferedImage now = small(pages.get(i));
            Path file = FOLDER.resolve(kept.name().toLowerCase().replace('_', '-') + "-" + (i + 1) + ".png");
            if (WRITE) {
                ImageIO.write(now, "png", file.toFile());
            }
            assertTrue(Files.exists(file), kept + " has a page more than it had: " + (i + 1));
            BufferedImage before = ImageIO.read(file.toFile());
            assertEquals(before.getWidth(), now.getWidth(), kept + " is as wide");
            assertEquals(before.getHeight(), now.getHeight(), kept + " is as high");
            double share = shareThatDiffers(before, now);
            assertTrue(share <= FEW, kept + ", page " + (i + 1) + ": " + share + " of the dots differ");
        }
        assertTrue(
                Files.notExists(FOLDER.resolve(
                        kept.name().toLowerCase().replace('_', '-') + "-" + (pages.size() + 1) + ".png")),
                kept + " has fewer pages than it had");
    }
}
