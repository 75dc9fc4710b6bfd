package brandeon.server.passkey;

import brandeon.core.problem.Mistake;
import brandeon.core.text.Letters;
import brandeon.server.access.AccountDeleted;
import brandeon.server.access.Accounts;
import brandeon.server.problem.NotFound;
import brandeon.server.problem.NotSignedIn;
import brandeon.server.problem.Refused;
import com.webauthn4j.util.exception.WebAuthnException;
import java.time.Instant;
import java.util.Base64;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.function.Supplier;
import org.springframework.context.event.EventListener;
import org.springframework.security.web.webauthn.api.AuthenticatorAssertionResponse;
import org.springframework.security.web.webauthn.api.AuthenticatorAttestationResponse;
import org.springframework.security.web.webauthn.api.AuthenticatorResponse;
import org.springframework.security.web.webauthn.api.AuthenticatorSelectionCriteria;
import org.springframework.security.web.webauthn.api.AuthenticatorTransport;
import org.springframework.security.web.webauthn.api.Bytes;
import org.springframework.security.web.webauthn.api.PublicKeyCredential;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialCreationOptions;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialParameters;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialRequestOptions;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialRpEntity;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialType;
import org.springframework.security.web.webauthn.api.ResidentKeyRequirement;
import org.springframework.security.web.webauthn.api.UserVerificationRequirement;
import org.springframework.security.web.webauthn.management.ImmutableRelyingPartyRegistrationRequest;
import org.springframework.security.web.webauthn.management.RelyingPartyAuthenticationRequest;
import org.springframework.security.web.webauthn.management.RelyingPartyPublicKey;
import org.springframework.security.web.webauthn.management.Webauthn4JRelyingPartyOperations;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Keys that a person's device keeps, with which they sign in without a password (W3C, Web Authentication Level 3). A
 * device asks its owner first, by face, finger or PIN; so one of these is enough.
 */
@Service
public class Passkeys {

    static final int MOST = 20;

    private static final String NAME = "Brandeon";
    private static final int LONGEST_LABEL = 80;

    /** In the order in which they are preferred, as RFC 8812 and RFC 9053 name them. */
    static final List<PublicKeyCredentialParameters> KINDS = List.of(
            PublicKeyCredentialParameters.EdDSA,
            PublicKeyCredentialParameters.ES256,
            PublicKeyCredentialParameters.RS256);

    /**
     * Where a browser is: its address bar's host decides which passkeys it may use.
     *
     * @param host without port
     * @param port with its colon; empty for the usual one
     */
    public record Site(String host, String port) {
        /** A server behind one that speaks TLS does not know which of the two it was. */
        private Set<String> origins() {
            return Set.of("http://" + host + port, "https://" + host + port);
        }
    }

    /** One of somebody's own. */
    public record Passkey(String id, String label, String host, Instant since, Instant lastUsed) {}

    /** What an authenticator made; all in URL-safe Base64. */
    public record Made(String id, String attestationObject, String clientData, List<String> transports, String label) {}

    /** What an authenticator signed; all in URL-safe Base64. */
    public record Signed(String id, String clientData, String authenticatorData, String signature, String userHandle) {}

    private final PasskeyRows rows;
    private final Accounts accounts;

    Passkeys(PasskeyRows rows, Accounts accounts) {
        this.rows = rows;
        this.accounts = accounts;
    }

    List<Passkey> of(UUID account) {
        return rows.findByAccountIdOrderByCreatedAt(account).stream()
                .map(Passkeys::shown)
                .toList();
    }

    /** Who the passkey will belong to. @throws NotAllowed when it is another password, and for the demo's account */
    Accounts.Holder holder(UUID account, String password) {
        accounts.confirm(account, password);
        if (rows.findByAccountIdOrderByCreatedAt(account).size() >= MOST) {
            throw new Refused("An account has at most " + MOST + " passkeys. Remove one first.");
        }
        return accounts.holder(account).orElseThrow();
    }

    /**
     * Keeps a new passkey.
     *
     * @param challenge that it was to sign
     * @throws Mistake when it is none, or was not made for this
     */
    @Transactional
    public Passkey add(UUID account, Site site, Bytes challenge, Made made) {
        String label = made.label().strip();
        if (label.isEmpty() || label.length() > LONGEST_LABEL || !Letters.oneLine(label)) {
            throw new Mistake("A passkey's name has between 1 and " + LONGEST_LABEL + " letters on one line.");
        }
        Accounts.Holder holder = accounts.holder(account).orElseThrow();
        PublicKeyCredentialCreationOptions wanted = PublicKeyCredentialCreationOptions.builder()
                .rp(party(site))
                .user(PasskeyHolders.entity(holder))
                .challenge(challenge)
                .pubKeyCredParams(KINDS)
                .authenticatorSelection(AuthenticatorSelectionCriteria.builder()
                        .residentKey(ResidentKeyRequirement.REQUIRED)
                        .userVerification(UserVerificationRequirement.REQUIRED)
                        .build())
                .build();
        return read(
                () -> {
                    PublicKeyCredential<AuthenticatorAttestationResponse> credential = credential(
                            made.id(),
                            AuthenticatorAttestationResponse.builder()
                                    .attestationObject(Bytes.fromBase64(made.attestationObject()))
                                    .clientDataJSON(Bytes.fromBase64(made.clientData()))
                                    .transports(made.transports().stream()
                                            .map(AuthenticatorTransport::valueOf)
                                            .toList())
                                    .build());
                    operations(site)
                            .registerCredential(new ImmutableRelyingPartyRegistrationRequest(
                                    wanted, new RelyingPartyPublicKey(credential, label)));
                    return rows.findById(credential.getRawId().getBytes())
                            .map(Passkeys::shown)
                            .orElseThrow();
                },
                () -> new Mistake("This passkey was not made for this question, and was not taken. Try again."));
    }

    /**
     * Whose passkey it is.
     *
     * @param challenge that it was to sign
     * @throws NotSignedIn when it is not known here, or did not sign this
     */
    @Transactional
    public UUID proved(Site site, Bytes challenge, Signed signed) {
        PublicKeyCredentialRequestOptions asked = PublicKeyCredentialRequestOptions.builder()
                .challenge(challenge)
                .rpId(site.host())
                .userVerification(UserVerificationRequirement.REQUIRED)
                .build();
        return read(
                () -> {
                    PublicKeyCredential<AuthenticatorAssertionResponse> credential = credential(
                            signed.id(),
                            AuthenticatorAssertionResponse.builder()
                                    .clientDataJSON(Bytes.fromBase64(signed.clientData()))
                                    .authenticatorData(Bytes.fromBase64(signed.authenticatorData()))
                                    .signature(Bytes.fromBase64(signed.signature()))
                                    .userHandle(Bytes.fromBase64(signed.userHandle()))
                                    .build());
                    return PasskeyHolders.account(operations(site)
                            .authenticate(new RelyingPartyAuthenticationRequest(asked, credential))
                            .getId());
                },
                () -> new NotSignedIn(
                        "This passkey is not known here. Sign in with your password, and add it on Account."));
    }

    /** @throws NotFound when there is no such one of this account */
    @Transactional
    public void remove(UUID account, String id) {
        byte[] name = read(() -> Base64.getUrlDecoder().decode(id), Passkeys::missing);
        if (rows.remove(account, name) == 0) {
            throw missing();
        }
    }

    @EventListener
    void deleted(AccountDeleted change) {
        rows.removeAllOf(change.account());
    }

    private Webauthn4JRelyingPartyOperations operations(Site site) {
        return new Webauthn4JRelyingPartyOperations(
                new PasskeyHolders(accounts), new HostPasskeys(rows, site.host()), party(site), site.origins());
    }

    private static PublicKeyCredentialRpEntity party(Site site) {
        return PublicKeyCredentialRpEntity.builder().id(site.host()).name(NAME).build();
    }

    private static <R extends AuthenticatorResponse> PublicKeyCredential<R> credential(String id, R response) {
        PublicKeyCredential.PublicKeyCredentialBuilder<R> builder = PublicKeyCredential.builder();
        builder.id(id);
        builder.rawId(Bytes.fromBase64(id));
        builder.type(PublicKeyCredentialType.PUBLIC_KEY);
        builder.response(response);
        return builder.build();
    }

    /** What comes from outside is read by libraries, which say in their own ways that it is wrong. */
    private static <T> T read(Supplier<T> reading, Supplier<RuntimeException> otherwise) {
        try {
            return reading.get();
        } catch (WebAuthnException | IllegalArgumentException | NullPointerException e) {
            throw otherwise.get();
        }
    }

    private static Passkey shown(PasskeyRow row) {
        return new Passkey(
                Base64.getUrlEncoder().withoutPadding().encodeToString(row.id),
                row.label,
                row.host,
                row.createdAt,
                row.lastUsedAt);
    }

    private static NotFound missing() {
        return new NotFound("This passkey is gone already.");
    }
}
