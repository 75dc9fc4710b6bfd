package brandeon.server.live;

import brandeon.core.live.Fate;
import brandeon.core.live.Signal;
import brandeon.core.live.SignalKind;
import brandeon.core.text.Money;
import brandeon.server.access.Members;
import brandeon.server.channel.Channels;
import brandeon.server.file.CsvFile;
import java.time.Instant;
import java.util.EnumSet;
import java.util.List;
import java.util.LongSummaryStatistics;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Live state for people: what a channel sent and when it was shown, practice signals. */
@RestController
class LiveController {

    /** A signal that this channel's platform can send. @param currencies of its amount; empty for any */
    record Practice(SignalKind kind, String word, List<String> currencies) {}

    record ChannelView(UUID id, UUID show, String platform, String name, List<Practice> signals) {}

    /**
     * @param with of whom, where it is shown with the alert of another one; else empty
     * @param by   who ended or dropped it; empty where nobody did
     * @param shownIn names of the sources in which viewers saw it; none while it was not on screen yet
     */
    record RecordLine(
            String id,
            SignalKind kind,
            String word,
            String name,
            int months,
            long amount,
            String money,
            String message,
            boolean practice,
            long at,
            Fate fate,
            String with,
            String by,
            long showsFrom,
            long showsTill,
            List<String> shownIn) {}

    private static final int LINES = 50;
    private static final int LINES_OF_FILE = 20_000;
    /** No alert is on screen longer; milliseconds. */
    private static final long LONGEST = 600_000;

    private static final List<String> TITLES = List.of(
            "time",
            "kind",
            "word",
            "name",
            "amount",
            "money",
            "months",
            "message",
            "practice",
            "became",
            "shown with",
            "by",
            "shown from",
            "shown till",
            "shown in");

    private final Members members;
    private final Channels channels;
    private final Facts facts;
    private final Showings showings;

    LiveController(Members members, Channels channels, Facts facts, Showings showings) {
        this.members = members;
        this.channels = channels;
        this.facts = facts;
        this.showings = showings;
    }

    @GetMapping("/api/channels")
    List<ChannelView> all() {
        return channels.all(members.current()).stream()
                .map(LiveController::view)
                .toList();
    }

    /** All that came lately and what became of it, the latest first. */
    @GetMapping("/api/channels/{channel}/record.csv")
    ResponseEntity<byte[]> file(
            @PathVariable UUID channel,
            @RequestParam(defaultValue = "") Set<SignalKind> kind,
            @RequestParam(defaultValue = "") Set<Fate> fate,
            @RequestParam(defaultValue = "") String name) {
        Channels.Channel mine = channels.get(members.current(), channel);
        return CsvFile.of(
                "signals.csv",
                TITLES,
                lines(mine, wanted(kind, fate, name), LINES_OF_FILE).stream()
                        .<List<?>>map(LiveController::row)
                        .toList());
    }

    private static List<?> row(RecordLine line) {
        return List.of(
                Instant.ofEpochMilli(line.at()).toString(),
                line.kind().name(),
                line.word(),
                line.name(),
                line.amount(),
                line.money(),
                line.months(),
                line.message(),
                line.practice() ? "yes" : "no",
                line.fate().name(),
                line.with(),
                line.by(),
                instant(line.showsFrom()),
                instant(line.showsTill()),
                String.join("; ", line.shownIn()));
    }

    private static String instant(long millis) {
        return millis == 0 ? "" : Instant.ofEpochMilli(millis).toString();
    }

    @GetMapping("/api/channels/{channel}/record")
    List<RecordLine> record(
            @PathVariable UUID channel,
            @RequestParam(defaultValue = "") Set<SignalKind> kind,
            @RequestParam(defaultValue = "") Set<Fate> fate,
            @RequestParam(defaultValue = "") String name) {
        Channels.Channel mine = channels.get(members.current(), channel);
        return lines(mine, wanted(kind, fate, name), LINES);
    }

    /** Nothing chosen means all. */
    private static Facts.Wanted wanted(Set<SignalKind> kinds, Set<Fate> fates, String name) {
        return new Facts.Wanted(
                kinds.isEmpty() ? EnumSet.allOf(SignalKind.class) : kinds,
                fates.isEmpty() ? EnumSet.allOf(Fate.class) : fates,
                name.strip());
    }

    private List<RecordLine> lines(Channels.Channel mine, Facts.Wanted wanted, int most) {
        List<Facts.Line> lines = facts.record(mine, wanted, most);
        Map<UUID, String> names =
                members.names(lines.stream().flatMap(line -> line.by().stream()).toList());
        LongSummaryStatistics times = lines.stream()
                .filter(line -> line.from() > 0)
                .mapToLong(Facts.Line::from)
                .summaryStatistics();
        Showings.Places places = times.getCount() == 0
                ? (_, _) -> List.of()
                : showings.of(mine.show(), times.getMin(), times.getMax() + LONGEST);
        long now = System.currentTimeMillis();
        return lines.stream().map(line -> line(mine, line, names, places, now)).toList();
    }

    private static RecordLine line(
            Channels.Channel channel, Facts.Line line, Map<UUID, String> names, Showings.Places places, long now) {
        Signal signal = line.signal();
        return new RecordLine(
                signal.id(),
                signal.kind(),
                channel.platform().termOrPlain(signal.kind()).word(),
                signal.shownName(),
                signal.months(),
                signal.amount(),
                signal.money().map(Money::written).orElse(""),
                signal.message(),
                signal.practice(),
                signal.at(),
                line.fate(),
                line.with(),
                line.by().map(names::get).orElse(""),
                line.from(),
                line.till(),
                line.from() > 0 && line.from() < now ? places.during(line.from(), line.till()) : List.of());
    }

    /** @param show empty for a new one of the channel's own */
    record FeedWish(Optional<UUID> show) {}

    /** Lets a channel feed another show, as when somebody streams to two platforms at once. */
    @PutMapping("/api/channels/{channel}/show")
    ChannelView feed(@PathVariable UUID channel, @RequestBody FeedWish wish) {
        return view(channels.feed(members.current(), channel, wish.show()));
    }

    private static ChannelView view(Channels.Channel channel) {
        return new ChannelView(
                channel.id(),
                channel.show(),
                channel.platform().title(),
                channel.name(),
                channel.platform().signals().stream()
                        .map(term -> new Practice(term.kind(), term.word(), term.currencies()))
                        .toList());
    }
}
