package brandeon.server.live;

import brandeon.core.art.ClockFace;
import brandeon.core.live.SignalKind;
import brandeon.core.theme.Piece;
import brandeon.server.access.Members;
import brandeon.server.access.Role;
import brandeon.server.channel.Channels;
import brandeon.server.problem.NotFound;
import brandeon.server.theme.Themes;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RestController;

/** Live state for people: what a channel sent and when it was shown, practice signals, clocks. */
@RestController
class LiveController {

    /** A signal that this channel's platform can send. */
    record Practice(SignalKind kind, String word) {}

    record ChannelView(UUID id, String platform, String name, List<Practice> signals) {}

    record RecordLine(
            String id,
            SignalKind kind,
            String word,
            String name,
            int months,
            long amount,
            long at,
            long showsFrom,
            long showsTill) {}

    record ClockView(String piece, String name, long until) {}

    private final Members members;
    private final Themes themes;
    private final Channels channels;
    private final Signals signals;

    LiveController(Members members, Themes themes, Channels channels, Signals signals) {
        this.members = members;
        this.themes = themes;
        this.channels = channels;
        this.signals = signals;
    }

    @GetMapping("/api/channels")
    List<ChannelView> all() {
        return channels.all(members.current()).stream()
                .map(LiveController::view)
                .toList();
    }

    @GetMapping("/api/channels/{channel}/record")
    List<RecordLine> record(@PathVariable UUID channel) {
        Channels.Channel mine = channels.get(members.current(), channel);
        return signals.record(channel, 50).stream()
                .map(line -> new RecordLine(
                        line.signal().id(),
                        line.signal().kind(),
                        mine.platform()
                                .term(line.signal().kind())
                                .map(t -> t.word())
                                .orElse(""),
                        line.signal().name(),
                        line.signal().months(),
                        line.signal().amount(),
                        line.signal().at(),
                        line.showsFrom(),
                        line.showsTill()))
                .toList();
    }

    @GetMapping("/api/themes/{theme}/clocks")
    List<ClockView> clocks(@PathVariable UUID theme) {
        Themes.Draft draft = themes.get(members.current(), theme);
        Map<String, Long> running = signals.clocks(theme);
        return draft.theme().pieces().stream()
                .filter(piece -> piece.kind().facts().counts().isPresent())
                .map(piece -> new ClockView(piece.id(), piece.name(), running.getOrDefault(piece.id(), 0L)))
                .toList();
    }

    @PostMapping("/api/themes/{theme}/clocks/{piece}")
    void start(@PathVariable UUID theme, @PathVariable String piece) {
        Themes.Draft draft = themes.get(members.current().requires(Role.OPERATOR), theme);
        Piece clock = clock(draft, piece);
        // Counting down is known by its end, counting up by its beginning.
        signals.startClock(
                theme,
                piece,
                System.currentTimeMillis()
                        + (clock.kind().facts().counts().equals(Optional.of(ClockFace.Mode.DOWN))
                                ? Math.round(clock.figure("minutes") * 60_000)
                                : 0));
    }

    @DeleteMapping("/api/themes/{theme}/clocks/{piece}")
    void stop(@PathVariable UUID theme, @PathVariable String piece) {
        clock(themes.get(members.current().requires(Role.OPERATOR), theme), piece);
        signals.stopClock(theme, piece);
    }

    private static Piece clock(Themes.Draft draft, String id) {
        return draft.theme()
                .piece(id)
                .filter(piece -> piece.kind().facts().counts().isPresent())
                .orElseThrow(() -> new NotFound("There is no such clock in this theme."));
    }

    private static ChannelView view(Channels.Channel channel) {
        return new ChannelView(
                channel.id(),
                channel.platform().title(),
                channel.name(),
                Arrays.stream(SignalKind.values())
                        .filter(kind -> channel.platform().term(kind).isPresent())
                        .map(kind -> new Practice(
                                kind,
                                channel.platform().term(kind).orElseThrow().word()))
                        .toList());
    }
}
