package littlesummit.app.exchange.qti;

import java.io.IOException;
import java.io.StringReader;
import java.util.ArrayList;
import java.util.List;
import javax.xml.parsers.DocumentBuilderFactory;
import javax.xml.parsers.ParserConfigurationException;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;
import org.xml.sax.InputSource;
import org.xml.sax.SAXException;

/** What was written, read by the parser of the JDK. */
final class Written {
    private Written() {}

    static Element root(String xml) {
        try {
            DocumentBuilderFactory factory = DocumentBuilderFactory.newDefaultNSInstance();
            return factory.newDocumentBuilder()
                    .parse(new InputSource(new StringReader(xml)))
                    .getDocumentElement();
        } catch (SAXException | IOException | ParserConfigurationException broken) {
            throw new AssertionError(xml, broken);
        }
    }

    /** An attribute of all elements of a name, in their order. */
    static List<String> all(Element root, String name, String attribute) {
        NodeList found = root.getElementsByTagNameNS("*", name);
        List<String> values = new ArrayList<>();
        for (int i = 0; i < found.getLength(); i++) {
            values.add(((Element) found.item(i)).getAttribute(attribute));
        }
        return values;
    }
}
