package littlesummit.app.exchange.xml;

import java.io.StringWriter;
import javax.xml.parsers.DocumentBuilderFactory;
import javax.xml.parsers.ParserConfigurationException;
import javax.xml.transform.OutputKeys;
import javax.xml.transform.Transformer;
import javax.xml.transform.TransformerException;
import javax.xml.transform.TransformerFactory;
import javax.xml.transform.dom.DOMSource;
import javax.xml.transform.stream.StreamResult;
import org.w3c.dom.Document;
import org.w3c.dom.Element;

/** An element that is being written; children go into the same namespace unless another one is named. */
public record Node(Element element) {
    /** The root of a new document. */
    public static Node root(String namespace, String name) {
        try {
            DocumentBuilderFactory factory = DocumentBuilderFactory.newDefaultNSInstance();
            Document document = factory.newDocumentBuilder().newDocument();
            Element root = document.createElementNS(namespace, name);
            document.appendChild(root);
            return new Node(root);
        } catch (ParserConfigurationException bug) {
            throw new IllegalStateException(bug);
        }
    }

    /** A new last child. */
    public Node child(String name) {
        return child(element.getNamespaceURI(), name);
    }

    public Node child(String namespace, String name) {
        Element child = element.getOwnerDocument().createElementNS(namespace, name);
        element.appendChild(child);
        return new Node(child);
    }

    /** A new last child that holds a text alone; this node again. */
    public Node leaf(String name, String text) {
        child(name).text(text);
        return this;
    }

    public Node with(String attribute, Object value) {
        element.setAttribute(attribute, legal(String.valueOf(value)));
        return this;
    }

    /** @param attribute with its prefix */
    public Node with(String namespace, String attribute, Object value) {
        element.setAttributeNS(namespace, attribute, legal(String.valueOf(value)));
        return this;
    }

    public Node text(String text) {
        element.appendChild(element.getOwnerDocument().createTextNode(legal(text)));
        return this;
    }

    /** What a person typed may hold signs that XML has no place for. */
    private static String legal(String text) {
        return text.codePoints()
                .filter(c -> c >= ' ' && c != 0xFFFE && c != 0xFFFF && !(c >= 0xD800 && c <= 0xDFFF)
                        || c == '\n'
                        || c == '\t')
                .collect(StringBuilder::new, StringBuilder::appendCodePoint, StringBuilder::append)
                .toString();
    }

    /** The document, as UTF-8 text with its declaration. */
    public String written() {
        try {
            Transformer writer = TransformerFactory.newInstance().newTransformer();
            writer.setOutputProperty(OutputKeys.ENCODING, "UTF-8");
            element.getOwnerDocument().setXmlStandalone(true);
            StringWriter text = new StringWriter();
            writer.transform(new DOMSource(element.getOwnerDocument()), new StreamResult(text));
            return text.toString();
        } catch (TransformerException bug) {
            throw new IllegalStateException(bug);
        }
    }
}
