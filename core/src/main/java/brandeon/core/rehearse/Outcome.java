package brandeon.core.rehearse;

import brandeon.core.live.Fate;

/** What became of a signal that was played, against what was expected. */
public enum Outcome {
    /** Not sent yet. */
    TO_COME,
    /** Sent, and it waits for its alert. */
    WAITS,
    /** On screen, alone or with others, for as long as it should be. */
    SHOWN,
    /** Somebody ended or dropped its alert. */
    TAKEN_OUT,
    /** No rule is for it, as was expected. */
    NO_RULE,
    /** The channel's platform has no such signal, so it was not sent. */
    NOT_SENT,
    /** Sent, and nothing of it is on record. */
    LOST;

    /** What a fate means for somebody who waits for it. @param on whether its time on screen has begun */
    public static Outcome of(Fate fate, boolean on) {
        return switch (fate) {
            case WAITS -> on ? SHOWN : WAITS;
            case SHOWN -> SHOWN;
            case JOINED -> on ? SHOWN : WAITS;
            case SKIPPED, DROPPED -> TAKEN_OUT;
            case NO_RULE -> NO_RULE;
        };
    }
}
