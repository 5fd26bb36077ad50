package littlesummit.app.exchange.qti.in;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import littlesummit.app.content.ItemFile;
import littlesummit.app.exchange.zip.Unpacked;
import littlesummit.app.web.Problem;
import org.w3c.dom.Element;

/** The items of a file: one alone, or those of a package. */
final class QtiFile {
    /** Where our packages have their items; beside that folder lies the one with the exact ones. */
    private static final Pattern OWN_ITEM = Pattern.compile("(|.*/)items/([^/]*)\\.xml");

    private static final int MOST_FILES = 1000;
    private static final int MOST_BYTES = 32 * 1024 * 1024;
    private static final String CHANGED =
            "Another program has changed it since it left Little Summit, so it was read as any other file.";

    private final Map<String, byte[]> files;
    private final Pictures pictures;

    private QtiFile(Map<String, byte[]> files) {
        this.files = files;
        this.pictures = new Pictures(files);
    }

    /** @throws Problem with a sentence, for what cannot be read or is too much */
    static List<Taken> items(byte[] file) {
        if (!new String(file, 0, Math.min(2, file.length), StandardCharsets.ISO_8859_1).equals("PK")) {
            Element root = SafeXml.root(file)
                    .orElseThrow(() ->
                            Problem.badRequest("This file cannot be read: it is no XML, or it has a document type."));
            return QtiItemReader.isItem(root)
                    ? List.of(QtiItemReader.read(root, "", new Pictures(Map.of())))
                    : List.of();
        }
        Map<String, byte[]> files = new LinkedHashMap<>();
        Unpacked.each(file, MOST_FILES, MOST_BYTES, files::put);
        return new QtiFile(files).items();
    }

    private List<Taken> items() {
        List<Taken> items = new ArrayList<>();
        files.forEach((name, content) -> {
            if (name.endsWith(".xml")) {
                SafeXml.root(content)
                        .filter(QtiItemReader::isItem)
                        .map(root -> item(name, root))
                        .ifPresent(items::add);
            }
        });
        return items;
    }

    private Taken item(String name, Element root) {
        Matcher own = OWN_ITEM.matcher(name);
        return own.matches()
                ? Optional.ofNullable(files.get(own.group(1) + "exact/" + own.group(2) + ".json"))
                        .map(exact -> whole(root, name, text(exact)))
                        .orElseGet(() -> other(root, name))
                : other(root, name);
    }

    private TakenItem other(Element root, String name) {
        return QtiItemReader.read(root, name, pictures);
    }

    /** Our own file beside it says all of an item, unless it says something else by now. */
    private Taken whole(Element root, String name, String exact) {
        try {
            return ItemFile.read(exact, text(files.get(name)))
                    .<Taken>map(item -> new Taken.Whole(QtiItemReader.title(root), item))
                    .orElseGet(() -> other(root, name).without(CHANGED));
        } catch (IllegalArgumentException broken) {
            return other(root, name)
                    .without("What lies beside it in the folder “exact” cannot be used. " + broken.getMessage());
        }
    }

    private static String text(byte[] content) {
        return new String(content, StandardCharsets.UTF_8);
    }
}
