package littlesummit.app.exchange.qti.in;

import java.util.Set;
import java.util.TreeSet;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import littlesummit.core.math.Parser;
import littlesummit.core.math.Reading;
import littlesummit.core.math.Syntax;
import org.w3c.dom.Element;
import org.w3c.dom.Node;
import org.w3c.dom.Text;

/** The text of elements in the language of templates: mathematics between dollar signs, braces for gaps alone. */
final class RunningText {
    private static final Set<String> APART = Set.of("rubricblock", "feedbackinline", "feedbackblock", "math", "object");
    private static final String TEX = "application/x-tex";

    private RunningText() {}

    /** @param without elements that are left out, such as interactions */
    static String of(Element element, Set<String> without) {
        StringBuilder text = new StringBuilder();
        write(element, without, text);
        return text.toString()
                .replaceAll("\\s+", " ")
                .replaceAll(" ([.,;:?!])", "$1")
                .strip();
    }

    private static void write(Node node, Set<String> without, StringBuilder text) {
        for (int i = 0; i < node.getChildNodes().getLength(); i++) {
            Node child = node.getChildNodes().item(i);
            if (child instanceof Text words) {
                text.append(plain(words.getData()));
            } else if (child instanceof Element element && SafeXml.name(element).equals("math")) {
                text.append(inText(mathematics(element)));
            } else if (child instanceof Element gap && SafeXml.name(gap).equals("gap")) {
                text.append("{{")
                        .append(Matched.id(gap.getAttribute("identifier")))
                        .append("}}");
            } else if (child instanceof Element element
                    && !without.contains(SafeXml.name(element))
                    && !APART.contains(SafeXml.name(element))) {
                write(element, without, text);
            }
        }
    }

    /** Between dollar signs what a document can read; else its letters and signs alone. */
    private static String inText(String latex) {
        return Parser.read(latex, Syntax.expression(letters(latex))) instanceof Reading.Understood
                ? "$" + latex + "$"
                : plain(latex.replaceAll("\\\\([a-zA-Z]+|.)", " ").replaceAll("[{}]", " "));
    }

    /** Letters that stand for numbers in a piece of mathematics. */
    static Set<String> letters(String latex) {
        return Pattern.compile("[a-zA-Z]")
                .matcher(latex.replaceAll("\\\\[a-zA-Z]+", " "))
                .results()
                .map(MatchResult::group)
                .collect(Collectors.toCollection(TreeSet::new));
    }

    /** Signs that mean something in a template. */
    static String plain(String words) {
        return words.replace('{', '(').replace('}', ')').replace("$", "\\$");
    }

    /** What the program itself has noted as TeX, else the elements one by one. */
    private static String mathematics(Element math) {
        return SafeXml.within(math, "annotation").stream()
                .filter(note -> note.getAttribute("encoding").equals(TEX))
                .map(Element::getTextContent)
                .findFirst()
                .orElseGet(() -> formula(math));
    }

    private static String formula(Node node) {
        if (!(node instanceof Element element)) {
            return "";
        }
        return switch (SafeXml.name(element)) {
            case "mn", "mi", "mo", "mtext" ->
                element.getTextContent()
                        .strip()
                        .replace('−', '-')
                        .replace('×', '*')
                        .replace('⋅', '*');
            case "mfrac" -> "(" + part(element, 0) + ")/(" + part(element, 1) + ")";
            case "msup" -> part(element, 0) + "^(" + part(element, 1) + ")";
            case "msqrt" -> "sqrt(" + inside(element) + ")";
            case "mroot" -> "root(" + part(element, 1) + ", " + part(element, 0) + ")";
            case "annotation", "annotationxml" -> "";
            default -> inside(element);
        };
    }

    private static String part(Element of, int which) {
        return SafeXml.children(of).size() > which
                ? formula(SafeXml.children(of).get(which))
                : "";
    }

    private static String inside(Element of) {
        StringBuilder text = new StringBuilder();
        SafeXml.children(of).forEach(child -> text.append(formula(child)));
        return text.toString();
    }
}
