package brandeon.server.access;

import java.util.Optional;
import java.util.UUID;

/**
 * Knows in which workspace the things of one kind are. A request that names one is made in its workspace, whichever
 * one the page is in; so a link leads everybody to the thing itself.
 */
public interface Belongings {

    /** As addresses name it: {@code /api/<kind>/<id>}. */
    String kind();

    Optional<UUID> workspaceOf(UUID id);
}
