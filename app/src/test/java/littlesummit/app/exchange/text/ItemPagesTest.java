package littlesummit.app.exchange.text;

import static org.junit.jupiter.api.Assertions.assertDoesNotThrow;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import littlesummit.app.exchange.ChosenItems;
import littlesummit.content.Catalogue;
import littlesummit.core.item.Block;
import littlesummit.core.item.Item;
import littlesummit.core.skill.Skill;
import org.commonmark.ext.gfm.tables.TableBlock;
import org.commonmark.ext.gfm.tables.TablesExtension;
import org.commonmark.node.AbstractVisitor;
import org.commonmark.node.CustomBlock;
import org.commonmark.node.Heading;
import org.commonmark.node.Image;
import org.commonmark.node.Node;
import org.commonmark.parser.Parser;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.scilab.forge.jlatexmath.TeXFormula;

/** Documents of every skill, read back: Markdown by a parser of another house, formulas by the typesetter of paper. */
class ItemPagesTest {
    private static final Pattern MATH =
            Pattern.compile("\\$\\$\\n(.*?)\\n\\$\\$|(?<!\\\\)\\$(.+?)(?<!\\\\)\\$", Pattern.DOTALL);
    private static final Pattern MATH_IN_LATEX =
            Pattern.compile("\\\\\\[ (.*?) \\\\]|(?<!\\\\)\\$(.+?)(?<!\\\\)\\$", Pattern.DOTALL);
    private static final Pattern ENVIRONMENT = Pattern.compile("\\\\(begin|end)\\{(\\w+)}");

    static Stream<Skill> skills() {
        return new Catalogue().skills().stream();
    }

    private static ChosenItems.Section section(Skill skill) {
        return new ChosenItems.Section(
                skill.id(),
                skill.name(),
                IntStream.range(0, 9)
                        .mapToObj(i -> skill.makeOpen(i % 3 + 1, 40 + i))
                        .toList());
    }

    /** What a parser of Markdown makes of a text. */
    private static final class Seen extends AbstractVisitor {
        final List<Integer> headings = new ArrayList<>();
        final Set<String> pictures = new HashSet<>();
        final Set<String> kinds = new HashSet<>();
        int tables;

        static Seen in(String text) {
            Parser parser = Parser.builder()
                    .extensions(List.of(TablesExtension.create()))
                    .build();
            Seen seen = new Seen();
            parser.parse(text).accept(seen);
            return seen;
        }

        @Override
        public void visit(Heading heading) {
            headings.add(heading.getLevel());
            visitChildren(heading);
        }

        @Override
        public void visit(Image image) {
            pictures.add(image.getDestination());
        }

        @Override
        public void visit(CustomBlock block) {
            tables += block instanceof TableBlock ? 1 : 0;
            visitChildren(block);
        }

        @Override
        protected void visitChildren(Node parent) {
            kinds.add(parent.getClass().getSimpleName());
            super.visitChildren(parent);
        }
    }

    private static long tables(Item item) {
        return item.stem().stream().filter(Block.Table.class::isInstance).count();
    }

    @ParameterizedTest
    @MethodSource("skills")
    void markdownIsReadAsItIsMeant(Skill skill) {
        ChosenItems.Section section = section(skill);
        ItemPages.Pages pages = ItemPages.write("Items", List.of(section), new Markdown());
        Seen seen = Seen.in(MATH.matcher(pages.text()).replaceAll("m"));
        assertEquals(1, seen.headings.stream().filter(level -> level == 1).count());
        assertEquals(2, seen.headings.stream().filter(level -> level == 2).count());
        assertEquals(18, seen.headings.stream().filter(level -> level == 3).count());
        Set<String> files = new HashSet<>();
        pages.pictures().keySet().forEach(file -> files.add(file + ".svg"));
        assertEquals(files, seen.pictures);
        assertTrue(
                seen.tables
                        >= section.items().stream()
                                .mapToLong(ItemPagesTest::tables)
                                .sum(),
                "tables");
        for (String unmeant :
                List.of("Emphasis", "StrongEmphasis", "Link", "OrderedList", "BlockQuote", "HtmlInline")) {
            assertTrue(!seen.kinds.contains(unmeant), skill.id() + " has " + unmeant + " in\n" + pages.text());
        }
    }

    @ParameterizedTest
    @MethodSource("skills")
    void everyFormulaCanBeSet(Skill skill) {
        List<ChosenItems.Section> sections = List.of(section(skill));
        formulas(MATH, ItemPages.write("Items", sections, new Markdown()).text());
        formulas(MATH_IN_LATEX, ItemPages.write("Items", sections, new Latex()).text());
    }

    private static void formulas(Pattern pattern, String text) {
        Matcher math = pattern.matcher(text);
        while (math.find()) {
            String latex = math.group(1) == null ? math.group(2) : math.group(1);
            assertDoesNotThrow(() -> new TeXFormula(latex), latex);
        }
    }

    @ParameterizedTest
    @MethodSource("skills")
    void whatLatexOpensItCloses(Skill skill) {
        String text = ItemPages.write("50 % & more", List.of(section(skill)), new Latex())
                .text();
        Deque<String> open = new ArrayDeque<>();
        Matcher environment = ENVIRONMENT.matcher(text);
        while (environment.find()) {
            if (environment.group(1).equals("begin")) {
                open.push(environment.group(2));
            } else {
                assertEquals(open.pop(), environment.group(2));
            }
        }
        assertTrue(open.isEmpty(), open.toString());
        String plain = MATH_IN_LATEX.matcher(text).replaceAll("m").replaceAll("\\\\[{}]", "");
        assertEquals(
                plain.chars().filter(c -> c == '{').count(),
                plain.chars().filter(c -> c == '}').count());
        assertTrue(text.contains("\\section*{50 \\% \\& more}"), text.substring(0, 200));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '~',
            quoteCharacter = '`',
            value = {
                "A \\$5 map for $x_1$     ~ A \\$5 map for $x_1$              ~ A \\$5 map for $x_1$",
                "2*3 and 4*5 [sic]        ~ 2\\*3 and 4\\*5 \\[sic\\]         ~ 2*3 and 4*5 [sic]",
                "5. hut                   ~ 5\\. hut                          ~ 5. hut",
                "- one down               ~ \\- one down                      ~ - one down",
                "10 % of a_b & c          ~ 10 % of a\\_b \\& c               ~ 10 \\% of a\\_b \\& c",
                "a < b                    ~ a \\< b                           ~ a \\textless{} b",
                "50 × 2 − 3               ~ 50 × 2 − 3                        ~ 50 $\\times$ 2 $-$ 3",
            })
    void signsThatMeanMoreAreWrittenAsText(String ours, String markdown, String latex) {
        assertEquals(markdown, new Markdown().text(ours));
        assertEquals(latex, new Latex().text(ours));
    }

    @Test
    void aTableKeepsItsColumns() {
        String table = new Markdown().table(List.of("a|b", "$|x|$"), List.of(List.of("", "2")));
        assertEquals("| a\\|b | $\\|x\\|$ |\n| --- | --- |\n|  | 2 |\n\n", table);
        assertEquals(1, Seen.in(table).tables);
        assertEquals(
                "\\begin{tabular}{|l|l|}\n\\hline\na & b \\\\ \\hline\n1 & 2 \\\\ \\hline\n\\end{tabular}\n\n",
                new Latex().table(List.of("a", "b"), List.of(List.of("1", "2"))));
    }
}
