package brandeon.server.rehearse;

import brandeon.core.live.AlertRule;
import brandeon.core.live.Fate;
import brandeon.core.live.SignalKind;
import brandeon.core.problem.Mistake;
import brandeon.core.rehearse.Outcome;
import brandeon.core.rehearse.Script;
import brandeon.core.rehearse.ScriptLine;
import brandeon.core.rehearse.Scripts;
import brandeon.core.text.Letters;
import brandeon.core.text.Money;
import brandeon.server.access.Member;
import brandeon.server.access.Members;
import brandeon.server.access.Role;
import brandeon.server.channel.Channels;
import brandeon.server.file.TextBody;
import brandeon.server.live.Facts;
import brandeon.server.problem.NotFound;
import brandeon.server.problem.Refused;
import brandeon.server.show.RunningShows;
import java.io.IOException;
import java.io.InputStream;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.IntStream;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** A show is rehearsed: scripts are played to it, and what was shown stands against what was expected. */
@RestController
class RehearsalController {

    /** Lines of a report. */
    private static final int MOST = 2000;

    private static final int LONGEST_HOURS = 12;

    record ReadyScript(String id, String title, String says, double seconds, int signals) {}

    /** @param at seconds */
    record ScriptMark(double at, SignalKind signal, String name) {}

    /** A script that can be played. @param text JSON lines; see docs/formats.md */
    record ScriptView(String text, double seconds, List<ScriptMark> marks) {}

    /**
     * @param began epoch milliseconds
     * @param now   of the server, likewise
     * @param trouble why it ended early, in a sentence; else empty
     */
    record RehearsalView(
            UUID id,
            String name,
            UUID channel,
            double speed,
            double seconds,
            long began,
            long now,
            int sent,
            int signals,
            Rehearsal.State state,
            String trouble) {}

    /**
     * One signal of the script.
     *
     * @param expected whether a rule announces it, as rules are now
     * @param from     when it was on screen, epoch milliseconds; 0 when it was not yet
     * @param with     of whom, where it is shown with the alert of another one
     */
    record Came(
            double at,
            SignalKind signal,
            String name,
            String money,
            boolean expected,
            Outcome outcome,
            boolean right,
            long from,
            long till,
            String with) {}

    /**
     * @param outcomes how many signals ended how
     * @param wrong    how many ended otherwise than expected
     * @param lines    the first of them, those that ended otherwise before the others
     */
    record RehearsalReport(RehearsalView rehearsal, Map<Outcome, Integer> outcomes, int wrong, List<Came> lines) {}

    private final Members members;
    private final Channels channels;
    private final RunningShows shows;
    private final Rehearsals rehearsals;
    private final Facts facts;

    RehearsalController(Members members, Channels channels, RunningShows shows, Rehearsals rehearsals, Facts facts) {
        this.members = members;
        this.channels = channels;
        this.shows = shows;
        this.rehearsals = rehearsals;
        this.facts = facts;
    }

    @GetMapping("/api/scripts")
    List<ReadyScript> ready() {
        members.current();
        return Scripts.all().stream()
                .map(one -> new ReadyScript(
                        one.id(),
                        one.title(),
                        one.says(),
                        one.script().seconds(),
                        one.script().lines().size()))
                .toList();
    }

    @GetMapping("/api/scripts/{id}")
    ScriptView ready(@PathVariable String id) {
        members.current();
        return view(Scripts.find(id)
                .orElseThrow(() -> new NotFound("There is no such script."))
                .script());
    }

    /** Reads a script that somebody wrote, and plays nothing. */
    @PostMapping(value = "/api/scripts/read", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    ScriptView read(InputStream body) throws IOException {
        members.current();
        return view(script(body));
    }

    private static Script script(InputStream body) throws IOException {
        return Script.read(TextBody.utf8(body, "This script"));
    }

    /** What really came to a channel lately, as a script. */
    @GetMapping("/api/channels/{channel}/script")
    ScriptView recorded(@PathVariable UUID channel, @RequestParam(defaultValue = "4") int hours) {
        Member member = members.current().requires(Role.OPERATOR);
        if (hours < 1 || hours > LONGEST_HOURS) {
            throw new Mistake("A script is made of the last 1 to 12 hours.");
        }
        var came = facts.came(channels.get(member, channel), Instant.now().minus(Duration.ofHours(hours)), Script.MOST);
        if (came.isEmpty()) {
            throw new Refused("Nothing came in the last " + (hours == 1 ? "hour" : hours + " hours")
                    + "; practice signals are not recorded.");
        }
        return view(Script.of(came));
    }

    /** Plays a script, which is the request's body. @param speed how many of its seconds pass in one, 1 to 60 */
    @PostMapping(value = "/api/channels/{channel}/rehearsals", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    RehearsalView play(
            @PathVariable UUID channel,
            @RequestParam String name,
            @RequestParam(defaultValue = "1") double speed,
            InputStream body)
            throws IOException {
        Member member = members.current().requires(Role.OPERATOR);
        Channels.Channel mine = channels.get(member, channel);
        return view(rehearsals.play(mine, Letters.name(name, "A script's"), script(body), speed));
    }

    @GetMapping("/api/shows/{show}/rehearsals")
    List<RehearsalView> all(@PathVariable UUID show) {
        return rehearsals.of(shows.get(members.current(), show).id()).stream()
                .map(RehearsalController::view)
                .toList();
    }

    @GetMapping("/api/shows/{show}/rehearsals/{rehearsal}")
    RehearsalReport report(@PathVariable UUID show, @PathVariable UUID rehearsal) {
        return report(rehearsals.get(shows.get(members.current(), show).id(), rehearsal));
    }

    @PostMapping("/api/shows/{show}/rehearsals/{rehearsal}/stop")
    RehearsalView stop(@PathVariable UUID show, @PathVariable UUID rehearsal) {
        Rehearsal one = mine(show, rehearsal);
        one.stop();
        return view(one);
    }

    /** The same script from its beginning. */
    @PostMapping("/api/shows/{show}/rehearsals/{rehearsal}/again")
    RehearsalView again(@PathVariable UUID show, @PathVariable UUID rehearsal) {
        Rehearsal one = mine(show, rehearsal);
        one.stop();
        return view(rehearsals.play(one.channel(), one.name(), one.script(), one.speed()));
    }

    private Rehearsal mine(UUID show, UUID rehearsal) {
        Member member = members.current().requires(Role.OPERATOR);
        return rehearsals.get(shows.get(member, show).id(), rehearsal);
    }

    private static ScriptView view(Script script) {
        return new ScriptView(
                script.write(),
                script.seconds(),
                script.lines().stream()
                        .map(line -> new ScriptMark(line.at(), line.signal(), line.name()))
                        .toList());
    }

    private static RehearsalView view(Rehearsal one) {
        return view(one, one.progress());
    }

    private static RehearsalView view(Rehearsal one, Rehearsal.Progress progress) {
        return new RehearsalView(
                one.id(),
                one.name(),
                one.channel().id(),
                one.speed(),
                one.script().seconds(),
                one.begun(),
                System.currentTimeMillis(),
                progress.sent(),
                one.script().lines().size(),
                progress.state(),
                progress.trouble());
    }

    private RehearsalReport report(Rehearsal one) {
        // What was sent is counted before what came is looked up, so that nothing seems lost that is on its way.
        Rehearsal.Progress progress = one.progress();
        int sent = progress.sent();
        List<ScriptLine> script = one.script().lines();
        Map<String, Facts.Line> became = facts.became(
                one.channel(), IntStream.range(0, sent).mapToObj(one::kept).toList());
        List<AlertRule> rules = shows.announcing(one.channel().show()).rules();
        long now = System.currentTimeMillis();
        List<Came> lines = new ArrayList<>();
        for (int i = 0; i < script.size(); i++) {
            lines.add(came(one, i, script.get(i), i < sent, became.get(one.kept(i)), rules, now));
        }
        Map<Outcome, Integer> outcomes = new EnumMap<>(Outcome.class);
        lines.forEach(line -> outcomes.merge(line.outcome(), 1, Integer::sum));
        List<Came> wrong = lines.stream().filter(line -> !line.right()).toList();
        List<Came> first = new ArrayList<>(wrong);
        lines.stream().filter(Came::right).forEach(first::add);
        return new RehearsalReport(
                view(one, progress),
                outcomes,
                wrong.size(),
                first.stream().limit(MOST).toList());
    }

    private static Came came(
            Rehearsal one,
            int number,
            ScriptLine line,
            boolean sent,
            Facts.Line became,
            List<AlertRule> rules,
            long now) {
        boolean expected = became != null
                && line.signal().announced()
                && AlertRule.of(rules, became.signal()).isPresent();
        Outcome outcome;
        if (!sent) {
            outcome = Outcome.TO_COME;
        } else if (!one.sendable(number)) {
            outcome = Outcome.NOT_SENT;
        } else if (became == null) {
            outcome = Outcome.LOST;
        } else {
            outcome = Outcome.of(became.fate(), became.from() > 0 && became.from() <= now);
        }
        boolean right = switch (outcome) {
            case TO_COME, WAITS, TAKEN_OUT, NOT_SENT -> true;
            case SHOWN -> expected;
            case NO_RULE -> !expected;
            case LOST -> false;
        };
        return new Came(
                line.at(),
                line.signal(),
                line.anonymous() ? "" : line.name(),
                became == null
                        ? ""
                        : became.signal().money().map(Money::written).orElse(""),
                expected,
                outcome,
                right,
                became == null ? 0 : became.from(),
                became == null ? 0 : became.till(),
                became == null || became.fate() != Fate.JOINED ? "" : became.with());
    }
}
