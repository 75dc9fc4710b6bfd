package brandeon.core.begin;

import brandeon.core.canvas.Size;
import brandeon.core.colour.Colour;
import brandeon.core.problem.Mistake;
import brandeon.core.text.Letters;
import brandeon.core.theme.SceneRole;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What somebody answered so far; the standard where nothing was answered.
 *
 * @param name   of the theme
 * @param seeds  of its brand, 1 to 5
 * @param family by its id
 * @param roles  of the scenes, at least one; in their own order
 * @param canvases at least one
 * @param camera its size; empty when there is none
 * @param play   what is shown beside the camera
 * @param side   where the camera stands on a wide canvas
 * @param words  what each text says; the standard where there is none
 */
public record Answers(
        String name,
        List<Colour> seeds,
        String family,
        List<SceneRole> roles,
        List<Format> canvases,
        Optional<Size> camera,
        Play play,
        Side side,
        Map<Words, String> words) {

    private static final int LONGEST_NAME = 120;
    private static final int MOST_SEEDS = 5;
    private static final int LONGEST_WORDS = 200;

    /** Canvases of common services: common practice, no source. */
    public enum Format {
        WIDE("Wide", Size.of(1920, 1080)),
        UPRIGHT("Upright", Size.of(1080, 1920)),
        SQUARE("Square", Size.of(1080, 1080));

        private final String title;
        private final Size size;

        Format(String title, Size size) {
            this.title = title;
            this.size = size;
        }

        public String title() {
            return title;
        }

        public Size size() {
            return size;
        }
    }

    /** What is captured besides the camera. */
    public enum Play {
        GAME("Game"),
        SCREEN("Screen"),
        NONE("Nothing");

        private final String title;

        Play(String title) {
            this.title = title;
        }

        public String title() {
            return title;
        }
    }

    /** Where the camera stands beside what is shown, on a wide canvas. */
    public enum Side {
        LEFT,
        RIGHT
    }

    /** The texts that are asked for, each with where it stands. */
    public enum Words {
        STARTING_TITLE(SceneRole.STARTING, "Starting: title", "Starting soon"),
        STARTING_LINE(SceneRole.STARTING, "Starting: line under it", ""),
        AWAY_TITLE(SceneRole.AWAY, "Away: title", "Back soon"),
        AWAY_LINE(SceneRole.AWAY, "Away: line under it", ""),
        ENDING_TITLE(SceneRole.ENDING, "Ending: title", "Thank you"),
        ENDING_LINE(SceneRole.ENDING, "Ending: your handles", ""),
        CAMERA_NAME(SceneRole.LIVE, "Your name, on the camera", ""),
        BAND_LABEL(SceneRole.LIVE, "Band: label", ""),
        BAND_MESSAGE(SceneRole.LIVE, "Band: message", "");

        private final SceneRole role;
        private final String title;
        private final String standard;

        Words(SceneRole role, String title, String standard) {
            this.role = role;
            this.title = title;
            this.standard = standard;
        }

        /** The first scene on which it is seen. */
        public SceneRole role() {
            return role;
        }

        public String title() {
            return title;
        }

        /** Empty where it follows from the theme's name, or where nothing is said. */
        public String standard() {
            return standard;
        }
    }

    public Answers {
        if (name.isBlank() || name.length() > LONGEST_NAME || !Letters.oneLine(name)) {
            throw new Mistake("A name has between 1 and " + LONGEST_NAME + " letters on one line.");
        }
        if (seeds.isEmpty() || seeds.size() > MOST_SEEDS) {
            throw new Mistake("A brand has between 1 and " + MOST_SEEDS + " colours of its own.");
        }
        if (roles.isEmpty()) {
            throw new Mistake("Choose at least one scene.");
        }
        if (canvases.isEmpty()) {
            throw new Mistake("Choose at least one canvas.");
        }
        words.values().forEach(text -> {
            if (text.length() > LONGEST_WORDS) {
                throw new Mistake("A text has at most " + LONGEST_WORDS + " letters here.");
            }
        });
        name = name.strip();
        seeds = seeds.stream().map(seed -> seed.withAlpha(1)).toList();
        roles = new LinkedHashSet<>(roles).stream().sorted().toList();
        canvases = new LinkedHashSet<>(canvases).stream().sorted().toList();
        words = Map.copyOf(words);
    }

    public Answers withSeeds(List<Colour> next) {
        return new Answers(name, next, family, roles, canvases, camera, play, side, words);
    }

    /** What a text says: as answered, else the standard. */
    public String says(Words words) {
        String said = this.words.getOrDefault(words, "").strip();
        return said.isEmpty() ? words.standard() : said;
    }
}
