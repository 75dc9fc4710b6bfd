package brandeon.server.film;

import brandeon.core.art.Pictures;
import brandeon.core.canvas.Box;
import brandeon.core.publish.Alone;
import brandeon.core.publish.Clip;
import brandeon.core.publish.Picture;

/**
 * A piece to be painted and moved by itself.
 *
 * @param part   of the picture that it takes
 * @param now    the server's clock, epoch milliseconds
 * @param millis how long what has a beginning lasts; 0 for what goes on for ever or stands still
 */
record PreviewView(Picture picture, Box part, long now, double millis) {

    /** What has a beginning begins when the painter has had time to mount it. */
    static final long SOON = 150;
    /** Room around what is painted, in units. */
    private static final double ROOM = 16;

    static PreviewView of(Alone alone, Pictures pictures, long now) {
        Box whole = alone.canvas().size().box();
        boolean full = alone.piece().kind().zone() == brandeon.core.kind.Zone.FULL;
        Box part = full
                ? whole
                : alone.part(pictures).grown(ROOM * alone.canvas().unit()).cut(whole);
        return of(alone, part, now);
    }

    static PreviewView of(Alone alone, Box part, long now) {
        return new PreviewView(alone.picture(), part, now, alone.art().loops() ? 0 : Clip.length(alone.art()));
    }
}
