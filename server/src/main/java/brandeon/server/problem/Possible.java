package brandeon.server.problem;

import java.util.List;
import java.util.function.Function;
import org.springframework.data.domain.Limit;

/**
 * The first of somebody's steps that can be done. What others did since may stand in the way of one; it is passed over
 * then, so that it does not stand in the way of all before it.
 */
public final class Possible {

    /** So many are looked at. */
    private static final int MOST = 20;

    private Possible() {}

    /**
     * What comes of the first step that can be done. Nearly always it is the very first, so the others are read only
     * where that is refused.
     *
     * @param steps in the order in which they are tried
     * @param tried throws {@link Refused} where it cannot be done; changes nothing
     * @param none  what is said where there are no steps
     * @throws Refused where none can be done, for the reason of the first
     */
    public static <S, T> T first(Function<Limit, List<S>> steps, Function<S, T> tried, String none) {
        S latest = steps.apply(Limit.of(1)).stream().findFirst().orElseThrow(() -> new Refused(none));
        try {
            return tried.apply(latest);
        } catch (Refused refused) {
            for (S step : steps.apply(Limit.of(MOST))) {
                if (!step.equals(latest)) {
                    try {
                        return tried.apply(step);
                    } catch (Refused e) {
                        // The next one.
                    }
                }
            }
            throw refused;
        }
    }
}
