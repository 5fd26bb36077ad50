package littlesummit.app.exchange.qti;

/** Namespaces and types of files, as the standard names them. */
public final class Names {
    static final String ITEM = "http://www.imsglobal.org/xsd/imsqtiasi_v3p0";
    static final String MANIFEST = "http://www.imsglobal.org/xsd/qti/qtiv3p0/imscp_v1p1";
    static final String MATH = "http://www.w3.org/1998/Math/MathML";
    /**
     * Of attributes of an interaction that say what our grader compares. An operator of our own would be the other way,
     * but programs that do not know it stop there.
     */
    public static final String OWN = "data-summit-";

    static final String ITEM_TYPE = "imsqti_item_xmlv3p0";
    static final String TEST_TYPE = "imsqti_test_xmlv3p0";
    static final String MANIFEST_FILE = "imsmanifest.xml";

    private Names() {}
}
