package brandeon.server.pass;

import brandeon.core.show.CueGroup;
import brandeon.core.show.Grant;
import brandeon.server.access.Addresses;
import brandeon.server.access.Member;
import brandeon.server.access.Members;
import brandeon.server.access.Role;
import brandeon.server.live.Presence;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Passes of a show for those who give them. */
@RestController
@RequestMapping("/api/shows/{show}/passes")
class PassController {

    /** A deed that can be given. */
    record DeedChoice(String id, String words) {}

    /** What belongs together when rights are given. */
    record GroupChoice(CueGroup id, String title, List<DeedChoice> deeds) {}

    /**
     * @param link    opens the desk with what it may do
     * @param address below which its deeds can be called
     * @param good    whether it is good for anything now
     * @param on      devices that have it open now
     */
    record PassLine(
            UUID id,
            String name,
            List<Grant> grants,
            Optional<Instant> goodTill,
            boolean withdrawn,
            boolean good,
            String link,
            String address,
            String madeBy,
            Instant madeAt,
            Optional<Instant> usedAt,
            List<String> on) {}

    /** @param desk address of the desk itself, for somebody who signs in on another device */
    record PassList(List<GroupChoice> groups, List<PassLine> passes, String desk) {}

    private final Members members;
    private final Passes passes;
    private final Addresses addresses;
    private final Presence presence;

    PassController(Members members, Passes passes, Addresses addresses, Presence presence) {
        this.members = members;
        this.passes = passes;
        this.addresses = addresses;
        this.presence = presence;
    }

    /** The latest first. */
    @GetMapping
    PassList all(@PathVariable UUID show) {
        Member member = members.current().requires(Role.OPERATOR);
        List<Passes.Pass> all = passes.of(member, show);
        Map<UUID, String> names = members.names(
                all.stream().flatMap(pass -> pass.madeBy().stream()).toList());
        List<GroupChoice> groups = Stream.of(CueGroup.values())
                .map(group -> new GroupChoice(
                        group,
                        group.title(),
                        group.deeds().entrySet().stream()
                                .map(deed -> new DeedChoice(deed.getKey(), deed.getValue()))
                                .toList()))
                .toList();
        return new PassList(
                groups, all.stream().map(pass -> line(pass, names)).toList(), addresses.forOthers() + "/desk/" + show);
    }

    @PostMapping
    PassLine make(@PathVariable UUID show, @RequestBody Passes.PassWish wanted) {
        Member member = members.current().requires(Role.OPERATOR);
        return line(passes.make(member, show, wanted), Map.of(member.account(), member.name()));
    }

    @PutMapping("/{pass}")
    PassLine change(@PathVariable UUID show, @PathVariable UUID pass, @RequestBody Passes.PassWish wanted) {
        Member member = members.current().requires(Role.OPERATOR);
        Passes.Pass changed = passes.change(member, show, pass, wanted);
        return line(changed, members.names(changed.madeBy().stream().toList()));
    }

    @DeleteMapping("/{pass}")
    void withdraw(@PathVariable UUID show, @PathVariable UUID pass) {
        passes.withdraw(members.current().requires(Role.OPERATOR), show, pass);
    }

    private PassLine line(Passes.Pass pass, Map<UUID, String> names) {
        String token = passes.token(pass);
        return new PassLine(
                pass.id(),
                pass.name(),
                pass.grants(),
                pass.goodTill(),
                pass.withdrawn(),
                pass.good(Instant.now()),
                // What stands after # is sent to no server, so it is in no log and no referrer.
                addresses.forOthers() + "/desk#" + token,
                addresses.forOthers() + "/cues/" + token,
                pass.madeBy().map(names::get).orElse(""),
                pass.madeAt(),
                pass.usedAt(),
                presence.on(pass.id()));
    }
}
