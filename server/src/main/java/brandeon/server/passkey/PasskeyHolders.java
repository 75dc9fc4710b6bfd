package brandeon.server.passkey;

import brandeon.server.access.Accounts;
import java.nio.ByteBuffer;
import java.util.UUID;
import org.springframework.security.web.webauthn.api.Bytes;
import org.springframework.security.web.webauthn.api.ImmutablePublicKeyCredentialUserEntity;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialUserEntity;
import org.springframework.security.web.webauthn.management.PublicKeyCredentialUserEntityRepository;

/** Accounts as authenticators know them: by their id, so that a new address or name changes nothing. */
record PasskeyHolders(Accounts accounts) implements PublicKeyCredentialUserEntityRepository {

    private static final int ID = 16;

    static Bytes handle(UUID account) {
        return new Bytes(ByteBuffer.allocate(ID)
                .putLong(account.getMostSignificantBits())
                .putLong(account.getLeastSignificantBits())
                .array());
    }

    /** @throws IllegalArgumentException when it is no id of an account */
    static UUID account(Bytes handle) {
        if (handle.getBytes().length != ID) {
            throw new IllegalArgumentException("A handle has 16 bytes.");
        }
        ByteBuffer bytes = ByteBuffer.wrap(handle.getBytes());
        return new UUID(bytes.getLong(), bytes.getLong());
    }

    static PublicKeyCredentialUserEntity entity(Accounts.Holder holder) {
        return ImmutablePublicKeyCredentialUserEntity.builder()
                .id(handle(holder.account()))
                .name(holder.email())
                .displayName(holder.name())
                .build();
    }

    @Override
    public PublicKeyCredentialUserEntity findById(Bytes id) {
        return accounts.holder(account(id)).map(PasskeyHolders::entity).orElse(null);
    }

    /** Nobody is looked for by a name: a passkey says itself whose it is. */
    @Override
    public PublicKeyCredentialUserEntity findByUsername(String username) {
        return null;
    }

    @Override
    public void save(PublicKeyCredentialUserEntity entity) {
        throw new UnsupportedOperationException("Accounts are made elsewhere.");
    }

    @Override
    public void delete(Bytes id) {
        throw new UnsupportedOperationException("Accounts are deleted elsewhere.");
    }
}
