package brandeon.core.colour;

import java.util.Locale;

/** What a colour is for. Pieces ask for roles and never for seeds, so that a change of brand reaches everything. */
public enum Role {
    /** The base of full-canvas screens: the deepest colour. */
    GROUND,
    /** The upper part of a screen's ground, for skies and fades. */
    HORIZON,
    /** What text stands on inside a widget. */
    PLATE,
    TEXT,
    QUIET_TEXT,
    /** The brand's first colour, made to stand out on the plate. */
    ACCENT,
    /** The brand's second colour, likewise. */
    SECOND_ACCENT,
    /** Lines and borders around plates and openings. */
    EDGE,
    /** Light spread around an accent. */
    GLOW,
    /** The signal that something is live; stays red for everyone. */
    ON_AIR,
    /** Something needs attention; stays amber. */
    WARNING,
    /** Something is as it should be; stays green. */
    GOOD;

    /** As people call it within a sentence. */
    public String word() {
        return name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }

    /** As people call it at the beginning. */
    public String title() {
        return word().substring(0, 1).toUpperCase(Locale.ROOT) + word().substring(1);
    }
}
