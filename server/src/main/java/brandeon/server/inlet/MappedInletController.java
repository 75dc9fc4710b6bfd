package brandeon.server.inlet;

import brandeon.core.inlet.Mapping;
import brandeon.core.inlet.Signature;
import brandeon.core.live.Signal;
import brandeon.core.problem.Mistake;
import brandeon.core.text.Money;
import brandeon.server.access.Addresses;
import brandeon.server.access.Keys;
import brandeon.server.access.Member;
import brandeon.server.access.Members;
import brandeon.server.access.Role;
import brandeon.server.channel.Channels;
import brandeon.server.problem.NotFound;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Mapped inlets: their doors, and how people see to them. */
@RestController
class MappedInletController {

    record NewMapped(String name) {}

    /** @param secret that the other side gave; empty leaves the one that holds */
    record MappedWish(String name, String sample, Mapping mapping, Signature signature, String secret) {}

    /**
     * @param address empty for those who may not change it
     * @param given   whether the other side's secret holds in place of ours
     */
    record MappedView(
            UUID id, String name, String address, String sample, Mapping mapping, Signature signature, boolean given) {}

    record MappedTrial(String sample, Mapping mapping) {}

    /**
     * What a sample would become.
     *
     * @param mistake empty where it would be counted
     * @param told    the signal in a few words
     */
    record MappedOutcome(
            String mistake,
            String told,
            String money,
            long amount,
            int months,
            String level,
            String message,
            String giftedTo) {

        private static MappedOutcome wrong(String mistake) {
            return new MappedOutcome(mistake, "", "", 0, 0, "", "", "");
        }
    }

    private final Members members;
    private final Channels channels;
    private final MappedInlets mapped;
    private final Takings takings;
    private final Keys keys;
    private final Addresses addresses;

    MappedInletController(
            Members members, Channels channels, MappedInlets mapped, Takings takings, Keys keys, Addresses addresses) {
        this.members = members;
        this.channels = channels;
        this.mapped = mapped;
        this.takings = takings;
        this.keys = keys;
        this.addresses = addresses;
    }

    /** The token is looked at before anything of the body is read. */
    @PostMapping("/inlets/mapped/{token}")
    ResponseEntity<Takings.Receipt> receive(
            @PathVariable String token,
            @RequestHeader(name = HttpHeaders.CONTENT_TYPE, defaultValue = "") String type,
            HttpServletRequest request,
            InputStream sent)
            throws IOException {
        MappedInlets.MappedInlet inlet = keys.claimedId(token)
                .flatMap(mapped::find)
                .filter(found -> keys.proves(token, Keys.Use.MAPPED_INLET, found.id(), found.number()))
                .orElseThrow(() -> new NotFound("There is no inlet at this address."));
        Channels.Channel channel =
                channels.find(inlet.channel()).orElseThrow(() -> new NotFound("There is no inlet at this address."));
        byte[] body = sent.readAllBytes();
        String said = Optional.ofNullable(request.getHeader(inlet.signature().header()))
                .orElse("");
        return InletController.answer(
                takings.taken(new Takings.Sent(channel, Optional.of(inlet.id()), type, body), () -> {
                    mapped.requireSigned(inlet, said, body);
                    return mapped.came(channel, inlet, body);
                }));
    }

    @GetMapping("/api/channels/{channel}/mapped")
    List<MappedView> all(@PathVariable UUID channel) {
        Member member = members.current().requires(Role.OPERATOR);
        return mapped.of(member, channel).stream()
                .map(inlet -> view(member, inlet))
                .toList();
    }

    @PostMapping("/api/channels/{channel}/mapped")
    @ResponseStatus(HttpStatus.CREATED)
    MappedView add(@PathVariable UUID channel, @RequestBody NewMapped wish) {
        Member member = members.current();
        return view(member, mapped.add(member, channel, wish.name()));
    }

    @PutMapping("/api/channels/{channel}/mapped/{inlet}")
    MappedView change(@PathVariable UUID channel, @PathVariable UUID inlet, @RequestBody MappedWish wish) {
        Member member = members.current();
        return view(
                member,
                mapped.change(
                        member,
                        channel,
                        inlet,
                        wish.name(),
                        wish.sample(),
                        wish.mapping(),
                        wish.signature(),
                        wish.secret()));
    }

    /** Another address, and another secret of ours. */
    @PostMapping("/api/channels/{channel}/mapped/{inlet}/renew")
    MappedView renew(@PathVariable UUID channel, @PathVariable UUID inlet) {
        Member member = members.current();
        return view(member, mapped.renew(member, channel, inlet));
    }

    record MappedSecret(String secret) {}

    /** For who may change the inlet: to be typed on the other side. */
    @GetMapping("/api/channels/{channel}/mapped/{inlet}/secret")
    MappedSecret secret(@PathVariable UUID channel, @PathVariable UUID inlet) {
        Member member = members.current().requires(Role.DESIGNER);
        return new MappedSecret(mapped.secret(mapped.get(member, channel, inlet)));
    }

    @DeleteMapping("/api/channels/{channel}/mapped/{inlet}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable UUID channel, @PathVariable UUID inlet) {
        mapped.remove(members.current(), channel, inlet);
    }

    /** What a sample would become; nothing is kept. */
    @PostMapping("/api/channels/{channel}/mapped/trial")
    MappedOutcome tried(@PathVariable UUID channel, @RequestBody MappedTrial wish) {
        Channels.Channel mine = channels.get(members.current().requires(Role.OPERATOR), channel);
        try {
            Signal signal = mapped.tried(mine, wish.sample(), wish.mapping());
            return new MappedOutcome(
                    "",
                    Takings.told(mine, signal),
                    signal.money().map(Money::written).orElse(""),
                    signal.amount(),
                    signal.months(),
                    signal.level(),
                    signal.message(),
                    signal.giftedTo());
        } catch (Mistake e) {
            return MappedOutcome.wrong(e.getMessage());
        }
    }

    /** Whoever knows the address may send, so it is for those who may change the inlet. */
    private MappedView view(Member member, MappedInlets.MappedInlet inlet) {
        return new MappedView(
                inlet.id(),
                inlet.name(),
                member.role().includes(Role.DESIGNER) ? addresses.base() + mapped.path(inlet) : "",
                inlet.sample(),
                inlet.mapping(),
                inlet.signature(),
                !inlet.given().isEmpty());
    }
}
