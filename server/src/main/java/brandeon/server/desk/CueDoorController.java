package brandeon.server.desk;

import brandeon.core.pack.Json;
import brandeon.core.problem.Mistake;
import brandeon.core.show.Break;
import brandeon.core.show.Cue;
import brandeon.core.show.CueGroup;
import brandeon.core.show.DeedAddress;
import brandeon.core.show.Grant;
import brandeon.core.show.Panel;
import brandeon.core.show.Show;
import brandeon.core.show.ShowCue;
import brandeon.core.show.TrackCue;
import brandeon.server.access.Addresses;
import brandeon.server.file.TextBody;
import brandeon.server.live.AlertDesk;
import brandeon.server.pass.Passes;
import brandeon.server.show.Actor;
import brandeon.server.show.Door;
import brandeon.server.show.RunningShows;
import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonValue;
import java.io.IOException;
import java.io.InputStream;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Deeds by their address, for buttons, scripts and devices: the deed in the path, its figures as JSON or in the query. */
@RestController
@RequestMapping("/cues/{token}")
class CueDoorController {

    private static final String KEY = "Idempotency-Key";
    private static final int LONGEST_KEY = 60;

    /**
     * What became of a deed, with what it was about as it is now.
     *
     * @param control of a piece; null for what is about the whole show
     * @param pause   the break that is on; null for none
     */
    record DeedAnswer(
            String sentence, boolean repeated, long version, Optional<Panel.Control> control, Optional<Break> pause) {}

    private final Passes passes;
    private final RunningShows shows;
    private final AlertDesk alerts;
    private final Addresses addresses;

    CueDoorController(Passes passes, RunningShows shows, AlertDesk alerts, Addresses addresses) {
        this.passes = passes;
        this.shows = shows;
        this.alerts = alerts;
        this.addresses = addresses;
    }

    /** One deed; nothing needs to be sent where all its figures have a standard. */
    @PostMapping("/{about}/{deed}")
    DeedAnswer deed(
            @PathVariable String token,
            @PathVariable String about,
            @PathVariable String deed,
            @RequestParam Map<String, String> query,
            @RequestHeader(name = KEY, defaultValue = "") String key,
            InputStream body)
            throws IOException {
        Passes.Pass pass = passes.enter(token);
        boolean whole = about.equals(DeedAddress.SHOW);
        PassDeskController.require(pass, deed, Grant.take(pass.grants(), deed, whole ? "" : about));
        Map<String, Object> figures = figures(query, TextBody.utf8(body, "This body"));
        RunningShows.Running show = passes.show(pass);
        Actor actor = passes.actor(pass, Door.ADDRESS);
        if (CueGroup.of(deed).filter(group -> group == CueGroup.ALERTS).isPresent()) {
            alerts.change(show.workspace(), show.id(), Optional.empty(), alert(deed, figures));
            return new DeedAnswer(
                    "Alerts: " + deed,
                    false,
                    show.version(),
                    Optional.empty(),
                    show.show().pause());
        }
        Cue cue = DeedAddress.cue(
                show.show().at(System.currentTimeMillis()),
                shows.starting(show),
                about,
                deed,
                figures,
                show.counting().zone());
        PassDeskController.require(pass, deed, Grant.take(pass.grants(), cue));
        return answer(shows.cue(actor, show.id(), cue, named(pass, key)), pass, whole ? "" : about);
    }

    /** All that the show says now, as JSON. */
    @GetMapping("/state")
    ResponseEntity<Show> state(@PathVariable String token) {
        Passes.Pass pass = passes.enter(token);
        PassDeskController.require(pass, "readState", Grant.take(pass.grants(), "readState", ""));
        return ResponseEntity.ok()
                .cacheControl(CacheControl.noStore())
                .body(passes.show(pass).show().at(System.currentTimeMillis()));
    }

    /** Everything at once, all or nothing. */
    @PutMapping("/state")
    DeedAnswer put(
            @PathVariable String token, @RequestHeader(name = KEY, defaultValue = "") String key, InputStream body)
            throws IOException {
        Passes.Pass pass = passes.enter(token);
        PassDeskController.require(pass, "putState", Grant.take(pass.grants(), "putState", ""));
        String text = TextBody.utf8(body, "This state");
        if (text.isBlank()) {
            throw new Mistake("The state is sent as JSON; say Content-Type: application/json.");
        }
        Show state = Json.readFromOutside(text, Show.class);
        Actor actor = passes.actor(pass, Door.ADDRESS);
        return answer(shows.cue(actor, pass.show(), new ShowCue.PutState(state), named(pass, key)), pass, "");
    }

    /** What is heard now, as a player sends it again and again; without a title nothing is heard. */
    @PutMapping("/track")
    DeedAnswer track(@PathVariable String token, InputStream body) throws IOException {
        Passes.Pass pass = passes.enter(token);
        Map<String, Object> figures = figures(Map.of(), TextBody.utf8(body, "This track"));
        boolean silent = figures.getOrDefault("title", "") instanceof String title && title.isBlank();
        String deed = silent ? "endTrack" : "playTrack";
        PassDeskController.require(pass, deed, Grant.take(pass.grants(), deed, ""));
        RunningShows.Running show = passes.show(pass);
        Cue cue = DeedAddress.cue(
                show.show(),
                shows.starting(show),
                DeedAddress.SHOW,
                deed,
                silent ? Map.of() : figures,
                show.counting().zone());
        if (cue instanceof TrackCue heard && heard.known(show.show().tracks(), System.currentTimeMillis())) {
            return answer(new RunningShows.Done(show, "That is known already", true), pass, "");
        }
        return answer(shows.cue(passes.actor(pass, Door.ADDRESS), show.id(), cue, ""), pass, "");
    }

    /** OpenAPI 3.1 of exactly what this pass can do, with each deed of each piece at its address. */
    @GetMapping(path = "/openapi.json", produces = MediaType.APPLICATION_JSON_VALUE)
    Map<String, Object> description(@PathVariable String token) {
        Passes.Pass pass = passes.enter(token);
        RunningShows.Running show = passes.show(pass);
        Show now = show.show().at(System.currentTimeMillis());
        return CueDescription.of(
                addresses.base() + "/cues/" + token,
                show.name(),
                pass.grants(),
                Panel.of(now, shows.starting(show)),
                now.sequences());
    }

    private DeedAnswer answer(RunningShows.Done done, Passes.Pass pass, String about) {
        Show now = done.show().show().at(System.currentTimeMillis());
        Optional<Panel.Control> control =
                Panel.within(Panel.of(now, shows.starting(done.show())), pass.grants()).stream()
                        .filter(one -> one.piece().equals(about))
                        .findFirst();
        return new DeedAnswer(done.sentence(), done.repeated(), done.show().version(), control, now.pause());
    }

    /** The same key means another deed with another pass. */
    private static String named(Passes.Pass pass, String key) {
        if (key.length() > LONGEST_KEY) {
            throw new Mistake("The header " + KEY + " has at most " + LONGEST_KEY + " letters.");
        }
        return key.isEmpty() ? "" : pass.id() + " " + key;
    }

    private static AlertDesk.AlertWish alert(String deed, Map<String, Object> given) {
        Map<String, Object> figures = new LinkedHashMap<>(Map.of("alert", "", "showing", 0, "place", 0));
        figures.putAll(given);
        figures.put("deed", AlertDesk.AlertDeed.of(deed).name());
        return Json.readFromOutside(Json.write(figures), AlertDesk.AlertWish.class);
    }

    /** Figures of the body come before those of the query. */
    private static Map<String, Object> figures(Map<String, String> query, String body) {
        Map<String, Object> figures = new LinkedHashMap<>();
        query.forEach((name, text) -> figures.put(name, value(text)));
        if (!body.isBlank()) {
            figures.putAll(Json.readFromOutside(body, Figures.class).all());
        }
        return figures;
    }

    /** An object of any figures. */
    private record Figures(@JsonValue Map<String, Object> all) {
        @JsonCreator
        Figures {}
    }

    /** What looks like a number or a yes or no is one. */
    private static Object value(String text) {
        if (text.equals("true") || text.equals("false")) {
            return Boolean.valueOf(text);
        }
        if (text.matches("-?\\d{1,18}")) {
            return Long.valueOf(text);
        }
        return text.matches("-?\\d{1,18}\\.\\d{1,9}") ? (Object) Double.valueOf(text) : text;
    }
}
