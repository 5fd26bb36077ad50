package littlesummit.app.working;

import java.io.StringReader;
import java.io.StringWriter;
import java.util.List;
import java.util.Locale;
import javax.xml.parsers.DocumentBuilderFactory;
import javax.xml.parsers.ParserConfigurationException;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;
import littlesummit.app.web.Problem;
import littlesummit.core.working.ink.Stroke;
import org.w3c.dom.Document;
import org.xml.sax.InputSource;
import org.xml.sax.SAXException;

/** Strokes as an InkML document (Ink Markup Language, W3C Recommendation of 20 September 2011), out and in. */
final class InkMl {
    static final String NAMESPACE = "http://www.w3.org/2003/InkML";
    /** How ink that lets the paper through is told apart: the raster operation of InkML's brushes. */
    static final String THROUGH = "maskPen";

    private InkMl() {}

    static String write(List<Stroke> strokes) {
        StringWriter text = new StringWriter();
        try {
            XMLStreamWriter xml = XMLOutputFactory.newFactory().createXMLStreamWriter(text);
            xml.writeStartDocument();
            xml.writeStartElement("ink");
            xml.writeDefaultNamespace(NAMESPACE);
            definitions(xml, strokes);
            for (int i = 0; i < strokes.size(); i++) {
                trace(xml, strokes.get(i), i);
            }
            xml.writeEndElement();
            xml.writeEndDocument();
        } catch (XMLStreamException bug) {
            throw new IllegalStateException(bug);
        }
        return text.toString();
    }

    private static void definitions(XMLStreamWriter xml, List<Stroke> strokes) throws XMLStreamException {
        xml.writeStartElement("definitions");
        xml.writeStartElement("context");
        xml.writeAttribute("xml:id", "page");
        xml.writeStartElement("traceFormat");
        for (String[] channel :
                new String[][] {{"X", "decimal"}, {"Y", "decimal"}, {"F", "decimal"}, {"T", "decimal"}}) {
            xml.writeEmptyElement("channel");
            xml.writeAttribute("name", channel[0]);
            xml.writeAttribute("type", channel[1]);
        }
        xml.writeEndElement();
        xml.writeEndElement();
        for (int i = 0; i < strokes.size(); i++) {
            brush(xml, strokes.get(i), i);
        }
        xml.writeEndElement();
    }

    private static void brush(XMLStreamWriter xml, Stroke stroke, int number) throws XMLStreamException {
        xml.writeStartElement("brush");
        xml.writeAttribute("xml:id", "brush" + number);
        property(xml, "width", number(stroke.width()));
        property(xml, "color", "#" + stroke.colour().hex());
        if (stroke.tool() == Stroke.Tool.HIGHLIGHTER) {
            property(xml, "rasterOp", THROUGH);
        }
        xml.writeEndElement();
    }

    private static void property(XMLStreamWriter xml, String name, String value) throws XMLStreamException {
        xml.writeEmptyElement("brushProperty");
        xml.writeAttribute("name", name);
        xml.writeAttribute("value", value);
    }

    private static void trace(XMLStreamWriter xml, Stroke stroke, int number) throws XMLStreamException {
        xml.writeStartElement("trace");
        xml.writeAttribute("xml:id", "s-" + stroke.id());
        xml.writeAttribute("contextRef", "#page");
        xml.writeAttribute("brushRef", "#brush" + number);
        StringBuilder points = new StringBuilder();
        for (int i = 0; i < stroke.count(); i++) {
            points.append(i == 0 ? "" : ", ")
                    .append(number(stroke.x(i)))
                    .append(' ')
                    .append(number(stroke.y(i)))
                    .append(' ')
                    .append(number(stroke.pressure(i)))
                    .append(' ')
                    .append(number(stroke.millis(i)));
        }
        xml.writeCharacters(points.toString());
        xml.writeEndElement();
    }

    private static String number(double value) {
        return String.format(Locale.ROOT, "%.3f", value).replaceAll("\\.?0+$", "");
    }

    /**
     * Traces of any InkML document, moved and made smaller where they would not fit on a page.
     *
     * @throws Problem when it is no InkML
     */
    static List<Stroke> read(String inkml) {
        try {
            DocumentBuilderFactory safe = DocumentBuilderFactory.newDefaultNSInstance();
            safe.setFeature("http://apache.org/xml/features/disallow-doctype-decl", true);
            var builder = safe.newDocumentBuilder();
            builder.setErrorHandler(null);
            Document document = builder.parse(new InputSource(new StringReader(inkml)));
            if (!NAMESPACE.equals(document.getDocumentElement().getNamespaceURI())
                    || !document.getDocumentElement().getLocalName().equals("ink")) {
                throw Problem.badRequest("This is an XML file, but no InkML: its outermost element must be ink.");
            }
            return new InkMlTraces(document.getDocumentElement()).strokes();
        } catch (SAXException broken) {
            throw Problem.badRequest("This is no InkML file that can be read: its XML is broken or not allowed.");
        } catch (ParserConfigurationException | java.io.IOException bug) {
            throw new IllegalStateException(bug);
        }
    }
}
