package littlesummit.app.exchange.qti;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import littlesummit.app.exchange.xml.Node;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;
import uk.ac.ed.ph.snuggletex.SnuggleEngine;
import uk.ac.ed.ph.snuggletex.SnuggleInput;
import uk.ac.ed.ph.snuggletex.SnuggleSession;

/** LaTeX as MathML 3 (W3C) that says its LaTeX in an annotation, so that it can come back as it was. */
final class MathMl {
    static final String ANNOTATION = "application/x-tex";
    private static final SnuggleEngine ENGINE = new SnuggleEngine();

    private MathMl() {}

    /** @throws IllegalStateException for LaTeX that cannot be read */
    static void write(Node parent, String latex) {
        Node semantics = parent.child(Names.MATH, "math").child("semantics");
        Node row = semantics.child("mrow");
        Document document = row.element().getOwnerDocument();
        NodeList pieces = parsed(latex);
        for (int i = 0; i < pieces.getLength(); i++) {
            row.element().appendChild(document.importNode(pieces.item(i), true));
        }
        unfence(row.element());
        semantics.child("annotation").with("encoding", ANNOTATION).text(latex);
    }

    private static NodeList parsed(String latex) {
        SnuggleSession session = ENGINE.createSession();
        String known = latex.replace("\\square", "\\mbox{□}")
                .replace("\\text", "\\mbox")
                .replace("\\,", " ");
        try {
            session.parseInput(new SnuggleInput("$" + known + "$"));
        } catch (IOException impossible) {
            throw new IllegalStateException(impossible);
        }
        NodeList built = session.buildDOMSubtree();
        if (!session.getErrors().isEmpty() || built == null || built.getLength() != 1) {
            throw new IllegalStateException("cannot write as MathML: " + latex + " " + session.getErrors());
        }
        return built.item(0).getChildNodes();
    }

    /** Brackets as signs: the element that stands for a pair of them is not drawn by every browser. */
    private static void unfence(Element element) {
        List<Element> children = new ArrayList<>();
        for (int i = 0; i < element.getChildNodes().getLength(); i++) {
            if (element.getChildNodes().item(i) instanceof Element child) {
                children.add(child);
            }
        }
        children.forEach(MathMl::unfence);
        if (element.getLocalName().equals("mfenced")) {
            Document document = element.getOwnerDocument();
            Element row = document.createElementNS(Names.MATH, "mrow");
            row.appendChild(sign(document, element.getAttribute("open")));
            for (int i = 0; i < children.size(); i++) {
                if (i > 0) {
                    row.appendChild(sign(document, ","));
                }
                row.appendChild(children.get(i));
            }
            row.appendChild(sign(document, element.getAttribute("close")));
            element.getParentNode().replaceChild(row, element);
        }
    }

    private static Element sign(Document document, String text) {
        Element sign = document.createElementNS(Names.MATH, "mo");
        sign.setTextContent(text);
        return sign;
    }
}
