package littlesummit.app.exchange.qti.in;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javax.xml.XMLConstants;
import javax.xml.parsers.DocumentBuilder;
import javax.xml.parsers.DocumentBuilderFactory;
import javax.xml.parsers.ParserConfigurationException;
import org.w3c.dom.Element;
import org.w3c.dom.Node;
import org.xml.sax.SAXException;
import org.xml.sax.helpers.DefaultHandler;

/** XML from somebody else: nothing outside it is fetched, and no entities of its own are read. */
final class SafeXml {
    private SafeXml() {}

    /** The root; empty for what is no XML, or has a document type. */
    static Optional<Element> root(byte[] bytes) {
        try {
            DocumentBuilderFactory factory = DocumentBuilderFactory.newDefaultNSInstance();
            factory.setXIncludeAware(false);
            factory.setExpandEntityReferences(false);
            factory.setFeature(XMLConstants.FEATURE_SECURE_PROCESSING, true);
            factory.setFeature("http://apache.org/xml/features/disallow-doctype-decl", true);
            DocumentBuilder builder = factory.newDocumentBuilder();
            builder.setErrorHandler(new DefaultHandler());
            return Optional.of(builder.parse(new ByteArrayInputStream(bytes)).getDocumentElement());
        } catch (SAXException | IOException noXml) {
            return Optional.empty();
        } catch (ParserConfigurationException bug) {
            throw new IllegalStateException(bug);
        }
    }

    /** The name without hyphens and the prefix of QTI 3, so that versions 2 and 3 read alike. */
    static String name(Node node) {
        String name = node.getLocalName() == null ? node.getNodeName() : node.getLocalName();
        return name.replaceFirst("^qti-", "").replace("-", "").toLowerCase(Locale.ROOT);
    }

    static List<Element> children(Element of) {
        List<Element> children = new ArrayList<>();
        for (int i = 0; i < of.getChildNodes().getLength(); i++) {
            if (of.getChildNodes().item(i) instanceof Element child) {
                children.add(child);
            }
        }
        return children;
    }

    /** All within, at any depth, in the order of the document. */
    static List<Element> within(Element of, String name) {
        List<Element> found = new ArrayList<>();
        for (Element child : children(of)) {
            if (name(child).equals(name)) {
                found.add(child);
            }
            found.addAll(within(child, name));
        }
        return found;
    }

    /** By its name in either version: {@code responseIdentifier} and {@code response-identifier}. */
    static String attribute(Element of, String name) {
        String hyphens = name.replaceAll("([A-Z])", "-$1").toLowerCase(Locale.ROOT);
        return of.hasAttribute(hyphens) ? of.getAttribute(hyphens) : of.getAttribute(name);
    }
}
