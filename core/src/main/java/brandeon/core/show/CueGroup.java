package brandeon.core.show;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/** What belongs together when a show is run, and when somebody is given the right to do some of it. */
public enum CueGroup {
    BREAK(
            "Break",
            deeds("startBreak", "start", "lengthenBreak", "lengthen", "endBreak", "end")
                    .and("writeBreak", "change its words")
                    .and("tickMicrophone", "tick off the microphone")),
    NOTICES(
            "Advertising",
            deeds(
                            "startNotice",
                            "say that it is on",
                            "endNotice",
                            "say that it is over",
                            "moveNotice",
                            "move the next one")
                    .and("skipNotice", "leave the next one out")
                    .and("beginNotices", "begin and end the schedule")
                    .and("planNotices", "plan the schedule")
                    .and("listNotices", "write the list")),
    CLOCKS(
            "Clocks",
            deeds("startClock", "start", "pauseClock", "pause", "addTime", "add and take time")
                    .and("setClock", "set")
                    .and("aimClock", "count down to a time of day")
                    .and("setClockBack", "set back")
                    .and("atZero", "say what starts at zero")),
    COUNTS(
            "Counts and scores",
            deeds("stepCount", "plus and minus", "addToCount", "add any number", "setCount", "set")
                    .and("resetCount", "reset")
                    .and("measureCount", "change step and limits")
                    .and("winRound", "win a round")
                    .and("colourSide", "colours of the sides")
                    .and("swapSides", "swap sides")),
    CARDS(
            "Cards",
            deeds("showCards", "take in and out", "turnCards", "next and previous", "putUp", "go to")
                    .and("prepareCard", "prepare the next one")
                    .and("takeCard", "take the prepared one")
                    .and("writeCards", "write cards")),
    POINTS("Points", deeds("nextPoint", "next", "markPoints", "mark", "writePoints", "add, change and reorder")),
    REQUESTS(
            "Requests",
            deeds("approveRequest", "approve", "refuseRequest", "refuse", "finishRequest", "done")
                    .and("askFor", "add by hand")
                    .and("moveRequest", "change their order")
                    .and("takeRequests", "open, close and limit them")
                    .and("clearRequests", "clear all")),
    TRACK(
            "Track",
            deeds(
                            "playTrack",
                            "say what is heard",
                            "endTrack",
                            "say that nothing is heard",
                            "showTrack",
                            "show and hide")
                    .and("showTracksFor", "say for how long each is shown")
                    .and("forgetTrack", "back to the theme's words")),
    LINES(
            "Ticker and turns",
            deeds("addLine", "add a line", "takeLine", "take a line out", "nextTurn", "next")
                    .and("holdTurns", "stop and go on")),
    WORDS("Words", deeds("say", "change words")),
    SIGHT("Shown and hidden", deeds("showPiece", "show and hide")),
    SEQUENCES(
            "Sequences",
            deeds("startSequence", "start", "stopSequence", "stop", "writeSequence", "prepare")
                    .and("removeSequence", "remove")),
    ALERTS(
            "Alerts",
            deeds("pause", "pause", "resume", "go on", "skip", "skip")
                    .and("silence", "silence")
                    .and("sound", "let be heard")
                    .and("repeat", "repeat the last one")
                    .and("move", "change their order")
                    .and("drop", "drop one that waits")
                    .and("dropAll", "drop all that wait")),
    VIEWERS(
            "Viewers",
            deeds("allowViewers", "let them press, or not")
                    .and("writePresses", "say what they may do")
                    .and("forgetPresses", "count anew")),
    STATE("Whole state", deeds("readState", "take out as JSON").and("putState", "put in as JSON"));

    /** By class of a cue: under which name documents have it. */
    private static final Map<Class<?>, String> NAMES = Arrays.stream(
                    Cue.class.getAnnotation(JsonSubTypes.class).value())
            .collect(Collectors.toUnmodifiableMap(JsonSubTypes.Type::value, JsonSubTypes.Type::name));

    /** By the name of a deed. */
    private static final Map<String, CueGroup> GROUPS = Arrays.stream(values())
            .flatMap(group -> group.deeds.keySet().stream().map(deed -> Map.entry(deed, group)))
            .collect(Collectors.toUnmodifiableMap(Map.Entry::getKey, Map.Entry::getValue));

    private final String title;
    private final Map<String, String> deeds;

    CueGroup(String title, Deeds deeds) {
        this.title = title;
        this.deeds = deeds.all();
    }

    public String title() {
        return title;
    }

    /** Names of all that can be done, with what that is in words. */
    public Map<String, String> deeds() {
        return deeds;
    }

    /** Under which name documents and rights have a cue. */
    public static String deed(Cue cue) {
        return NAMES.get(cue.getClass());
    }

    /** Empty for what belongs to whoever may do everything: putting back, and letting the theme speak again. */
    public static Optional<CueGroup> of(String deed) {
        return Optional.ofNullable(GROUPS.get(deed));
    }

    private record Deeds(Map<String, String> all) {
        Deeds and(String name, String words) {
            all.put(name, words);
            return this;
        }
    }

    private static Deeds deeds(
            String first, String does, String second, String doesToo, String third, String doesAlso) {
        return deeds(first, does).and(second, doesToo).and(third, doesAlso);
    }

    private static Deeds deeds(String name, String words) {
        return new Deeds(new LinkedHashMap<>()).and(name, words);
    }
}
