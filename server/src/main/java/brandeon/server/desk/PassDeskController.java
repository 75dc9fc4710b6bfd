package brandeon.server.desk;

import brandeon.core.show.CueGroup;
import brandeon.core.show.Grant;
import brandeon.server.desk.DeskWishes.DeskCue;
import brandeon.server.desk.DeskWishes.DeskReceipt;
import brandeon.server.door.RateLimits;
import brandeon.server.live.AlertDesk;
import brandeon.server.pass.Passes;
import brandeon.server.problem.NotAllowed;
import brandeon.server.show.Actor;
import brandeon.server.show.Door;
import brandeon.server.show.RunningShows;
import java.io.IOException;
import java.util.Optional;
import org.springframework.http.CacheControl;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The desk of somebody with a pass, whose token is all that they have. */
@RestController
@RequestMapping("/cues/{token}")
class PassDeskController {

    private final Passes passes;
    private final RunningShows shows;
    private final Desks desks;
    private final CardPictures cards;
    private final AlertDesk alerts;
    private final RateLimits limits;

    PassDeskController(
            Passes passes, RunningShows shows, Desks desks, CardPictures cards, AlertDesk alerts, RateLimits limits) {
        this.passes = passes;
        this.shows = shows;
        this.desks = desks;
        this.cards = cards;
        this.alerts = alerts;
        this.limits = limits;
    }

    @GetMapping
    ResponseEntity<DeskView> get(@PathVariable String token) {
        Passes.Pass pass = passes.look(token);
        return ResponseEntity.ok()
                .cacheControl(CacheControl.noStore())
                .body(desks.of(passes.actor(pass, Door.PASS), passes.show(pass), pass));
    }

    @PostMapping
    DeskReceipt cue(@PathVariable String token, @RequestBody DeskCue wish) {
        Passes.Pass pass = passes.enter(token);
        DeskController.requireInTime(wish);
        require(pass, CueGroup.deed(wish.cue()), Grant.take(pass.grants(), wish.cue()));
        Actor actor = passes.actor(pass, Door.PASS);
        return DeskReceipt.of(shows.cue(actor, pass.show(), wish.cue(), wish.key()));
    }

    /** Takes back the last deed of this pass that still stands. */
    @PostMapping("/undo")
    DeskReceipt undo(@PathVariable String token) {
        Passes.Pass pass = passes.enter(token);
        Actor actor = passes.actor(pass, Door.PASS);
        return DeskReceipt.of(shows.undo(actor, pass.show()));
    }

    @PostMapping("/redo")
    DeskReceipt redo(@PathVariable String token) {
        Passes.Pass pass = passes.enter(token);
        Actor actor = passes.actor(pass, Door.PASS);
        return DeskReceipt.of(shows.redo(actor, pass.show()));
    }

    @PostMapping("/alerts")
    DeskView alerts(@PathVariable String token, @RequestBody AlertDesk.AlertWish wish) {
        Passes.Pass pass = passes.enter(token);
        String right = wish.deed().right();
        require(pass, right, Grant.take(pass.grants(), right, ""));
        RunningShows.Running show = passes.show(pass);
        Actor actor = passes.actor(pass, Door.PASS);
        alerts.change(show.workspace(), show.id(), Optional.empty(), wish);
        return desks.of(actor, show, pass);
    }

    /** A card as it will stand, for those who may do something with it. */
    @GetMapping("/cards/{piece}/{card}.png")
    ResponseEntity<byte[]> card(@PathVariable String token, @PathVariable String piece, @PathVariable String card)
            throws IOException {
        Passes.Pass pass = passes.look(token);
        boolean some =
                CueGroup.CARDS.deeds().keySet().stream().anyMatch(deed -> Grant.take(pass.grants(), deed, piece));
        require(pass, "putUp", some);
        limits.pass(RateLimits.Door.PREVIEW, pass.id());
        return cards.of(passes.show(pass), piece, card);
    }

    static void require(Passes.Pass pass, String deed, boolean allowed) {
        if (!allowed) {
            String what = CueGroup.of(deed)
                    .map(group -> "“" + group.title() + ": " + group.deeds().get(deed) + "”")
                    .orElse("that");
            throw new NotAllowed("The pass of " + pass.name() + " does not include " + what + " here.");
        }
    }
}
