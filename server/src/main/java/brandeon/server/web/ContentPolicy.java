package brandeon.server.web;

import brandeon.core.art.ContentName;
import jakarta.servlet.http.HttpServletRequest;
import java.util.Base64;
import java.util.HexFormat;
import java.util.Locale;

/** What a page may load (Content Security Policy Level 3, W3C). */
public final class ContentPolicy {

    public static final String HEADER = "Content-Security-Policy";

    /**
     * Scripts come from where the built files lie and from nowhere else of this host, so that nothing that a person
     * brought in can be loaded as one.
     */
    private static final String POLICY =
            "default-src 'self'; script-src %1$s/assets/ %1$s/keeper.js%2$s; img-src 'self' data: blob:; "
                    + "style-src 'self' 'unsafe-inline'; object-src 'none'; base-uri 'none'; "
                    + "form-action 'self'; frame-ancestors 'self'";

    private ContentPolicy() {}

    /** The policy of a page without scripts of its own. */
    public static String of(HttpServletRequest request) {
        return of(request, "");
    }

    /** @param inline what {@link #inline} says of the only script that may stand in the page itself; empty for none */
    public static String of(HttpServletRequest request, String inline) {
        String host = request.getServerPort() == 80 || request.getServerPort() == 443
                ? request.getServerName()
                : request.getServerName() + ":" + request.getServerPort();
        return String.format(Locale.ROOT, POLICY, host, inline);
    }

    /** What allows one script in a page, letter by letter (section 6.7.2); worked out once a script. */
    public static String inline(String script) {
        byte[] digest = HexFormat.of().parseHex(ContentName.full(script));
        return " 'sha256-" + Base64.getEncoder().encodeToString(digest) + "'";
    }
}
