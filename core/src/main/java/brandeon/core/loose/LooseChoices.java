package brandeon.core.loose;

import brandeon.core.problem.Mistake;
import java.util.List;
import java.util.Optional;

/**
 * What somebody wants otherwise than a pack proposes.
 *
 * @param files what was said of single files
 * @param places what goes where instead
 */
public record LooseChoices(List<FileChoice> files, List<PlaceChoice> places) {

    public static final LooseChoices NONE = new LooseChoices(List.of(), List.of());

    private static final int LONGEST_NAME = 120;

    public LooseChoices {
        files = List.copyOf(files);
        places = List.copyOf(places);
    }

    /**
     * @param what    it is, where it is a picture; empty for what was found
     * @param out     whether it is left out
     * @param name    empty for the one that was made of the file's
     * @param apart   whether it is no variant or twin of another
     * @param instead whether it is the one of its group that is taken
     */
    public record FileChoice(
            int number, Optional<What> what, boolean out, String name, boolean apart, boolean instead) {

        public FileChoice {
            if (name.length() > LONGEST_NAME) {
                throw new Mistake("The name of a file has at most " + LONGEST_NAME + " letters.");
            }
        }
    }

    /** @param place its id @param value id of what goes there; empty for nothing */
    public record PlaceChoice(String place, String value) {}
}
