package brandeon.server.standin;

import brandeon.core.live.SignalKind;
import brandeon.server.access.Member;
import brandeon.server.access.Members;
import brandeon.server.access.Role;
import brandeon.server.channel.Channels;
import java.util.UUID;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Practice signals at one press. */
@RestController
class PracticeController {

    record PracticeWish(SignalKind kind) {}

    private final Members members;
    private final Channels channels;
    private final StandIns standIns;

    PracticeController(Members members, Channels channels, StandIns standIns) {
        this.members = members;
        this.channels = channels;
        this.standIns = standIns;
    }

    /** Lets the platform's stand-in send one signal through the signed inlet. */
    @PostMapping("/api/channels/{channel}/practice")
    void practise(@PathVariable UUID channel, @RequestBody PracticeWish wish) {
        Member member = members.current().requires(Role.OPERATOR);
        standIns.send(channels.get(member, channel), wish.kind());
    }

    /** The same with chosen values. */
    @PostMapping("/api/channels/{channel}/practice/signal")
    void tryOut(@PathVariable UUID channel, @RequestBody TriedSignal signal) {
        Member member = members.current().requires(Role.OPERATOR);
        standIns.send(channels.get(member, channel), signal);
    }
}
