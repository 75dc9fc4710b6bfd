package brandeon.core.pack;

import brandeon.core.problem.Mistake;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import javax.xml.parsers.DocumentBuilder;
import javax.xml.parsers.DocumentBuilderFactory;
import javax.xml.parsers.ParserConfigurationException;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.w3c.dom.Node;
import org.xml.sax.SAXException;
import org.xml.sax.SAXParseException;

/** XML from outside: no document type, so no entities from elsewhere and none that grow without end. */
public final class Xml {

    private Xml() {}

    /** @throws Mistake with a sentence that names line and reason */
    public static Document read(byte[] bytes) {
        try {
            DocumentBuilder builder = builder();
            builder.setErrorHandler(null);
            return builder.parse(new ByteArrayInputStream(bytes));
        } catch (SAXParseException e) {
            throw new Mistake("This file cannot be read: line " + e.getLineNumber() + ", " + e.getMessage(), e);
        } catch (SAXException | IOException e) {
            throw new Mistake("This file cannot be read: " + e.getMessage(), e);
        }
    }

    public static Document empty() {
        return builder().newDocument();
    }

    public static List<Element> children(Element element) {
        List<Element> children = new ArrayList<>();
        for (Node node = element.getFirstChild(); node != null; node = node.getNextSibling()) {
            if (node instanceof Element child) {
                children.add(child);
            }
        }
        return children;
    }

    /** Text that may stand in an element or within double quotes. */
    public static String escaped(String text) {
        return text.replace("&", "&amp;")
                .replace("<", "&lt;")
                .replace(">", "&gt;")
                .replace("\"", "&quot;");
    }

    /** The text that {@link #escaped} made this of. */
    public static String unescaped(String text) {
        return text.replace("&quot;", "\"")
                .replace("&gt;", ">")
                .replace("&lt;", "<")
                .replace("&amp;", "&");
    }

    private static DocumentBuilder builder() {
        try {
            DocumentBuilderFactory factory = DocumentBuilderFactory.newInstance();
            factory.setNamespaceAware(true);
            factory.setFeature("http://apache.org/xml/features/disallow-doctype-decl", true);
            factory.setXIncludeAware(false);
            factory.setExpandEntityReferences(false);
            return factory.newDocumentBuilder();
        } catch (ParserConfigurationException e) {
            throw new IllegalStateException("Every Java can read XML safely.", e);
        }
    }
}
