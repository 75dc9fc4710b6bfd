package brandeon.core.watch;

import brandeon.core.preflight.Finding;
import brandeon.core.preflight.Fix;
import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.Optional;

/**
 * Something that is wrong with a source, and what to do.
 *
 * @param outlet   the source; empty when it is about a program
 * @param sentence what was seen
 * @param since    when that began, epoch milliseconds; 0 where that is not known
 * @param remedy   what to do, in words that fit every broadcasting software
 * @param fix      where it lies in the theme
 */
public record SourceFinding(
        Kind kind,
        String outlet,
        String scene,
        String canvas,
        String piece,
        String sentence,
        long since,
        String remedy,
        Optional<Fix> fix) {

    public enum Kind {
        WRONG_SIZE(Finding.Weight.BROKEN),
        OLD_LINK(Finding.Weight.BROKEN),
        MISSING(Finding.Weight.BROKEN),
        WRONG_ORDER(Finding.Weight.BROKEN),
        TWICE(Finding.Weight.POOR),
        OTHER_RELEASE(Finding.Weight.POOR),
        RESTS(Finding.Weight.POOR),
        SLOW(Finding.Weight.POOR),
        SETTINGS(Finding.Weight.POOR),
        WRONG_RATE(Finding.Weight.NOTE),
        ZOOMED(Finding.Weight.NOTE),
        NOT_SEEN(Finding.Weight.NOTE);

        private final Finding.Weight weight;

        Kind(Finding.Weight weight) {
            this.weight = weight;
        }
    }

    @JsonProperty
    public Finding.Weight weight() {
        return kind.weight;
    }
}
