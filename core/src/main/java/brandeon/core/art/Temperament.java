package brandeon.core.art;

import brandeon.core.canvas.Box;
import brandeon.core.motion.Easing;
import brandeon.core.motion.Entrance;
import brandeon.core.motion.Track;
import java.util.List;

/**
 * How a family moves: how things arrive and leave.
 *
 * @param arrive  easing of an entrance
 * @param enter   its length, in milliseconds
 * @param leave   length of an exit, in milliseconds
 * @param stagger between one part and the next, in milliseconds
 */
public record Temperament(Entrance entrance, Easing arrive, double enter, double leave, double stagger) {

    private static final double FAR = 90;
    private static final double NEAR = 34;

    /**
     * The entrance of a part.
     *
     * @param order 0 for the first part of a piece, rising
     * @param unit  pixels in a unit
     * @param start instant of the entrance, epoch milliseconds
     */
    public Track entrance(String part, Box box, double unit, int order, long start) {
        Track.Key there = Track.Key.still(1);
        double far = FAR * unit * (1 + order);
        List<Track.Key> keys = switch (entrance) {
            case FADE -> List.of(Track.Key.still(0).faded(0), there);
            case SLIDE -> List.of(Track.Key.still(0).movedBy(-far, 0).faded(0), there);
            case RISE -> List.of(Track.Key.still(0).movedBy(0, NEAR * unit).faded(0), there);
            case POP ->
                List.of(
                        Track.Key.still(0)
                                .scaledBy(0.6, box.centreX(), box.centreY())
                                .faded(0),
                        Track.Key.still(0.6).scaledBy(1.05, box.centreX(), box.centreY()),
                        there.scaledBy(1, box.centreX(), box.centreY()));
            case SETTLE ->
                List.of(
                        Track.Key.still(0)
                                .turnedBy(-3, box.x(), box.centreY())
                                .movedBy(0, -NEAR * unit)
                                .faded(0),
                        there.turnedBy(0, box.x(), box.centreY()));
        };
        return Track.once(part, keys, arrive, enter, stagger * order, start);
    }

    /** The exit of a part, which begins a while after the start: it sinks, or only fades where things fade in. */
    public Track exit(String part, double unit, double after, long start) {
        Track.Key gone = entrance == Entrance.FADE
                ? Track.Key.still(1).faded(0)
                : Track.Key.still(1).movedBy(0, NEAR * unit).faded(0);
        return leaving(part, gone, after, start);
    }

    /** The exit of a part by the way of an entrance. @param box whose middle stays where it is while it shrinks */
    public Track exit(String part, Entrance way, Box box, double unit, double after, long start) {
        Track.Key still = Track.Key.still(1);
        Track.Key gone = switch (way) {
            case FADE -> still;
            case SLIDE -> still.movedBy(-FAR * unit, 0);
            case RISE -> still.movedBy(0, NEAR * unit);
            case POP -> still.scaledBy(0.6, box.centreX(), box.centreY());
            case SETTLE -> still.turnedBy(-3, box.x(), box.centreY()).movedBy(0, -NEAR * unit);
        };
        return leaving(part, gone.faded(0), after, start);
    }

    private Track leaving(String part, Track.Key gone, double after, long start) {
        return Track.once(part, List.of(Track.Key.still(0), gone), Easing.LEAVE, leave, Math.max(enter, after), start);
    }

    /** The same pace, with things that come from elsewhere. */
    public Temperament with(Entrance other) {
        return new Temperament(other, arrive, enter, leave, stagger);
    }
}
