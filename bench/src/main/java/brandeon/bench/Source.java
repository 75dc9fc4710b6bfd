package brandeon.bench;

import java.util.List;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * A line of a theme's ledger: what a browser source opens.
 *
 * @param place scene, canvas and part, as in {@code hide/wide/WHOLE}
 */
record Source(String outlet, String place, String link, int width, int height) {

    private static final JsonMapper JSON = new JsonMapper();

    /** @param ledger as the server sends it */
    static List<Source> of(String ledger) {
        return JSON.readTree(ledger)
                .path("rows")
                .valueStream()
                .map(row -> new Source(
                        word(row, "outlet"),
                        String.join("/", word(row, "scene"), word(row, "canvas"), word(row, "part")),
                        word(row, "link"),
                        row.required("width").asInt(),
                        row.required("height").asInt()))
                .toList();
    }

    /** The one at that place. */
    static Source at(String place, String ledger) {
        return of(ledger).stream()
                .filter(source -> source.place().equals(place))
                .findFirst()
                .orElseThrow(() -> new IllegalStateException("The demo has nothing on air at " + place + "."));
    }

    /** A page of the same size at another address. */
    Source opening(String other) {
        return new Source(outlet, place, other, width, height);
    }

    private static String word(JsonNode row, String name) {
        return row.required(name).asString();
    }
}
