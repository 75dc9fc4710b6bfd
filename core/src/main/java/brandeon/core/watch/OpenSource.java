package brandeon.core.watch;

/**
 * What one open source said of itself.
 *
 * @param outlet     whose link it opened
 * @param program    the program it is open in, as far as that can be told: sources of one program have the same; may be
 *                   empty
 * @param where      address of the machine, and what kind of program it is, for people
 * @param width      of its page, in CSS pixels
 * @param pixelRatio pixels of the screen for each of them; 1 in broadcasting software
 * @param visible    whether viewers see it, by what its browser says
 * @param since      when it became visible or hidden, epoch milliseconds
 * @param behind     whether it still paints another picture than the present one
 * @param slowest    longest time between two frames lately, in milliseconds; 0 while nothing moves
 * @param rate       frames a second lately; 0 while nothing moves
 * @param loads      how often a page with this link was loaded in this program during the last hour
 * @param order      its place in its scene, counted from the bottom; -1 where that is not known
 * @param under      how many captures stand above it there; -1 where that is not known
 * @param practice   whether it runs in the practice rig or another page, where no viewer sees it
 * @param settings   what stands in its link for it alone; empty for nothing
 */
public record OpenSource(
        String outlet,
        String program,
        String where,
        int width,
        int height,
        double pixelRatio,
        boolean visible,
        long since,
        boolean behind,
        double slowest,
        double rate,
        int loads,
        int order,
        int under,
        boolean practice,
        String settings) {

    /** The places of sources in their scene are told by programs that know them, such as the practice rig. */
    public boolean ordered() {
        return order >= 0;
    }
}
