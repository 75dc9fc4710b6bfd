package brandeon.server.passkey;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Arrays;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.security.web.webauthn.api.AuthenticatorTransport;
import org.springframework.security.web.webauthn.api.Bytes;
import org.springframework.security.web.webauthn.api.CredentialRecord;
import org.springframework.security.web.webauthn.api.ImmutableCredentialRecord;
import org.springframework.security.web.webauthn.api.ImmutablePublicKeyCose;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialType;

/** One passkey as stored. */
@Entity
@Table(name = "passkey")
class PasskeyRow {

    @Id
    byte[] id;

    UUID accountId;

    String host;

    String label;

    byte[] publicKey;

    long signatureCount;

    boolean backupEligible;

    boolean backupState;

    /** With commas between. */
    String transports;

    byte[] attestationObject;

    byte[] clientData;

    Instant createdAt;

    Instant lastUsedAt;

    protected PasskeyRow() {}

    PasskeyRow(UUID account, String host, CredentialRecord record) {
        id = record.getCredentialId().getBytes();
        accountId = account;
        this.host = host;
        label = record.getLabel();
        publicKey = record.getPublicKey().getBytes();
        signatureCount = record.getSignatureCount();
        backupEligible = record.isBackupEligible();
        backupState = record.isBackupState();
        transports = record.getTransports().stream()
                .map(AuthenticatorTransport::getValue)
                .collect(Collectors.joining(","));
        attestationObject = record.getAttestationObject().getBytes();
        clientData = record.getAttestationClientDataJSON().getBytes();
        createdAt = record.getCreated();
        lastUsedAt = record.getLastUsed();
    }

    CredentialRecord credential() {
        return ImmutableCredentialRecord.builder()
                .credentialType(PublicKeyCredentialType.PUBLIC_KEY)
                .credentialId(new Bytes(id))
                .userEntityUserId(PasskeyHolders.handle(accountId))
                .publicKey(new ImmutablePublicKeyCose(publicKey))
                .signatureCount(signatureCount)
                .uvInitialized(true)
                .transports(Arrays.stream(transports.split(","))
                        .filter(one -> !one.isEmpty())
                        .map(AuthenticatorTransport::valueOf)
                        .collect(Collectors.toSet()))
                .backupEligible(backupEligible)
                .backupState(backupState)
                .attestationObject(new Bytes(attestationObject))
                .attestationClientDataJSON(new Bytes(clientData))
                .label(label)
                .created(createdAt)
                .lastUsed(lastUsedAt)
                .build();
    }
}
