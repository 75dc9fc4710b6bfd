package brandeon.core.text;

/** What a text may be made of, before anybody asks what it says. */
public final class Letters {

    private Letters() {}

    /**
     * Whether a text can be kept, sent and painted everywhere: no half letters (lone surrogates) and no control
     * characters
     * but line break and tab, which PostgreSQL, XML 1.0 or JSON would refuse.
     */
    public static boolean clean(String text) {
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            if (Character.isHighSurrogate(c)) {
                if (i + 1 == text.length() || !Character.isLowSurrogate(text.charAt(i + 1))) {
                    return false;
                }
                i++;
            } else if (Character.isLowSurrogate(c)
                    || (Character.isISOControl(c) && c != '\n' && c != '\t' && c != '\r')
                    || c == '\uFFFE'
                    || c == '\uFFFF') {
                return false;
            }
        }
        return true;
    }

    /** Whether a text is clean and stands on one line, as names do. */
    public static boolean oneLine(String text) {
        return clean(text) && text.indexOf('\n') < 0 && text.indexOf('\r') < 0 && text.indexOf('\t') < 0;
    }
}
