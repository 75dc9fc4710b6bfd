package brandeon.server.layout;

import brandeon.core.platform.Profile;
import brandeon.core.preflight.Preflight;
import brandeon.core.theme.Theme;
import brandeon.server.channel.Channels;
import brandeon.server.live.Moments;
import brandeon.server.recolour.Artworks;
import brandeon.server.theme.Themes;
import java.util.List;
import org.springframework.stereotype.Component;

/** Checks a theme as it is by itself, with the pictures of its workspace and the signals of its platform. */
@Component
public class Preflights {

    private final Channels channels;
    private final Moments moments;
    private final Artworks artworks;

    Preflights(Channels channels, Moments moments, Artworks artworks) {
        this.channels = channels;
        this.moments = moments;
        this.artworks = artworks;
    }

    /** @param theme the draft, or as it would be */
    public Preflight of(Themes.Draft draft, Theme theme) {
        return of(
                draft,
                theme,
                channels.find(draft.channel())
                        .map(channel -> channel.platform().signals())
                        .orElse(List.of()));
    }

    /** On another platform. @param theme the draft, or as it would be there */
    public Preflight of(Themes.Draft draft, Theme theme, Profile platform) {
        return of(draft, theme, platform.signals());
    }

    private Preflight of(Themes.Draft draft, Theme theme, List<Profile.Term> sent) {
        return new Preflight(
                theme,
                moments.of(draft).unspoken(),
                artworks.of(draft.workspace()),
                sent.stream().map(Profile.Term::kind).toList());
    }
}
