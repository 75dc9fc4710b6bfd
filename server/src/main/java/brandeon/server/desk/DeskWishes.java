package brandeon.server.desk;

import brandeon.core.show.Cue;
import brandeon.server.show.RunningShows;

/** What a desk asks for. */
final class DeskWishes {

    /**
     * A cue from a desk.
     *
     * @param key    given by who sends it, so that a repeated cue does nothing twice; empty for none
     * @param before epoch milliseconds on the server's clock after which it must not be done any more; 0 for always
     */
    record DeskCue(Cue cue, String key, long before) {}

    /**
     * What became of it. How everything is then is asked for a moment later, so that sources come first.
     *
     * @param version of the show with which it is seen
     */
    record DeskReceipt(String sentence, boolean repeated, long version) {
        static DeskReceipt of(RunningShows.Done done) {
            return new DeskReceipt(done.sentence(), done.repeated(), done.show().version());
        }
    }

    private DeskWishes() {}
}
