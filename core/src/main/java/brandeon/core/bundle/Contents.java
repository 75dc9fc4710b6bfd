package brandeon.core.bundle;

import brandeon.core.platform.Profile;
import brandeon.core.show.Cue;
import brandeon.core.show.SequenceCue;
import brandeon.core.show.Show;
import brandeon.core.show.ViewerCue;
import brandeon.core.theme.Theme;
import java.util.ArrayList;
import java.util.List;

/**
 * What a package says, apart from its files.
 *
 * @param theme    as much of one as travels, see {@link Excerpt}
 * @param starting what is said to a show at the beginning: sequences, and what viewers may press
 * @param tables   of the show, by which texts may live
 * @param profiles of platforms that its signals come from; the first is the theme's own
 */
public record Contents(
        Extent extent, Theme theme, List<Cue> starting, List<PackedTable> tables, List<Profile> profiles) {

    public Contents {
        starting = List.copyOf(starting);
        tables = List.copyOf(tables);
        profiles = List.copyOf(profiles);
    }

    /** A theme and nothing else. */
    public static Contents of(Theme theme) {
        return new Contents(Extent.THEME, theme, List.of(), List.of(), List.of());
    }

    /** What was prepared in a show, as cues that prepare it in another one. */
    public static List<Cue> prepared(Show show) {
        List<Cue> cues = new ArrayList<>();
        show.sequences().forEach(sequence -> cues.add(new SequenceCue.WriteSequence(sequence)));
        if (!show.viewers().presses().isEmpty()) {
            cues.add(new ViewerCue.WritePresses(show.viewers().presses()));
        }
        return cues;
    }
}
