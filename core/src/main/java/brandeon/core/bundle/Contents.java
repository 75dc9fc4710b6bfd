package brandeon.core.bundle;

import brandeon.core.move.Choices;
import brandeon.core.move.Luggage;
import brandeon.core.move.MovePlan;
import brandeon.core.platform.Profile;
import brandeon.core.show.Cue;
import brandeon.core.show.Sequence;
import brandeon.core.show.SequenceCue;
import brandeon.core.show.Show;
import brandeon.core.show.ViewerCue;
import brandeon.core.table.Column;
import brandeon.core.theme.Theme;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

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

    public Contents with(Theme other) {
        return new Contents(extent, other, starting, tables, profiles);
    }

    /** A theme and nothing else. */
    public static Contents of(Theme theme) {
        return new Contents(Extent.THEME, theme, List.of(), List.of(), List.of());
    }

    /** The platform that it comes from, where that is another one. */
    public Optional<Profile> from(Profile to) {
        return profiles.stream().findFirst().filter(from -> !from.id().equals(to.id()));
    }

    /** What becomes of it on another platform; empty where it comes from none or from this one. */
    public Optional<MovePlan> plan(Profile to) {
        return from(to).map(from -> MovePlan.of(theme, luggage(), from, to, Choices.NONE));
    }

    /** The same in the words of another platform, as a move would make it. */
    public Contents on(Profile to) {
        return plan(to).map(plan ->
                        new Contents(extent, plan.moved(), starting(plan.luggage()), headed(plan.luggage()), profiles))
                .orElse(this);
    }

    private Luggage luggage() {
        return new Luggage(
                starting.stream()
                        .filter(SequenceCue.WriteSequence.class::isInstance)
                        .map(cue -> ((SequenceCue.WriteSequence) cue).sequence())
                        .toList(),
                tables.stream()
                        .map(table -> new Luggage.Headings(
                                table.word(),
                                table.title(),
                                table.columns().stream().map(Column::title).toList()))
                        .toList());
    }

    private List<Cue> starting(Luggage moved) {
        Iterator<Sequence> sequences = moved.sequences().iterator();
        return starting.stream()
                .map(cue -> cue instanceof SequenceCue.WriteSequence
                        ? new SequenceCue.WriteSequence(sequences.next())
                        : cue)
                .toList();
    }

    private List<PackedTable> headed(Luggage moved) {
        return IntStream.range(0, tables.size())
                .mapToObj(i -> tables.get(i).headed(moved.tables().get(i)))
                .toList();
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
