package brandeon.server.move;

import brandeon.core.move.Trial;
import brandeon.core.platform.Profile;
import brandeon.server.access.Members;
import brandeon.server.channel.Channels;
import brandeon.server.theme.Themes;
import brandeon.server.work.Hands;
import java.util.Optional;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** All of a platform's signals played on a theme before anybody sees it; nothing is sent and nothing is kept. */
@RestController
class TrialController {

    private final Members members;
    private final Themes themes;
    private final Channels channels;
    private final Hands hands;

    TrialController(Members members, Themes themes, Channels channels, Hands hands) {
        this.members = members;
        this.themes = themes;
        this.channels = channels;
        this.hands = hands;
    }

    @GetMapping("/api/themes/{id}/move/trial")
    Trial trial(@PathVariable UUID id) {
        Themes.Draft draft = themes.get(members.current(), id);
        Profile on = platform(draft);
        Optional<Profile> was = draft.movedFrom().flatMap(themes::find).map(this::platform);
        return hands.work(Hands.For.FINDINGS, () -> Trial.of(draft.theme(), on, was));
    }

    private Profile platform(Themes.Draft draft) {
        return channels.find(draft.channel()).orElseThrow().platform();
    }
}
