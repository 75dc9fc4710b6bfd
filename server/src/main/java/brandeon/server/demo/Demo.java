package brandeon.server.demo;

import brandeon.core.art.Blend;
import brandeon.core.demo.ReedlightHide;
import brandeon.core.kind.PieceKind;
import brandeon.core.kind.Zone;
import brandeon.core.platform.Profiles;
import brandeon.core.table.TableFile;
import brandeon.core.theme.Artwork;
import brandeon.core.theme.Edit;
import brandeon.core.theme.Inlay;
import brandeon.core.theme.PictureEdit;
import brandeon.core.theme.Piece;
import brandeon.core.theme.PieceEdit;
import brandeon.core.theme.Placed;
import brandeon.core.theme.PlacingEdit;
import brandeon.core.theme.Provenance;
import brandeon.server.Settings;
import brandeon.server.access.Member;
import brandeon.server.access.Members;
import brandeon.server.access.Role;
import brandeon.server.access.Workspaces;
import brandeon.server.channel.Channels;
import brandeon.server.publish.Outlets;
import brandeon.server.recolour.Artworks;
import brandeon.server.show.Actor;
import brandeon.server.show.RunningShows;
import brandeon.server.table.ShowTables;
import brandeon.server.theme.Themes;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.BooleanSupplier;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/** Puts the Reedlight Hide demo into an empty database, or back as it was when that is asked for. */
@Component
public class Demo implements ApplicationRunner {

    public static final String EMAIL = "host@reedlight.example";
    public static final String PASSWORD = "lantern-at-dusk";

    private final Settings settings;
    private final Members members;
    private final Workspaces workspaces;
    private final Channels channels;
    private final Themes themes;
    private final Outlets outlets;
    private final Artworks artworks;
    private final ShowTables tables;
    private final RunningShows shows;
    private final TransactionTemplate transactions;

    Demo(
            Settings settings,
            Members members,
            Workspaces workspaces,
            Channels channels,
            Themes themes,
            Outlets outlets,
            Artworks artworks,
            ShowTables tables,
            RunningShows shows,
            TransactionTemplate transactions) {
        this.settings = settings;
        this.members = members;
        this.workspaces = workspaces;
        this.channels = channels;
        this.themes = themes;
        this.outlets = outlets;
        this.artworks = artworks;
        this.tables = tables;
        this.shows = shows;
        this.transactions = transactions;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        boolean reset = settings.demoReset();
        change(reset, () -> settings.demo() && (reset || !members.anybody()));
    }

    /** Whether it is there. */
    boolean present() {
        return !workspaces.demos().isEmpty();
    }

    /** Puts it away with everything that was done in it, or brings it back as it was at first. */
    public void put(boolean wanted) {
        change(!wanted, () -> wanted && !present());
    }

    /** All or nothing; what is prepared for its show comes after it, as cues come. */
    private void change(boolean remove, BooleanSupplier load) {
        Optional<Channels.Channel> loaded = transactions.execute(_ -> {
            if (remove) {
                remove();
            }
            return load.getAsBoolean() ? Optional.of(load()) : Optional.<Channels.Channel>empty();
        });
        loaded.ifPresent(channel -> ReedlightHide.prepared()
                .forEach(cue -> shows.cue(Actor.show(channel.workspace()), channel.show(), cue, "")));
    }

    private void remove() {
        // Edits and releases name their author, so themes go before accounts.
        workspaces.removeDemo();
        members.removeAccount(EMAIL);
    }

    /** Loose pictures as they came, not yet in the brand's colours; all but one say where they are from. */
    private void pictures(Member host, UUID theme) {
        for (String name :
                List.of("winter-frame.png", "old-badge.png", "lantern-panel.svg", "heron.svg", "beacon.gif")) {
            try (InputStream file = new ClassPathResource("demo/" + name).getInputStream()) {
                Artwork artwork = artworks.add(host, theme, name, file.readAllBytes(), "");
                if (!name.equals("beacon.gif")) {
                    themes.edit(
                            host,
                            theme,
                            new PictureEdit.SetProvenance(
                                    artwork.id(),
                                    new Provenance(
                                            "drawn for Reedlight Hide by Tove Sedge", "CC-BY-4.0", "Tove Sedge")),
                            "");
                }
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
    }

    /** One of the pictures stands on a scene: a heron under the closing words. */
    private void heron(Member host, UUID theme) {
        String heron = themes.get(host, theme).theme().artworks().stream()
                .filter(a -> a.name().equals("heron.svg"))
                .findFirst()
                .orElseThrow()
                .id();
        Piece piece = Piece.of("heron", PieceKind.PICTURE, "Heron")
                .with(Optional.of(new Inlay(heron, Blend.NORMAL, 1, Inlay.Fit.WHOLE)));
        themes.edit(
                host,
                theme,
                new Edit.Batch(List.of(
                        new PieceEdit.AddPiece(Integer.MAX_VALUE, piece),
                        new PlacingEdit.Place("closing", 1, Placed.in(Zone.CLOCK, piece.id())))),
                "");
    }

    private Channels.Channel load() {
        UUID workspace = members.addWorkspace("Reedlight Hide");
        UUID account = members.addMember(workspace, EMAIL, "Mirela Osk", PASSWORD, Role.OWNER);
        members.markDemo(account, workspace);
        Member host = new Member(account, "Mirela Osk", EMAIL, workspace, Role.OWNER);
        Channels.Channel alder = channels.add(host, Profiles.shipped("alder").orElseThrow(), "reedlight-hide");
        Themes.Draft draft = themes.create(host, alder.id(), ReedlightHide.theme(), Optional.empty());
        pictures(host, draft.id());
        heron(host, draft.id());
        ShowTables.Standing sightings = tables.add(host, alder.show(), "Sightings");
        tables.feed(sightings, _ -> TableFile.fromCsv(ReedlightHide.sightings(), true));
        // Loading is nobody's work to undo.
        themes.forgetHistory(draft.id());
        themes.putOnAir(host, draft.id());
        outlets.ensure(draft.id(), draft.theme());
        return alder;
    }
}
