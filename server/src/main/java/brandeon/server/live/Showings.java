package brandeon.server.live;

import java.util.List;
import java.util.UUID;

/** Knows where alerts of a show were shown. */
public interface Showings {

    /** Where something was shown between two instants, epoch milliseconds. */
    interface Places {
        /** Names of the sources that viewers saw then and that show alerts; none where there was none. */
        List<String> during(long from, long till);
    }

    /** All that is known of a show between two instants. */
    Places of(UUID show, long from, long till);
}
