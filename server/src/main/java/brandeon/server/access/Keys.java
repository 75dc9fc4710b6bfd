package brandeon.server.access;

import brandeon.core.inlet.Signature;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.security.GeneralSecurityException;
import java.security.MessageDigest;
import java.security.SecureRandom;
import java.util.Arrays;
import java.util.Base64;
import java.util.Optional;
import java.util.UUID;
import javax.crypto.Cipher;
import javax.crypto.spec.GCMParameterSpec;
import javax.crypto.spec.SecretKeySpec;
import org.springframework.stereotype.Component;

/**
 * Links that nobody can guess and that survive a new machine: derived by HMAC-SHA-256 (RFC 2104) from an id and a
 * generation with one server key, which lives in the database and so travels with its backup.
 *
 * A token is the id (16 bytes) and the first 16 bytes of the code, in URL-safe Base64: 43 characters, 128 bits of
 * proof.
 */
@Component
public class Keys {

    private static final String LINKS = "links";
    private static final int PROOF = 16;
    /** Bytes that each sealing begins with, and bits of its proof. */
    private static final int SEAL_START = 12;

    private static final int SEAL_BITS = 128;
    private static final Base64.Encoder TEXT = Base64.getUrlEncoder().withoutPadding();

    private final byte[] secret;

    Keys(ServerKeyRows rows) {
        byte[] fresh = new byte[32];
        new SecureRandom().nextBytes(fresh);
        rows.offer(LINKS, fresh);
        secret = rows.findById(LINKS).orElseThrow().secret;
    }

    /** What a token is good for; tokens of one use never open another. */
    public enum Use {
        OUTLET,
        INLET,
        MAPPED_INLET,
        TABLE,
        PASS,
        INVITATION,
        RECOVERY
    }

    public String token(Use use, UUID id, int generation) {
        ByteBuffer bytes = ByteBuffer.allocate(16 + PROOF);
        bytes.putLong(id.getMostSignificantBits()).putLong(id.getLeastSignificantBits());
        bytes.put(proof(use, id, generation));
        return TEXT.encodeToString(bytes.array());
    }

    /** The id that a token claims; empty when it is not shaped like a token. The claim is not yet proved. */
    public Optional<UUID> claimedId(String token) {
        try {
            byte[] bytes = Base64.getUrlDecoder().decode(token);
            // The last letter has bits to spare; only one of its spellings is the link.
            if (bytes.length != 16 + PROOF || !TEXT.encodeToString(bytes).equals(token)) {
                return Optional.empty();
            }
            ByteBuffer buffer = ByteBuffer.wrap(bytes);
            return Optional.of(new UUID(buffer.getLong(), buffer.getLong()));
        } catch (IllegalArgumentException e) {
            return Optional.empty();
        }
    }

    /** The id that a token proves; empty when it is no such token. */
    public Optional<UUID> provedId(String token, Use use, int generation) {
        return claimedId(token).filter(id -> proves(token, use, id, generation));
    }

    /** Whether a token proves this id and generation; compared in constant time. */
    public boolean proves(String token, Use use, UUID id, int generation) {
        byte[] bytes = Base64.getUrlDecoder().decode(token);
        return MessageDigest.isEqual(Arrays.copyOfRange(bytes, 16, bytes.length), proof(use, id, generation));
    }

    /** A proof that this server wrote a text: 22 letters. */
    public String proof(String text) {
        return TEXT.encodeToString(Arrays.copyOf(code(text), PROOF));
    }

    /** Whether this is the proof of a text; compared in constant time. */
    public boolean isProof(String proof, String text) {
        return MessageDigest.isEqual(
                proof.getBytes(StandardCharsets.UTF_8), proof(text).getBytes(StandardCharsets.UTF_8));
    }

    /** Where a channel's platform sends its signals, below this server's address. */
    public String inletPath(UUID channel) {
        return "/inlets/" + token(Use.INLET, channel, 1);
    }

    /** The secret with which a channel's platform signs what it sends. @param number counted from 1 */
    public byte[] signingSecret(UUID channel, int number) {
        return code("signing:" + channel + (number == 1 ? "" : ":" + number));
    }

    /** A text that only this installation can read again (AES-GCM, NIST SP 800-38D), in Base64. */
    public String sealed(String text) {
        byte[] iv = new byte[SEAL_START];
        new SecureRandom().nextBytes(iv);
        byte[] hidden = cipher(Cipher.ENCRYPT_MODE, iv, text.getBytes(StandardCharsets.UTF_8));
        return TEXT.encodeToString(ByteBuffer.allocate(iv.length + hidden.length)
                .put(iv)
                .put(hidden)
                .array());
    }

    /** What was sealed here. */
    public String unsealed(String sealed) {
        byte[] bytes = Base64.getUrlDecoder().decode(sealed);
        byte[] iv = Arrays.copyOf(bytes, SEAL_START);
        return new String(
                cipher(Cipher.DECRYPT_MODE, iv, Arrays.copyOfRange(bytes, SEAL_START, bytes.length)),
                StandardCharsets.UTF_8);
    }

    private byte[] cipher(int mode, byte[] iv, byte[] text) {
        try {
            Cipher cipher = Cipher.getInstance("AES/GCM/NoPadding");
            cipher.init(mode, new SecretKeySpec(code("seal"), "AES"), new GCMParameterSpec(SEAL_BITS, iv));
            return cipher.doFinal(text);
        } catch (GeneralSecurityException e) {
            throw new IllegalStateException("What was sealed was not sealed here.", e);
        }
    }

    private byte[] proof(Use use, UUID id, int generation) {
        return Arrays.copyOf(code(use + ":" + id + ":" + generation), PROOF);
    }

    private byte[] code(String text) {
        return Signature.hmac(secret, text.getBytes(StandardCharsets.UTF_8));
    }
}
