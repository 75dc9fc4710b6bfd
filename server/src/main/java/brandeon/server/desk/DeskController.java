package brandeon.server.desk;

import brandeon.core.show.NoticeCue;
import brandeon.core.show.Notices;
import brandeon.server.access.Member;
import brandeon.server.access.Members;
import brandeon.server.access.Role;
import brandeon.server.desk.DeskWishes.DeskCue;
import brandeon.server.desk.DeskWishes.DeskReceipt;
import brandeon.server.file.TextBody;
import brandeon.server.live.AlertDesk;
import brandeon.server.problem.Refused;
import brandeon.server.show.Actor;
import brandeon.server.show.RunningShows;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.ZoneId;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The desk of a show for people who are signed in. */
@RestController
@RequestMapping("/api/shows/{show}/desk")
class DeskController {

    /** A break that is over. */
    record BreakTaken(Instant began, long plannedSeconds, long seconds, String endedBy) {}

    private static final int BREAKS = 60;
    /** Milliseconds. */
    private static final long DAY = 86_400_000;

    private final Members members;
    private final RunningShows shows;
    private final Desks desks;
    private final CardPictures cards;
    private final AlertDesk alerts;

    DeskController(Members members, RunningShows shows, Desks desks, CardPictures cards, AlertDesk alerts) {
        this.members = members;
        this.shows = shows;
        this.desks = desks;
        this.cards = cards;
        this.alerts = alerts;
    }

    @GetMapping
    DeskView get(@PathVariable UUID show) {
        Member member = members.current();
        return desks.of(Actor.of(member), shows.get(member, show));
    }

    @PostMapping("/cues")
    DeskReceipt cue(@PathVariable UUID show, @RequestBody DeskCue wish) {
        Actor actor = Actor.of(members.current());
        requireInTime(wish);
        return DeskReceipt.of(shows.cue(actor, show, wish.cue(), wish.key()));
    }

    /** Takes back one's own last deed that still stands. */
    @PostMapping("/undo")
    DeskReceipt undo(@PathVariable UUID show) {
        Actor actor = Actor.of(members.current());
        return DeskReceipt.of(shows.undo(actor, show));
    }

    @PostMapping("/redo")
    DeskReceipt redo(@PathVariable UUID show) {
        Actor actor = Actor.of(members.current());
        return DeskReceipt.of(shows.redo(actor, show));
    }

    /** Takes back any deed that nothing was built upon since. */
    @PostMapping("/undo/{number}")
    DeskReceipt takeBack(@PathVariable UUID show, @PathVariable long number) {
        Actor actor = Actor.of(members.current());
        return DeskReceipt.of(shows.takeBack(actor, show, number));
    }

    @PostMapping("/alerts")
    DeskView alerts(@PathVariable UUID show, @RequestBody AlertDesk.AlertWish wish) {
        Member member = members.current();
        Actor actor = Actor.of(member);
        RunningShows.Running running = shows.get(member, show);
        alerts.change(running.workspace(), show, actor.account(), wish);
        return desks.of(actor, running);
    }

    /** Advertising that is to come, as a calendar (RFC 5545). */
    @GetMapping("/advertising.ics")
    ResponseEntity<byte[]> calendar(@PathVariable UUID show) throws IOException {
        RunningShows.Running running = shows.get(members.current().requires(Role.OPERATOR), show);
        long now = System.currentTimeMillis();
        String text = CalendarFile.written(running.show().notices().between(now, now + DAY));
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType(CalendarFile.TYPE))
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"advertising.ics\"")
                .body(text.getBytes(StandardCharsets.UTF_8));
    }

    /** Lists what a calendar has within the next thirty days, in place of what is listed. */
    @PostMapping("/advertising")
    DeskReceipt calendar(@PathVariable UUID show, InputStream body) throws IOException {
        Member member = members.current();
        Actor actor = Actor.of(member);
        RunningShows.Running running = shows.get(member, show);
        List<Notices.Advertising> listed = CalendarFile.read(
                TextBody.utf8(body, "This calendar"),
                Instant.now(),
                ZoneId.of(running.counting().zone()));
        return DeskReceipt.of(shows.cue(actor, show, new NoticeCue.ListNotices(listed), ""));
    }

    /** A card as it will stand. */
    @GetMapping("/cards/{piece}/{card}.png")
    ResponseEntity<byte[]> card(@PathVariable UUID show, @PathVariable String piece, @PathVariable String card)
            throws IOException {
        return cards.of(shows.get(members.current(), show), piece, card);
    }

    /** The latest first. */
    @GetMapping("/breaks")
    List<BreakTaken> breaks(@PathVariable UUID show) {
        shows.get(members.current().requires(Role.OPERATOR), show);
        return shows.breaks(show, BREAKS).stream()
                .map(line -> new BreakTaken(
                        Instant.ofEpochMilli(line.began()),
                        (line.planned() - line.began()) / 1000,
                        (line.ended() - line.began()) / 1000,
                        line.who()))
                .toList();
    }

    /** @throws Refused for what was pressed so long ago that nobody expects it any more */
    static void requireInTime(DeskCue wish) {
        if (wish.before() > 0 && System.currentTimeMillis() > wish.before()) {
            throw new Refused("That was pressed too long ago, so it was not done.");
        }
    }
}
