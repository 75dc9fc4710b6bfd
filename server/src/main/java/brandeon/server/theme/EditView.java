package brandeon.server.theme;

import brandeon.core.theme.ThemeChange;

/**
 * What an edit made of a theme, for the one who made it.
 *
 * @param from    the version that the change turns into the new one; whoever has another one fetches the whole
 * @param onAir   number of the release on air; 0 when none is
 * @param differs whether the draft is another one than what is on air
 */
public record EditView(
        long from, long version, int onAir, boolean differs, boolean canUndo, boolean canRedo, ThemeChange change) {}
