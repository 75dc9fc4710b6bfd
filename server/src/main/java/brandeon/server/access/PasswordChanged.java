package brandeon.server.access;

import java.util.UUID;

/**
 * An account has another password: whoever is signed in with the old one is not any more, but for the session in which
 * it was changed. Told within the transaction that changes it.
 */
public record PasswordChanged(UUID account) {}
