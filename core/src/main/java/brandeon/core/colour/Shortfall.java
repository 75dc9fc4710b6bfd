package brandeon.core.colour;

/**
 * A guarantee that a pinned colour breaks.
 *
 * @param measured contrast ratio or CIEDE2000
 * @param least    what was guaranteed
 */
public record Shortfall(Role role, Role other, String sentence, double measured, double least) {}
