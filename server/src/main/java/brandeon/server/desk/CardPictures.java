package brandeon.server.desk;

import brandeon.core.art.Raster;
import brandeon.core.canvas.Box;
import brandeon.core.canvas.Size;
import brandeon.core.live.Readings;
import brandeon.core.publish.Alone;
import brandeon.core.show.CardCue;
import brandeon.core.show.Cued;
import brandeon.core.show.LiveState;
import brandeon.core.show.Show;
import brandeon.core.show.Shows;
import brandeon.core.theme.Piece;
import brandeon.core.theme.Theme;
import brandeon.server.problem.NotFound;
import brandeon.server.recolour.Artworks;
import brandeon.server.show.RunningShows;
import brandeon.server.theme.Themes;
import brandeon.server.web.Png;
import brandeon.server.work.Hands;
import java.io.IOException;
import java.time.Duration;
import java.util.Optional;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Component;

/** Each prepared card as it will stand, small. */
@Component
class CardPictures {

    private static final int WIDEST = 480;
    private static final int HIGHEST = 150;

    private final RunningShows shows;
    private final Themes themes;
    private final Artworks artworks;
    private final Hands hands;

    CardPictures(RunningShows shows, Themes themes, Artworks artworks, Hands hands) {
        this.shows = shows;
        this.themes = themes;
        this.artworks = artworks;
        this.hands = hands;
    }

    /**
     * On the first canvas of the first theme that has the piece; its address says when there is another one.
     *
     * @param card counted from 0
     * @throws NotFound where there is no such card
     */
    ResponseEntity<byte[]> of(RunningShows.Running running, String id, String card) throws IOException {
        Theme theme = shows.cast(running).themes().stream()
                .map(draft -> themes.onAir(draft).orElse(draft.theme()))
                .filter(one -> one.piece(id).isPresent() && !one.canvases().isEmpty())
                .findFirst()
                .orElseThrow(() -> new NotFound("No theme of this show has that piece any more."));
        Piece piece = theme.piece(id).orElseThrow();
        Show now = running.show().at(System.currentTimeMillis());
        Cued cued = Shows.apply(
                new Show(now.held()),
                shows.starting(running),
                new CardCue.PutUp(id, number(card), 0),
                System.currentTimeMillis());
        if (!(cued instanceof Cued.Applied applied)) {
            throw new NotFound("There is no such card.");
        }
        LiveState live = new LiveState(Readings.NONE, applied.show(), Optional.empty());
        byte[] png = hands.work(Hands.For.STAGE, () -> {
            var pictures = artworks.of(running.workspace());
            Alone alone =
                    Alone.of(theme, piece, Optional.empty(), theme.canvases().getFirst(), live, 0);
            Box part = alone.part(pictures);
            double scale = Math.min(1, Math.min(WIDEST / part.width(), HIGHEST / part.height()));
            Size size = Size.of((int) Math.max(1, Math.round(part.width() * scale)), (int)
                    Math.max(1, Math.round(part.height() * scale)));
            return Png.bytes(Raster.paint(part, size, alone.art().marks(), System.currentTimeMillis(), pictures));
        });
        return ResponseEntity.ok()
                .cacheControl(CacheControl.maxAge(Duration.ofDays(1)).cachePrivate())
                .contentType(MediaType.IMAGE_PNG)
                .body(png);
    }

    private static int number(String card) {
        try {
            return Integer.parseInt(card);
        } catch (NumberFormatException e) {
            throw new NotFound("There is no such card.");
        }
    }
}
