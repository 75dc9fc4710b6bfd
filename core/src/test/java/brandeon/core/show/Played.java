package brandeon.core.show;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.core.demo.ReedlightHide;
import java.util.List;

/** The demo's show as cues change it one after another. */
class Played {

    static final long NOW = 1_800_000_000_000L;
    static final long SECOND = 1000;
    static final Starting STARTING = Starting.of(List.of(ReedlightHide.theme()));

    Show show = Show.QUIET;

    Cued.Applied cue(Cue cue, long at) {
        Cued cued = Shows.apply(show, STARTING, cue, at);
        assertThat(cued).as("%s", cue).isInstanceOf(Cued.Applied.class);
        show = ((Cued.Applied) cued).show();
        return (Cued.Applied) cued;
    }

    String refused(Cue cue, long at) {
        Cued cued = Shows.apply(show, STARTING, cue, at);
        assertThat(cued).as("%s", cue).isInstanceOf(Cued.Refused.class);
        return ((Cued.Refused) cued).reason();
    }
}
