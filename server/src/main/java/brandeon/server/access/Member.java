package brandeon.server.access;

import brandeon.server.problem.NotAllowed;
import java.util.Locale;
import java.util.UUID;

/** A signed-in person in a workspace. Every query is scoped by {@code workspace}. */
public record Member(UUID account, String name, String email, UUID workspace, Role role) {

    /** @throws NotAllowed when the role does not include the wanted one */
    public Member requires(Role wanted) {
        if (!role.includes(wanted)) {
            throw new NotAllowed("Your role here is " + role.name().toLowerCase(Locale.ROOT) + "; this needs "
                    + wanted.name().toLowerCase(Locale.ROOT) + ". Ask the owner of the workspace.");
        }
        return this;
    }
}
