package brandeon.server.web;

import jakarta.servlet.http.HttpServletRequest;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.Base64;
import java.util.Locale;

/** What a page may load (Content Security Policy Level 3, W3C). */
public final class ContentPolicy {

    public static final String HEADER = "Content-Security-Policy";

    /**
     * Scripts come from where the built files lie and from nowhere else of this host, so that nothing that a person
     * brought in can be loaded as one.
     */
    private static final String POLICY =
            "default-src 'self'; script-src %1$s/assets/ %1$s/keeper.js%2$s; img-src 'self' data: blob:; style-src 'self' 'unsafe-inline'; "
                    + "object-src 'none'; base-uri 'none'; form-action 'self'; frame-ancestors 'self'";

    private ContentPolicy() {}

    /** The policy of a page without scripts of its own. */
    public static String of(HttpServletRequest request) {
        return of(request, "");
    }

    /** @param script the only one that may stand in the page itself, letter by letter (section 6.7.2); empty for none */
    public static String of(HttpServletRequest request, String script) {
        String host = request.getServerPort() == 80 || request.getServerPort() == 443
                ? request.getServerName()
                : request.getServerName() + ":" + request.getServerPort();
        return String.format(Locale.ROOT, POLICY, host, script.isEmpty() ? "" : " 'sha256-" + hash(script) + "'");
    }

    private static String hash(String script) {
        try {
            return Base64.getEncoder()
                    .encodeToString(
                            MessageDigest.getInstance("SHA-256").digest(script.getBytes(StandardCharsets.UTF_8)));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("Every Java has SHA-256.", e);
        }
    }
}
