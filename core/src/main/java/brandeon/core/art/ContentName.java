package brandeon.core.art;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;

/** Names content by its SHA-256, so that equal content has one name and different content never shares one. */
public final class ContentName {

    private static final int SHORT = 16;

    private ContentName() {}

    /** 16 hexadecimal digits: enough within one picture. */
    static String of(String content) {
        return full(content).substring(0, SHORT);
    }

    /** All 64 hexadecimal digits. */
    public static String full(String content) {
        return full(content.getBytes(StandardCharsets.UTF_8));
    }

    /** All 64 hexadecimal digits. */
    public static String full(byte[] content) {
        try {
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(content));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("Every Java has SHA-256.", e);
        }
    }
}
