package brandeon.server.problem;

import java.util.List;
import java.util.function.Function;

/**
 * The first of somebody's steps that can be done, with what comes of it. What others did since may stand in the way of
 * one; it is passed over then, so that it does not stand in the way of all before it.
 */
public record Possible<S, A>(S step, A applied) {

    /** So many are looked at. */
    public static final int MOST = 20;

    /**
     * @param steps in the order in which they are tried
     * @param apply throws {@link Refused} where it cannot be done; changes nothing
     * @param none  what is said where there are no steps
     * @throws Refused where none can be done, for the reason of the first
     */
    public static <S, A> Possible<S, A> first(List<S> steps, Function<S, A> apply, String none) {
        Refused first = null;
        for (S step : steps) {
            try {
                return new Possible<>(step, apply.apply(step));
            } catch (Refused e) {
                first = first == null ? e : first;
            }
        }
        throw first == null ? new Refused(none) : first;
    }
}
