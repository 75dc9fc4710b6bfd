package brandeon.core.show;

import brandeon.core.kind.ContentType;
import brandeon.core.pack.Json;
import brandeon.core.problem.Mistake;
import brandeon.core.theme.Piece;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * Deeds by their address: what it is about, the name of the deed, and figures of which most have a standard, so that an
 * address alone is a whole deed.
 */
public final class DeedAddress {

    /** What stands in an address in place of a piece for what is about the whole show. */
    public static final String SHOW = "show";

    /** What a figure is, in the words of JSON Schema. */
    public enum Type {
        INTEGER,
        NUMBER,
        STRING,
        BOOLEAN,
        ARRAY
    }

    /**
     * A figure of a deed.
     *
     * @param standard what it is when it is left out; empty where it must be given, or follows from how things stand
     * @param given    whether it must be given
     * @param words    what it means
     */
    public record Figure(String name, Type type, Optional<Object> standard, boolean given, String words) {
        private static Figure of(String name, Object standard, String words) {
            Type type = standard instanceof Boolean
                    ? Type.BOOLEAN
                    : standard instanceof Integer
                            ? Type.INTEGER
                            : standard instanceof Double ? Type.NUMBER : Type.STRING;
            return new Figure(name, type, Optional.of(standard), false, words);
        }

        private static Figure given(String name, Type type, String words) {
            return new Figure(name, type, Optional.empty(), true, words);
        }

        private static Figure following(String name, Type type, String words) {
            return new Figure(name, type, Optional.empty(), false, words);
        }
    }

    private static final Figure FIELD =
            Figure.following("field", Type.STRING, "which of its numbers, texts or lists; the first one when left out");
    private static final Figure SHOWN =
            Figure.following("shown", Type.BOOLEAN, "whether it is seen; the other way round when left out");
    private static final Figure HELD =
            Figure.following("held", Type.BOOLEAN, "whether it stands still; the other way round when left out");
    private static final Figure REQUEST =
            Figure.following("request", Type.STRING, "id of one; the first one that it fits when left out");
    private static final Figure SECONDS_UP =
            Figure.of("seconds", 0, "for how long it is seen; 0 until it is taken out");
    private static final Figure WORDS = Figure.of("words", "", "in place of the theme's; empty for those");
    private static final Figure PICTURE = Figure.of("picture", "", "name of a ready-made picture; empty for none");
    private static final Figure ALERT = Figure.given("alert", Type.STRING, "id of an alert that waits");
    private static final Figure SHOWING = Figure.of("showing", 0, "which showing of it, from 0");

    private static final Map<String, List<Figure>> FIGURES = Map.ofEntries(
            Map.entry("startBreak", List.of(Figure.of("seconds", 180, "how long it is planned"), WORDS, PICTURE)),
            Map.entry("lengthenBreak", List.of(Figure.of("seconds", 60, "by how much; less than 0 to shorten"))),
            Map.entry("writeBreak", List.of(WORDS, PICTURE)),
            Map.entry("tickMicrophone", List.of(Figure.of("muted", true, "whether it is off"))),
            Map.entry("atZero", List.of(Figure.of("sequence", "", "id of what starts at zero; empty for none"))),
            Map.entry("addTime", List.of(Figure.of("seconds", 60, "by how much; less than 0 to shorten"))),
            Map.entry("setClock", List.of(Figure.given("seconds", Type.INTEGER, "that it shows"))),
            Map.entry(
                    "aimClock",
                    List.of(
                            Figure.given("time", Type.STRING, "time of day, as 20:00"),
                            Figure.following("zone", Type.STRING, "IANA name; that of the show when left out"))),
            Map.entry("stepCount", List.of(FIELD, Figure.of("times", 1, "how many steps up; less than 0 for down"))),
            Map.entry("addToCount", List.of(FIELD, Figure.of("by", 1.0, "less than 0 to take away"))),
            Map.entry("setCount", List.of(FIELD, Figure.given("value", Type.NUMBER, "the number"))),
            Map.entry("resetCount", List.of(FIELD)),
            Map.entry(
                    "measureCount",
                    List.of(
                            FIELD,
                            Figure.of("step", 1.0, "by how much one press changes it"),
                            Figure.of("least", -Held.HeldCount.FARTHEST, "it never goes under it"),
                            Figure.of("most", Held.HeldCount.FARTHEST, "it never goes over it"))),
            Map.entry(
                    "colourSide",
                    List.of(
                            Figure.given("field", Type.STRING, "which side's: leftColour or rightColour"),
                            Figure.of("colour", "", "as #2f6b4f; empty for the theme's"))),
            Map.entry("winRound", List.of(Figure.given("right", Type.BOOLEAN, "which side"))),
            Map.entry(
                    "takeRequests",
                    List.of(
                            Figure.of("open", true, "whether viewers may ask"),
                            Figure.of("word", "!ask", "with which a chat line begins"),
                            Figure.of("each", 1, "of one person at once; 0 for any number"))),
            Map.entry(
                    "askFor", List.of(Figure.of("who", "", "who asks"), Figure.given("what", Type.STRING, "what for"))),
            Map.entry("approveRequest", List.of(REQUEST)),
            Map.entry("refuseRequest", List.of(REQUEST)),
            Map.entry("finishRequest", List.of(REQUEST)),
            Map.entry("moveRequest", List.of(REQUEST, Figure.of("place", 0, "among all of them, from 0"))),
            Map.entry(
                    "playTrack",
                    List.of(
                            Figure.given("title", Type.STRING, "of the track"),
                            Figure.of("artist", "", "who it is by"),
                            Figure.of("position", 0.0, "seconds since its beginning"),
                            Figure.of("length", 0.0, "seconds of all of it; 0 where that is not known"),
                            Figure.of("playing", true, "whether it goes on, or stands still"))),
            Map.entry("showTrack", List.of(SHOWN)),
            Map.entry("showTracksFor", List.of(Figure.of("seconds", 10, "0 for as long as it is heard"))),
            Map.entry(
                    "addLine",
                    List.of(
                            Figure.given("words", Type.STRING, "that it says"),
                            Figure.of("seconds", 600, "until it goes by itself; 0 until it is taken out"))),
            Map.entry("takeLine", List.of(Figure.of("line", 0, "among those that were added, from 0"))),
            Map.entry("holdTurns", List.of(HELD)),
            Map.entry("showCards", List.of(SHOWN, SECONDS_UP)),
            Map.entry("turnCards", List.of(Figure.of("by", 1, "how many further; less than 0 for back"))),
            Map.entry("putUp", List.of(Figure.given("card", Type.INTEGER, "counted from 0"), SECONDS_UP)),
            Map.entry("prepareCard", List.of(Figure.of("card", -1, "counted from 0; -1 for the one after"))),
            Map.entry("takeCard", List.of(SECONDS_UP)),
            Map.entry("writeCards", List.of(Figure.given("cards", Type.ARRAY, "objects with label and value"))),
            Map.entry("nextPoint", List.of(FIELD)),
            Map.entry("markPoints", List.of(FIELD, Figure.given("points", Type.ARRAY, "objects with point and state"))),
            Map.entry(
                    "writePoints",
                    List.of(FIELD, Figure.given("points", Type.ARRAY, "objects with state, label and value"))),
            Map.entry("say", List.of(FIELD, Figure.given("words", Type.STRING, "that it says"))),
            Map.entry("showPiece", List.of(SHOWN)),
            Map.entry("startNotice", List.of(Figure.of("seconds", 60, "how long it is"))),
            Map.entry("moveNotice", List.of(Figure.of("seconds", 300, "by how much; less than 0 for earlier"))),
            Map.entry("beginNotices", List.of(Figure.of("on", true, "whether they count from now on, or not at all"))),
            Map.entry(
                    "planNotices",
                    List.of(
                            Figure.of("first", 20, "minutes until the first one"),
                            Figure.of("every", 30, "minutes from one to the next; 0 for one alone"),
                            Figure.given("length", Type.INTEGER, "seconds of each; 0 for none"),
                            Figure.of("warning", 30, "seconds before each at which viewers are told"))),
            Map.entry(
                    "listNotices",
                    List.of(Figure.given(
                            "listed", Type.ARRAY, "objects with from (epoch milliseconds), seconds, name"))),
            Map.entry("allowViewers", List.of(Figure.of("on", false, "whether they may"))),
            Map.entry("writePresses", List.of(Figure.given("presses", Type.ARRAY, "what viewers may do"))),
            Map.entry("drop", List.of(ALERT, SHOWING)),
            Map.entry("move", List.of(ALERT, SHOWING, Figure.of("place", 0, "among those that wait, from 0"))));

    private DeedAddress() {}

    /** What can be said with a deed; none for those that need nothing, and for those that have no address. */
    public static List<Figure> figures(String deed) {
        return FIGURES.getOrDefault(deed, List.of());
    }

    /**
     * The cue at an address.
     *
     * @param about id of a piece or sequence, or {@link #SHOW}
     * @param given figures by name; those that are left out have their standard
     * @param zone  of the show, for times of day
     * @throws Mistake where there is no such deed, a figure is wrong, or one that is needed is missing
     */
    public static Cue cue(
            Show show, Starting starting, String about, String deed, Map<String, Object> given, String zone) {
        CueGroup group = CueGroup.of(deed)
                .filter(found -> found != CueGroup.ALERTS && found != CueGroup.STATE)
                .orElseThrow(() -> new Mistake("There is no deed called “" + deed + "”."));
        Map<String, Object> document = new LinkedHashMap<>();
        document.put("cue", deed);
        switch (group) {
            case BREAK, NOTICES, VIEWERS, REQUESTS, TRACK -> {}
            case SEQUENCES -> document.put("sequence", about);
            case CLOCKS, COUNTS, CARDS, POINTS, LINES, WORDS, SIGHT -> document.put("piece", about);
            case ALERTS, STATE -> throw new IllegalArgumentException(deed);
        }
        for (Figure figure : figures(deed)) {
            if (given.containsKey(figure.name())) {
                continue;
            }
            if (figure.given()) {
                throw new Mistake(String.format(
                        Locale.ROOT, "“%s” needs the figure “%s”: %s.", deed, figure.name(), figure.words()));
            }
            document.put(
                    figure.name(),
                    figure.standard().orElseGet(() -> following(show, starting, about, deed, figure, zone)));
        }
        document.putAll(given);
        return Json.readFromOutside(Json.write(document), Cue.class);
    }

    /** What follows from how things stand. */
    private static Object following(
            Show show, Starting starting, String about, String deed, Figure figure, String zone) {
        if (figure.name().equals("zone")) {
            return zone;
        }
        if (figure == REQUEST) {
            boolean waits = deed.equals("approveRequest");
            return show.requests().asked().stream()
                    .filter(one -> waits ? !one.approved() : !deed.equals("finishRequest") || one.approved())
                    .map(Requests.Request::id)
                    .findFirst()
                    .orElseThrow(() -> new Mistake("There is no request that this could be about."));
        }
        if (deed.equals("showTrack")) {
            return !show.tracks().seen();
        }
        Piece piece = starting.piece(about)
                .orElseThrow(() -> new Mistake("There is no piece called “" + about + "” in this show."));
        if (figure == FIELD) {
            ContentType type = deed.endsWith("Count")
                    ? ContentType.COUNT
                    : deed.equals("say") ? ContentType.WORDS : ContentType.POINTS;
            return Starting.slots(piece, type).stream()
                    .findFirst()
                    .orElseThrow(() -> new Mistake("“" + piece.name() + "” has nothing that this could be about."));
        }
        Stand stand = new Stand(show, starting, 0);
        if (figure == HELD) {
            return !stand.held(piece, Slot.ADDED, Held.HeldLines.class, "lines to which others could be added")
                    .held();
        }
        return deed.equals("showPiece")
                ? !stand.held(piece, Slot.SIGHT, Held.HeldSight.class, "sight").shown()
                : !CardCue.Deck.of(stand, about).held().shown();
    }
}
