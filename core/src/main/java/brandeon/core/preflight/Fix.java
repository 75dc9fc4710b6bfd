package brandeon.core.preflight;

import brandeon.core.theme.Edit;

/**
 * A change that removes a finding and makes no new one of the same or a greater weight.
 *
 * @param does what it does, for the user, e.g. "Move it 12 px to the left"
 */
public record Fix(String does, Edit edit) {}
