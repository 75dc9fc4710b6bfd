package brandeon.server.desk;

import brandeon.core.show.Break;
import brandeon.core.show.Notices;
import brandeon.core.show.Panel;
import brandeon.core.show.Requests;
import brandeon.core.show.Sequence;
import brandeon.core.show.Tracks;
import brandeon.core.show.Viewers;
import brandeon.server.live.AlertDesk;
import brandeon.server.publish.Arrivals;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;

/**
 * Everything that a desk shows, and nothing that its holder may not know.
 *
 * @param now       epoch milliseconds on the server's clock, which running clocks hang on
 * @param holder    who is at it
 * @param pass      whether they came with a pass
 * @param goodTill  of their pass
 * @param may       what they may do
 * @param viewers   what viewers may do; empty for whoever may do nothing about it
 * @param requests  what they ask for; empty for whoever may do nothing about it, and where no piece shows it
 * @param tracks    what is heard; likewise
 * @param pictures  names of ready-made pictures that may stand in a break
 * @param queue     of alerts; empty for whoever may do nothing about it
 * @param done      what was done last, the latest first; of others only for whoever may do everything
 * @param letters   so many a text may have
 * @param look      of its themes; another one when pictures of cards are to be asked for again
 * @param arrived   how far the latest deed has come
 */
public record DeskView(
        UUID show,
        String name,
        long version,
        long now,
        String holder,
        boolean pass,
        Optional<Instant> goodTill,
        boolean canUndo,
        boolean canRedo,
        List<MayDo> may,
        List<OnAir> themes,
        List<Panel.Control> controls,
        Optional<Break> pause,
        Optional<NoticeView> notices,
        Optional<Viewers> viewers,
        Optional<Requests> requests,
        Optional<Tracks> tracks,
        List<String> pictures,
        List<SequenceLine> sequences,
        Optional<AlertDesk.QueueView> queue,
        List<DoneLine> done,
        int letters,
        String look,
        Arrivals.Reached arrived) {

    /**
     * Something that its holder may do.
     *
     * @param deed   by its name, see {@link brandeon.core.show.CueGroup#deeds}
     * @param pieces ids of pieces or sequences on which; empty for all
     */
    public record MayDo(String deed, Set<String> pieces) {}

    /**
     * A theme of the show.
     *
     * @param release number of the one on air; 0 when none is
     * @param scenes  in their order
     */
    public record OnAir(UUID theme, String name, int release, List<DeskScene> scenes, List<DeskCanvas> canvases) {}

    public record DeskScene(String id, String name) {}

    /**
     * A canvas, and which of its scenes viewers see.
     *
     * @param seen id of the scene; empty while no source says that it is visible
     */
    public record DeskCanvas(String id, String name, int width, int height, String seen) {}

    /**
     * Advertising, for whoever may do something about it.
     *
     * @param told   what viewers are told now; null for nothing
     * @param coming those that are still to come, within a day, the next one first
     */
    public record NoticeView(Notices plan, Optional<Notices.Notice> told, List<Notices.Advertising> coming) {}

    /**
     * A sequence.
     *
     * @param steps what it does, in words, with what each one waits for
     * @param scene id of the scene with which it starts; empty for a press alone
     * @param taken how many steps of a started one are done; -1 while it is not underway
     * @param due   when its next step is, epoch milliseconds; 0 while it is not underway
     */
    public record SequenceLine(String id, String name, List<Sequence.Step> steps, String scene, int taken, long due) {}

    /** @param mine whether whoever looks did it @param standing whether it can be taken back */
    public record DoneLine(
            long number, String who, boolean mine, Instant at, String sentence, boolean undone, boolean standing) {}
}
