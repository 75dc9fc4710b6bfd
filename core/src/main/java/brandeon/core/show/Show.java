package brandeon.core.show;

import brandeon.core.kind.Content;
import brandeon.core.motion.Run;
import brandeon.core.theme.Piece;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.TreeMap;
import java.util.stream.Stream;

/**
 * What all pieces of a show say now, apart from how they look. What it does not hold, themes say. Changed only by
 * {@link Shows#apply}.
 *
 * @param held      by the piece that names it and the slot in which it is kept
 * @param pause     the break that is on
 * @param sequences that were prepared
 * @param underway  sequences that were started and have steps to come; one of each at most
 * @param notices   when there is advertising
 * @param viewers   what viewers may do
 * @param requests  what they ask for
 * @param tracks    what is heard
 */
public record Show(
        Map<String, Map<String, Held>> held,
        Optional<Break> pause,
        List<Sequence> sequences,
        List<Underway> underway,
        Notices notices,
        Viewers viewers,
        Requests requests,
        Tracks tracks) {

    /** One that leaves everything to the themes. */
    public static final Show QUIET = new Show(Map.of());

    public Show {
        Map<String, Map<String, Held>> all = new TreeMap<>();
        held.forEach((piece, slots) -> all.put(piece, Collections.unmodifiableMap(new TreeMap<>(slots))));
        held = Collections.unmodifiableMap(all);
        sequences = List.copyOf(sequences);
        underway = List.copyOf(underway);
    }

    /** One in which nothing else goes on. */
    public Show(Map<String, Map<String, Held>> held) {
        this(held, Optional.empty(), List.of(), List.of(), Notices.NONE, Viewers.NONE, Requests.NONE, Tracks.NONE);
    }

    /** What was prepared, for another show: nothing of what went on in this one. */
    public Show prepared() {
        return prepared(sequences);
    }

    /** The same with other sequences. */
    public Show prepared(List<Sequence> others) {
        return new Show(
                Map.of(),
                Optional.empty(),
                others,
                List.of(),
                Notices.NONE,
                new Viewers(viewers.on(), viewers.presses(), Map.of()),
                new Requests(false, requests.word(), requests.each(), List.of(), 0),
                Tracks.NONE);
    }

    /** All that it says, in another place: nothing that was underway goes on there by itself. */
    public Show settled() {
        return new Show(held, pause, sequences, List.of(), notices, viewers, requests, tracks);
    }

    /** What it takes in memory, in bytes, roughly. */
    public int weight() {
        return held.values().stream()
                        .flatMap(slots -> slots.values().stream())
                        .mapToInt(one -> 300 + 2 * one.letters())
                        .sum()
                + sequences.stream().mapToInt(one -> 300 + 2 * one.letters()).sum()
                + 8000 * underway.size()
                + 120 * notices.listed().size()
                + viewers.weight()
                + requests.weight();
    }

    /** Empty where a theme says it. */
    public Optional<Held> held(String piece, String slot) {
        return Optional.ofNullable(held.getOrDefault(piece, Map.of()).get(slot));
    }

    /** With more held over what it says, by piece and slot. */
    public Show saying(Map<String, Map<String, Held>> more) {
        Map<String, Map<String, Held>> all = new TreeMap<>(held);
        more.forEach((piece, slots) -> {
            Map<String, Held> both = new TreeMap<>(all.getOrDefault(piece, Map.of()));
            both.putAll(slots);
            all.put(piece, both);
        });
        return new Show(all, pause, sequences, underway, notices, viewers, requests, tracks);
    }

    /** A piece as it is said and shown now. */
    public Spoken spoken(Piece piece) {
        Spoken spoken = Spoken.byItself(piece);
        if (piece.kind().facts().breaks() && pause.isPresent()) {
            spoken = spoken.running(pause.get().run());
        }
        Optional<String> asked = piece.kind().facts().requested().filter(_ -> requests.used());
        if (asked.isPresent()) {
            spoken = spoken.saying(asked.get(), requests.shown());
        }
        Optional<String> heard =
                piece.kind().facts().heard().filter(_ -> tracks.now().isPresent());
        if (heard.isPresent()) {
            spoken = spoken.saying(heard.get(), new Content.Words(tracks.words()))
                    .running(tracks.now().get().run())
                    .seen(tracks.seen());
        }
        for (Map.Entry<String, Held> one : of(piece).entrySet()) {
            spoken = one.getValue().over(spoken, one.getKey());
        }
        return spoken;
    }

    /** All that is held of a piece, by slot: what it shares first, and what is its own alone last. */
    Map<String, Held> of(Piece piece) {
        if (held.isEmpty()) {
            return Map.of();
        }
        Map<String, Held> all = new LinkedHashMap<>();
        held.getOrDefault(piece.speaker(), Map.of()).forEach((slot, one) -> {
            if (one.shared()) {
                all.put(slot, one);
            }
        });
        held.getOrDefault(piece.id(), Map.of()).forEach((slot, one) -> {
            if (!one.shared()) {
                all.put(slot, one);
            }
        });
        return all;
    }

    /** In which the clip that a piece is begins at an instant, epoch milliseconds. */
    public Show playing(String piece, long instant) {
        return with(piece, Slot.CLOCK, Held.HeldClock.STANDING.running(Run.running(instant, 0), "", ""));
    }

    Show with(String piece, String slot, Held one) {
        Map<String, Map<String, Held>> all = new TreeMap<>(held);
        Map<String, Held> slots = new TreeMap<>(all.getOrDefault(piece, Map.of()));
        slots.put(slot, one);
        all.put(piece, slots);
        return holding(all);
    }

    Show without(String piece, String slot) {
        Map<String, Map<String, Held>> all = new TreeMap<>(held);
        Map<String, Held> slots = new TreeMap<>(all.getOrDefault(piece, Map.of()));
        slots.remove(slot);
        if (slots.isEmpty()) {
            all.remove(piece);
        } else {
            all.put(piece, slots);
        }
        return holding(all);
    }

    private Show holding(Map<String, Map<String, Held>> next) {
        return new Show(next, pause, sequences, underway, notices, viewers, requests, tracks);
    }

    Show pausing(Optional<Break> next) {
        return new Show(held, next, sequences, underway, notices, viewers, requests, tracks);
    }

    Show sequencing(List<Sequence> next) {
        return new Show(held, pause, next, underway, notices, viewers, requests, tracks);
    }

    Show proceeding(List<Underway> next) {
        return new Show(held, pause, sequences, next, notices, viewers, requests, tracks);
    }

    Show watched(Viewers next) {
        return new Show(held, pause, sequences, underway, notices, next, requests, tracks);
    }

    Show noticing(Notices next) {
        return new Show(held, pause, sequences, underway, next, viewers, requests, tracks);
    }

    Show asked(Requests next) {
        return new Show(held, pause, sequences, underway, notices, viewers, next, tracks);
    }

    Show playing(Tracks next) {
        return new Show(held, pause, sequences, underway, notices, viewers, requests, next);
    }

    Optional<Sequence> sequence(String id) {
        return sequences.stream().filter(one -> one.id().equals(id)).findFirst();
    }

    Optional<Underway> underway(String sequence) {
        return underway.stream().filter(one -> one.sequence().equals(sequence)).findFirst();
    }

    /** As it is at an instant, epoch milliseconds: what was to be seen until then is not seen any more. */
    public Show at(long now) {
        Notices later = notices.at(now);
        if (!later.equals(notices)) {
            return noticing(later).at(now);
        }
        Tracks heard = tracks.at(now);
        if (!heard.equals(tracks)) {
            return playing(heard).at(now);
        }
        if (heldNext(0).filter(at -> at <= now).isEmpty()) {
            return this;
        }
        Map<String, Map<String, Held>> all = new TreeMap<>();
        held.forEach((piece, slots) -> {
            Map<String, Held> then = new TreeMap<>();
            slots.forEach((slot, one) -> then.put(slot, one.at(now)));
            all.put(piece, then);
        });
        return holding(all);
    }

    /** The next instant after one at which something else is seen by itself, epoch milliseconds. */
    public Optional<Long> next(long now) {
        OptionalLong notice = notices.next(now);
        OptionalLong track = tracks.next(now);
        return Stream.of(
                        heldNext(now).stream(),
                        notice.stream().boxed(),
                        track.stream().boxed())
                .flatMap(each -> each)
                .min(Long::compare);
    }

    private Optional<Long> heldNext(long now) {
        return held.values().stream()
                .flatMap(slots -> slots.values().stream())
                .flatMap(one -> one.until().stream().boxed())
                .filter(at -> at > now)
                .min(Long::compare);
    }

    /** When something is to be done by itself, epoch milliseconds: a step of a sequence, or what a clock starts. */
    public Optional<Long> due() {
        return Stream.concat(
                        underway.stream().map(Underway::due),
                        rings().map(ring -> ring.getValue().rings().getAsLong()))
                .min(Long::compare);
    }

    /** Clocks that start something at zero, by the piece that has them. */
    private Stream<Map.Entry<String, Held.HeldClock>> rings() {
        return held.entrySet().stream()
                .filter(piece -> piece.getValue().get(Slot.CLOCK) instanceof Held.HeldClock clock
                        && clock.rings().isPresent())
                .map(piece -> Map.entry(
                        piece.getKey(), (Held.HeldClock) piece.getValue().get(Slot.CLOCK)));
    }

    /** What is to be done by itself at an instant, epoch milliseconds. */
    public Optional<Cue> dueAt(long now) {
        return underway.stream()
                .filter(one -> one.due() <= now)
                .min(Comparator.comparingLong(Underway::due))
                .<Cue>map(one -> new SequenceCue.TakeSteps(one.sequence()))
                .or(() -> rings().filter(ring -> ring.getValue().rings().getAsLong() <= now)
                        .findFirst()
                        .map(ring -> new ClockCue.ReachZero(ring.getKey())));
    }
}
