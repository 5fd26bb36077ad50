package littlesummit.app.exchange.qti;

import java.util.List;
import java.util.Map;
import littlesummit.app.exchange.xml.Node;
import littlesummit.core.item.Item;

/**
 * One item as an assessment item of the standard.
 *
 * @param pictures by path in the package
 */
record ItemXml(String text, Map<String, String> pictures) {
    /**
     * @param id a name of the standard: letters, digits, hyphens
     * @param title as an instructor reads it
     */
    static ItemXml of(String id, String title, Item item) {
        Pictures pictures = new Pictures(id);
        List<List<Question>> parts = Question.of(item);
        Node root = Node.root(Names.ITEM, "qti-assessment-item")
                .with("identifier", id)
                .with("title", title)
                .with("adaptive", false)
                .with("time-dependent", false)
                .with("xml:lang", "en")
                .with("tool-name", "Little Summit");
        Declarations.write(root, parts);
        new Body(pictures).write(root, item, parts);
        Processing.write(root, parts);
        Processing.messages(root, parts);
        return new ItemXml(root.written(), pictures.files());
    }
}
