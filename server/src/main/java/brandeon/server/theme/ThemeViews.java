package brandeon.server.theme;

import brandeon.server.access.Member;
import brandeon.server.channel.Channels;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Tells one person about a theme. */
@Component
public class ThemeViews {

    private final Themes themes;
    private final Channels channels;

    ThemeViews(Themes themes, Channels channels) {
        this.themes = themes;
        this.channels = channels;
    }

    public ThemeView of(Member member, Themes.Draft draft) {
        Channels.Channel channel = channels.find(draft.channel()).orElseThrow();
        Themes.Steps steps = themes.steps(member, draft);
        return new ThemeView(
                draft.id(),
                draft.version(),
                draft.theme(),
                channel.id(),
                channel.show(),
                channel.name(),
                channel.platform().title(),
                draft.onAir(),
                themes.differs(draft),
                steps.undo(),
                steps.redo(),
                draft.movedFrom().map(UUID::toString).orElse(""),
                member.role());
    }
}
