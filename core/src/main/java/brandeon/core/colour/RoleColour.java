package brandeon.core.colour;

import java.util.List;

/**
 * A role's colour, why it is what it is, and the contrasts it was made for.
 *
 * @param reason one sentence for the user
 * @param checks measured contrasts; each holds by construction
 */
public record RoleColour(Role role, Colour colour, String reason, List<Check> checks) {

    /** A contrast that must hold: measured ratio against another role, and the least that is allowed. */
    public record Check(Role against, double ratio, double least) {
        public boolean holds() {
            return ratio >= least;
        }
    }
}
