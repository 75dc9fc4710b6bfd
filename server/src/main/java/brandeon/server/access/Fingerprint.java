package brandeon.server.access;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.Base64;

/** What is kept of a long random secret, so that a copy of the database lets nobody in. */
public final class Fingerprint {

    private Fingerprint() {}

    /** SHA-256 in URL-safe Base64, 43 letters. Only for secrets that nobody can guess: passwords take a slow hash. */
    public static String of(String secret) {
        try {
            return Base64.getUrlEncoder()
                    .withoutPadding()
                    .encodeToString(
                            MessageDigest.getInstance("SHA-256").digest(secret.getBytes(StandardCharsets.UTF_8)));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("Every Java has SHA-256.", e);
        }
    }
}
