package brandeon.server.show;

import brandeon.server.access.Member;
import brandeon.server.access.Role;
import java.util.Optional;
import java.util.UUID;

/**
 * Who does something to a show.
 *
 * @param account of a person who is signed in
 * @param pass    of somebody with a pass
 * @param name    for the record
 */
public record Actor(UUID workspace, Optional<UUID> account, Optional<UUID> pass, Door door, String name) {

    /** A person who is signed in. @throws brandeon.server.problem.NotAllowed when they may not run shows */
    public static Actor of(Member member) {
        member.requires(Role.OPERATOR);
        return new Actor(
                member.workspace(), Optional.of(member.account()), Optional.empty(), Door.SESSION, member.name());
    }

    /** Somebody with a pass. */
    public static Actor with(UUID workspace, UUID pass, Door door, String name) {
        return new Actor(workspace, Optional.empty(), Optional.of(pass), door, name);
    }

    /** A viewer, by a chat line or by something that they gave. */
    public static Actor viewer(UUID workspace, String name) {
        return new Actor(workspace, Optional.empty(), Optional.empty(), Door.VIEWER, name);
    }

    /** The show itself. */
    public static Actor show(UUID workspace) {
        return new Actor(workspace, Optional.empty(), Optional.empty(), Door.SHOW, "The show");
    }

    /** Whose deeds are taken back together; of the show itself there is nothing to take back. */
    UUID id() {
        return account.or(() -> pass).orElse(NOBODY);
    }

    private static final UUID NOBODY = new UUID(0, 0);
}
