package brandeon.server.bundle;

import brandeon.core.bundle.Contents;
import brandeon.core.bundle.Credits;
import brandeon.core.bundle.Excerpt;
import brandeon.core.bundle.Extent;
import brandeon.core.bundle.PackedTable;
import brandeon.core.bundle.ThemePackage;
import brandeon.core.bundle.ThemePackage.Extra;
import brandeon.core.canvas.Canvas;
import brandeon.core.colour.Palette;
import brandeon.core.platform.Profile;
import brandeon.core.show.Cue;
import brandeon.core.theme.Artwork;
import brandeon.core.theme.Scene;
import brandeon.core.theme.Sound;
import brandeon.core.theme.Theme;
import brandeon.server.access.Member;
import brandeon.server.channel.Channels;
import brandeon.server.file.Files;
import brandeon.server.publish.ScenePng;
import brandeon.server.recolour.Artworks;
import brandeon.server.show.RunningShows;
import brandeon.server.table.ShowTables;
import brandeon.server.theme.Themes;
import brandeon.server.web.Png;
import brandeon.server.work.Hands;
import java.io.IOException;
import java.io.OutputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;

/** Puts themes and parts of them into packages. The same theme makes the same package. */
@Service
public class Packing {

    /** Pixels that a preview is wide. */
    private static final int WIDTH = 480;

    private static final int MOST_PREVIEWS = 24;

    private final Channels channels;
    private final RunningShows shows;
    private final ShowTables tables;
    private final Artworks artworks;
    private final Files files;
    private final Hands hands;

    Packing(Channels channels, RunningShows shows, ShowTables tables, Artworks artworks, Files files, Hands hands) {
        this.channels = channels;
        this.shows = shows;
        this.tables = tables;
        this.artworks = artworks;
        this.files = files;
        this.hands = hands;
    }

    /** @param of id of the scene or piece; empty for what there is only one of */
    Contents contents(Member member, Themes.Draft draft, Extent extent, String of) {
        Theme theme = Excerpt.of(draft.theme(), extent, of);
        Optional<Channels.Channel> channel = channels.find(draft.channel());
        List<Profile> profiles = channel.map(one -> List.of(one.platform())).orElse(List.of());
        if (extent != Extent.THEME || channel.isEmpty()) {
            return new Contents(extent, theme, List.of(), List.of(), profiles);
        }
        UUID show = channel.get().show();
        List<Cue> prepared = Contents.prepared(shows.get(member, show).show().prepared());
        return new Contents(
                extent,
                theme,
                prepared,
                tables.all(member, show).stream()
                        .map(one -> PackedTable.of(one.table()))
                        .toList(),
                profiles);
    }

    /** A theme for oneself: all that it needs, and nothing that is for people alone. */
    public void whole(OutputStream out, UUID workspace, Theme theme) throws IOException {
        ThemePackage.whole(out, Contents.of(theme), source(workspace, theme));
    }

    private ThemePackage.Source source(UUID workspace, Theme theme) {
        Set<String> asTheyAre = Stream.concat(
                        theme.faces().stream().map(own -> own.face().hash()),
                        theme.sounds().own().stream().map(Sound::file))
                .collect(Collectors.toUnmodifiableSet());
        return name -> asTheyAre.contains(name)
                ? files.find(workspace, name).orElseThrow().content()
                : artworks.content(workspace, name);
    }

    void write(OutputStream out, Member member, Contents contents) throws IOException {
        Theme theme = contents.theme();
        UUID workspace = member.workspace();
        List<Extra> extras = new ArrayList<>();
        extras.add(Extra.credits(Credits.sheet(theme)));
        previews(theme, workspace, extras);
        Palette palette = theme.brand().palette();
        for (Artwork artwork : theme.artworks()) {
            if (!artwork.moving()) {
                String ending = artwork.vector() ? ".svg" : ".png";
                extras.add(Extra.recoloured(
                        artwork.id() + ending,
                        () -> artworks.after(member, artwork, palette, 0).content()));
            }
        }
        ThemePackage.write(out, contents, source(workspace, theme), extras);
    }

    /** Every scene on the first canvas, then on the others, as far as there is room. */
    private void previews(Theme theme, UUID workspace, List<Extra> extras) {
        int number = 0;
        for (Canvas canvas : theme.canvases()) {
            for (Scene scene : theme.shownScenes()) {
                if (++number > MOST_PREVIEWS) {
                    return;
                }
                extras.add(Extra.preview(
                        number,
                        scene.name() + ", " + canvas.name(),
                        () -> Png.bytes(hands.work(
                                Hands.For.STAGE,
                                () -> ScenePng.still(theme, scene, canvas, artworks.of(workspace), WIDTH)))));
            }
        }
    }
}
