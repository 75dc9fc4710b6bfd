package brandeon.core.inlet;

import brandeon.core.problem.Mistake;
import brandeon.core.text.Letters;
import java.nio.charset.StandardCharsets;
import java.security.GeneralSecurityException;
import java.security.MessageDigest;
import java.util.Base64;
import java.util.HexFormat;
import java.util.regex.Pattern;
import javax.crypto.Mac;
import javax.crypto.spec.SecretKeySpec;

/**
 * How a sender proves who it is.
 *
 * @param header   that holds the signature
 * @param prefix   before the signature, such as {@code sha256=}; may be empty
 */
public record Signature(Method method, String header, Encoding encoding, String prefix) {

    public enum Method {
        /** The address is secret; whoever knows it may send. */
        ADDRESS,
        /** HMAC-SHA-256 (RFC 2104, FIPS 180-4) over the body, in a header. */
        HMAC_SHA256
    }

    public enum Encoding {
        /** Hexadecimal digits, in any case. */
        HEX,
        /** Base64 (RFC 4648, section 4). */
        BASE64
    }

    /** RFC 9110, section 5.1: a header's name is a token. */
    private static final Pattern TOKEN = Pattern.compile("[!#$%&'*+.^_`|~0-9A-Za-z-]{1,80}");

    private static final int LONGEST_PREFIX = 40;

    /** Nothing but the address. */
    public static final Signature NONE = new Signature(Method.ADDRESS, "X-Signature", Encoding.HEX, "sha256=");

    public Signature {
        if (!TOKEN.matcher(header).matches()) {
            throw new Mistake("“" + Letters.shown(header) + "” is no name of a header.");
        }
        if (prefix.length() > LONGEST_PREFIX || !Letters.oneLine(prefix)) {
            throw new Mistake("What stands before a signature has at most " + LONGEST_PREFIX + " letters on one line.");
        }
    }

    /** What the header says for a body. @param secret as text, whose UTF-8 bytes are the key */
    public String of(String secret, byte[] body) {
        byte[] code = hmac(secret.getBytes(StandardCharsets.UTF_8), body);
        return prefix
                + (encoding == Encoding.HEX
                        ? HexFormat.of().formatHex(code)
                        : Base64.getEncoder().encodeToString(code));
    }

    /** Compared in constant time. @param said what the header says; empty where it is missing */
    public boolean proves(String said, String secret, byte[] body) {
        if (method == Method.ADDRESS) {
            return true;
        }
        String text = said.strip();
        if (!text.startsWith(prefix)) {
            return false;
        }
        String given = text.substring(prefix.length());
        String wanted = of(secret, body).substring(prefix.length());
        return MessageDigest.isEqual(
                (encoding == Encoding.HEX ? given.toLowerCase(java.util.Locale.ROOT) : given)
                        .getBytes(StandardCharsets.UTF_8),
                wanted.getBytes(StandardCharsets.UTF_8));
    }

    /** HMAC-SHA-256 of a message, 32 bytes. */
    public static byte[] hmac(byte[] key, byte[] message) {
        try {
            Mac mac = Mac.getInstance("HmacSHA256");
            mac.init(new SecretKeySpec(key, "HmacSHA256"));
            return mac.doFinal(message);
        } catch (GeneralSecurityException e) {
            throw new IllegalStateException("Every Java has HMAC-SHA-256.", e);
        }
    }
}
