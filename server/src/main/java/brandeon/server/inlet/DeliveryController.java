package brandeon.server.inlet;

import brandeon.server.access.Member;
import brandeon.server.access.Members;
import brandeon.server.access.Role;
import brandeon.server.channel.Channels;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What came last to the inlets of a channel, for people who connect something. */
@RestController
@RequestMapping("/api/channels/{channel}/deliveries")
class DeliveryController {

    /** @param cut whether only the beginning of the body was kept */
    record DeliveryView(
            UUID id, Instant at, Deliveries.Outcome outcome, String sentence, String type, String body, boolean cut) {}

    private final Members members;
    private final Channels channels;
    private final Deliveries deliveries;
    private final Takings takings;
    private final InletController events;
    private final MappedInlets mapped;

    DeliveryController(
            Members members,
            Channels channels,
            Deliveries deliveries,
            Takings takings,
            InletController events,
            MappedInlets mapped) {
        this.members = members;
        this.channels = channels;
        this.deliveries = deliveries;
        this.takings = takings;
        this.events = events;
        this.mapped = mapped;
    }

    /** The latest first. */
    @GetMapping
    List<DeliveryView> last(@PathVariable UUID channel) {
        Member member = members.current().requires(Role.OPERATOR);
        return deliveries.of(channels.get(member, channel).id()).stream()
                .map(one -> new DeliveryView(
                        one.id(), one.at(), one.outcome(), one.sentence(), one.type(), one.body(), one.cut()))
                .toList();
    }

    /** Takes in once more what came before, as it came; who asks is trusted in place of a signature. */
    @PostMapping("/{delivery}/again")
    Takings.Receipt again(@PathVariable UUID channel, @PathVariable UUID delivery) {
        Member member = members.current().requires(Role.OPERATOR);
        Channels.Channel mine = channels.get(member, channel);
        Deliveries.Delivery before = deliveries.whole(channel, delivery);
        Takings.Sent sent = new Takings.Sent(mine, before.mapped(), before.type(), before.bytes());
        return takings.taken(
                        sent,
                        () -> before.mapped()
                                .map(id -> mapped.came(mine, mapped.get(member, channel, id), sent.body()))
                                .orElseGet(() -> events.read(sent)))
                .receipt();
    }
}
