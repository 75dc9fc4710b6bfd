package brandeon.server.access;

import java.util.List;
import java.util.UUID;
import org.springframework.security.authentication.AbstractAuthenticationToken;

/** The session's proof that an account signed in. Roles are looked up fresh, so that a change works at once. */
public final class SignedIn extends AbstractAuthenticationToken {

    private final UUID account;

    SignedIn(UUID account) {
        super(List.of());
        this.account = account;
        setAuthenticated(true);
    }

    public UUID account() {
        return account;
    }

    @Override
    public Object getCredentials() {
        return "";
    }

    @Override
    public Object getPrincipal() {
        return account.toString();
    }
}
