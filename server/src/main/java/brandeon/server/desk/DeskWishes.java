package brandeon.server.desk;

import brandeon.core.show.Cue;

/** What a desk asks for. */
final class DeskWishes {

    /**
     * A cue from a desk.
     *
     * @param key    given by who sends it, so that a repeated cue does nothing twice; empty for none
     * @param before epoch milliseconds on the server's clock after which it must not be done any more; 0 for always
     */
    record DeskCue(Cue cue, String key, long before) {}

    /** What became of it, and how everything is then. */
    record DeskReceipt(String sentence, boolean repeated, DeskView view) {}

    private DeskWishes() {}
}
