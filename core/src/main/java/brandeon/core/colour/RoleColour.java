package brandeon.core.colour;

import java.util.List;

/**
 * A role's colour, why it is what it is, and what was measured of it.
 *
 * @param reason one sentence for the user
 * @param pinned whether a person set it; then its checks may fail
 * @param checks measured contrasts
 * @param apart  how well it is told apart from other roles
 */
public record RoleColour(
        Role role, Colour colour, String reason, boolean pinned, List<Check> checks, List<Apart> apart) {

    /** A contrast that must hold: measured ratio against another role, and the least that is allowed. */
    public record Check(Role against, double ratio, double least) {
        public boolean holds() {
            return ratio >= least;
        }
    }

    /** A distance that must hold: the least CIEDE2000 of all visions, and the vision in which it is that small. */
    public record Apart(Role from, Vision vision, double difference, double least) {
        public boolean holds() {
            return difference >= least;
        }
    }
}
