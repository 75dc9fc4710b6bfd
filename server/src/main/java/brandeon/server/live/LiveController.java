package brandeon.server.live;

import brandeon.core.live.SignalKind;
import brandeon.core.text.Money;
import brandeon.server.access.Members;
import brandeon.server.channel.Channels;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Live state for people: what a channel sent and when it was shown, practice signals. */
@RestController
class LiveController {

    /** A signal that this channel's platform can send. */
    record Practice(SignalKind kind, String word) {}

    record ChannelView(UUID id, UUID show, String platform, String name, List<Practice> signals) {}

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
            long showsFrom,
            long showsTill) {}

    private final Members members;
    private final Channels channels;
    private final Facts facts;

    LiveController(Members members, Channels channels, Facts facts) {
        this.members = members;
        this.channels = channels;
        this.facts = facts;
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
        return facts.record(channel, 50).stream()
                .map(line -> new RecordLine(
                        line.signal().id(),
                        line.signal().kind(),
                        mine.platform()
                                .term(line.signal().kind())
                                .map(t -> t.word())
                                .orElse(""),
                        line.signal().shownName(),
                        line.signal().months(),
                        line.signal().amount(),
                        line.signal().values().get("money") instanceof Money money ? money.written() : "",
                        line.signal().message(),
                        line.signal().practice(),
                        line.signal().at(),
                        line.showsFrom(),
                        line.showsTill()))
                .toList();
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
                        .map(term -> new Practice(term.kind(), term.word()))
                        .toList());
    }
}
