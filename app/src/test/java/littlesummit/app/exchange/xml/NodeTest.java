package littlesummit.app.exchange.xml;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.Test;

class NodeTest {
    @Test
    void whatAPersonTypedIsTextAndNothingElse() {
        Node root = Node.root("urn:hut", "list").with("title", "\"a\" <b>").leaf("one", "</one><two/>&amp;");
        String xml = root.written();
        assertTrue(xml.contains("&lt;/one&gt;&lt;two/&gt;&amp;amp;"), xml);
        assertTrue(xml.contains("title=\"&quot;a&quot; &lt;b&gt;\""), xml);
    }

    @Test
    void signsThatXmlHasNoPlaceForAreLeftOut() {
        Node root = Node.root("urn:hut", "list").text("a\u0000b\u0007c\tü\uD83D\uDC10\uFFFF");
        assertEquals("abc\tü\uD83D\uDC10", root.element().getTextContent());
    }

    @Test
    void childrenAreInTheNamespaceOfTheirParent() {
        Node child = Node.root("urn:hut", "list").child("one").child("two");
        assertEquals("urn:hut", child.element().getNamespaceURI());
        assertEquals("urn:peak", child.child("urn:peak", "three").element().getNamespaceURI());
    }
}
