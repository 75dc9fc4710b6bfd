package brandeon.server.passkey;

import java.util.List;
import org.springframework.security.web.webauthn.api.Bytes;
import org.springframework.security.web.webauthn.api.CredentialRecord;
import org.springframework.security.web.webauthn.management.UserCredentialRepository;

/** The passkeys that were made for one host. */
record HostPasskeys(PasskeyRows rows, String host) implements UserCredentialRepository {

    @Override
    public CredentialRecord findByCredentialId(Bytes id) {
        return rows.findById(id.getBytes())
                .filter(row -> row.host.equals(host))
                .map(PasskeyRow::credential)
                .orElse(null);
    }

    @Override
    public List<CredentialRecord> findByUserId(Bytes user) {
        return rows.findByAccountIdOrderByCreatedAt(PasskeyHolders.account(user)).stream()
                .filter(row -> row.host.equals(host))
                .map(PasskeyRow::credential)
                .toList();
    }

    @Override
    public void save(CredentialRecord record) {
        rows.save(new PasskeyRow(PasskeyHolders.account(record.getUserEntityUserId()), host, record));
    }

    @Override
    public void delete(Bytes id) {
        rows.deleteById(id.getBytes());
    }
}
