package brandeon.server.theme;

import brandeon.core.theme.ThemeChange;
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

    public EditView of(Member member, Themes.Changed changed) {
        Themes.Draft after = changed.after();
        Themes.Steps steps = themes.steps(member, after);
        return new EditView(
                changed.before().version(),
                after.version(),
                after.onAir(),
                themes.differs(after),
                steps.undo(),
                steps.redo(),
                ThemeChange.between(changed.before().theme(), after.theme()));
    }

    public ThemeView of(Member member, Themes.Draft draft) {
        Channels.Channel channel = channels.find(draft.channel()).orElseThrow();
        Themes.Steps steps = themes.steps(member, draft);
        return new ThemeView(
                draft.id(),
                draft.workspace(),
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
