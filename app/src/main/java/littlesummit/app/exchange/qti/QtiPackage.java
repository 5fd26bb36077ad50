package littlesummit.app.exchange.qti;

import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import littlesummit.app.content.ItemFile;
import littlesummit.app.exchange.ChosenItems;
import littlesummit.app.exchange.xml.Node;
import littlesummit.core.item.Item;

/** A content package: a manifest, a test with a section for each skill, items, their pictures, and our own files. */
final class QtiPackage {
    private static final String README = """
        A content package of Question and Test Interoperability (QTI) 3.0, made by Little Summit.

        imsmanifest.xml  what there is
        test.xml         all items, in a section for each skill
        items/           one item each: stem, places to answer, right answers, known mistakes with
                         their messages, hints, and the solution for who marks it
        pictures/        their figures, as SVG
        exact/           the same items as JSON, with what the standard has no words for, such as
                         "any fraction in lowest terms"; another Little Summit takes an item from
                         here as long as its file in items/ has not been changed

        Programs that compare letters take some ways to write a right answer, not every one.
        """;

    private final ZipOutputStream zip;
    private final List<Packed> packed = new ArrayList<>();

    private record Packed(String id, String section, List<String> files) {}

    private QtiPackage(ZipOutputStream zip) {
        this.zip = zip;
    }

    /**
     * Writes a package and leaves the stream open.
     *
     * @param sections one a skill
     */
    static void write(OutputStream out, String title, List<ChosenItems.Section> sections) {
        try {
            ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8);
            QtiPackage qti = new QtiPackage(zip);
            Map<String, String> names = new LinkedHashMap<>();
            for (ChosenItems.Section section : sections) {
                names.put(section.skill(), section.name());
                qti.add(section);
            }
            qti.file("test.xml", qti.test(title, names));
            qti.file(Names.MANIFEST_FILE, qti.manifest());
            qti.file("README.txt", README);
            zip.finish();
        } catch (IOException gone) {
            throw new UncheckedIOException(gone);
        }
    }

    private void add(ChosenItems.Section section) throws IOException {
        for (int i = 0; i < section.items().size(); i++) {
            Item item = section.items().get(i);
            String id = section.skill() + "-" + (i + 1);
            ItemXml xml = ItemXml.of(id, section.name(), item);
            List<String> files = new ArrayList<>(List.of("items/" + id + ".xml"));
            file(files.getFirst(), xml.text());
            for (Map.Entry<String, String> picture : new TreeMap<>(xml.pictures()).entrySet()) {
                file(picture.getKey(), picture.getValue());
                files.add(picture.getKey());
            }
            file("exact/" + id + ".json", ItemFile.write(item, xml.text()));
            files.add("exact/" + id + ".json");
            packed.add(new Packed(id, section.skill(), files));
        }
    }

    private void file(String name, String text) throws IOException {
        zip.putNextEntry(new ZipEntry(name));
        zip.write(text.getBytes(StandardCharsets.UTF_8));
        zip.closeEntry();
    }

    private String test(String title, Map<String, String> names) {
        Node test = Node.root(Names.ITEM, "qti-assessment-test")
                .with("identifier", "test")
                .with("title", title)
                .with("tool-name", "Little Summit");
        Node part = test.child("qti-test-part")
                .with("identifier", "part")
                .with("navigation-mode", "nonlinear")
                .with("submission-mode", "individual");
        names.forEach((skill, name) -> {
            Node section = part.child("qti-assessment-section")
                    .with("identifier", "section-" + skill)
                    .with("title", name)
                    .with("visible", true);
            packed.stream().filter(one -> one.section().equals(skill)).forEach(one -> section.child(
                            "qti-assessment-item-ref")
                    .with("identifier", one.id())
                    .with("href", one.files().getFirst()));
        });
        return test.written();
    }

    private String manifest() {
        Node manifest = Node.root(Names.MANIFEST, "manifest").with("identifier", "package");
        manifest.child("metadata").leaf("schema", "QTI Package").leaf("schemaversion", "3.0.0");
        manifest.child("organizations");
        Node resources = manifest.child("resources");
        Node test = resource(resources, "test", Names.TEST_TYPE, List.of("test.xml"));
        packed.forEach(one -> test.child("dependency").with("identifierref", one.id()));
        packed.forEach(one -> resource(resources, one.id(), Names.ITEM_TYPE, one.files()));
        return manifest.written();
    }

    private static Node resource(Node resources, String id, String type, List<String> files) {
        Node resource = resources
                .child("resource")
                .with("identifier", id)
                .with("type", type)
                .with("href", files.getFirst());
        files.forEach(file -> resource.child("file").with("href", file));
        return resource;
    }
}
