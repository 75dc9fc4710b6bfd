package brandeon.server.access;

import java.time.Duration;
import java.util.List;
import java.util.UUID;
import org.springframework.security.authentication.AbstractAuthenticationToken;

/** The session's proof that an account signed in. Roles are looked up fresh, so that a change works at once. */
public final class SignedIn extends AbstractAuthenticationToken {

    /** For so long a standing session outlives the browser's closing, and being unused. */
    public static final Duration STANDING = Duration.ofDays(30);

    private final UUID account;
    private final String device;
    private final boolean standing;

    /** @param device in words @param standing whether it outlives the browser's closing */
    public SignedIn(UUID account, String device, boolean standing) {
        super(List.of());
        this.account = account;
        this.device = device;
        this.standing = standing;
        setAuthenticated(true);
    }

    public UUID account() {
        return account;
    }

    public String device() {
        return device;
    }

    public boolean standing() {
        return standing;
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
