package io.inkwellsplit.sheets;

import java.io.InputStream;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;

/** Readers of XML from strangers: nothing from outside is loaded, and a million {@code &amp;} are no attack. */
final class Xml {
    private static final XMLInputFactory FACTORY = factory();

    private Xml() {}

    private static XMLInputFactory factory() {
        XMLInputFactory factory = XMLInputFactory.newDefaultFactory();
        factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
        factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
        factory.setProperty(XMLInputFactory.IS_COALESCING, true);
        // The sizes are limited by Packed; from JDK 24 on these would stop a table of a hundred thousand ampersands.
        for (String limit : new String[] {"jdk.xml.totalEntitySizeLimit", "jdk.xml.maxGeneralEntitySizeLimit"}) {
            if (factory.isPropertySupported(limit)) {
                factory.setProperty(limit, "0");
            }
        }
        return factory;
    }

    static XMLStreamReader reader(InputStream in) throws XMLStreamException {
        return FACTORY.createXMLStreamReader(in);
    }

    /** Returns an attribute by its name without a prefix; the text given where it is missing. */
    static String attribute(XMLStreamReader xml, String name, String otherwise) {
        for (int i = 0; i < xml.getAttributeCount(); i++) {
            if (xml.getAttributeLocalName(i).equals(name)) {
                return xml.getAttributeValue(i);
            }
        }
        return otherwise;
    }
}
