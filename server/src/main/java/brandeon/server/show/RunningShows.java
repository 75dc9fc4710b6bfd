package brandeon.server.show;

import brandeon.core.live.AlertRule;
import brandeon.core.live.ChatRules;
import brandeon.core.live.Counting;
import brandeon.core.live.Pace;
import brandeon.core.pack.Json;
import brandeon.core.problem.Mistake;
import brandeon.core.show.Cue;
import brandeon.core.show.Cued;
import brandeon.core.show.Overlap;
import brandeon.core.show.Sequence;
import brandeon.core.show.SequenceCue;
import brandeon.core.show.Show;
import brandeon.core.show.Shows;
import brandeon.core.show.Starting;
import brandeon.core.text.Letters;
import brandeon.core.theme.Sounds;
import brandeon.core.theme.Theme;
import brandeon.server.access.Belongings;
import brandeon.server.access.Deed;
import brandeon.server.access.Member;
import brandeon.server.access.Role;
import brandeon.server.channel.ShowWanted;
import brandeon.server.commit.AfterCommit;
import brandeon.server.commit.OneAtATime;
import brandeon.server.problem.NotFound;
import brandeon.server.problem.Possible;
import brandeon.server.problem.Refused;
import brandeon.server.theme.Themes;
import brandeon.server.wake.Known;
import brandeon.server.wake.Wakes;
import jakarta.persistence.EntityManager;
import java.time.Instant;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.dao.DataAccessException;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/** Shows, their cues and what takes them back. A cue that was answered is on disk. */
@Service
public class RunningShows implements Belongings {

    /**
     * A show as it is now.
     *
     * @param leading the theme that somebody chose to lead it
     * @param heardIn the outlet in which somebody chose it to be heard
     * @param counting how it counts what comes in
     * @param chat     what of its chat is not shown
     */
    public record Running(
            UUID id,
            UUID workspace,
            String name,
            Show show,
            long version,
            Optional<UUID> leading,
            Optional<UUID> heardIn,
            Counting counting,
            ChatRules chat) {

        private Running after(Show next) {
            return new Running(id, workspace, name, next, version + 1, leading, heardIn, counting, chat);
        }
    }

    /** @param repeated whether it had been applied before, so that nothing changed now */
    public record Done(Running show, String sentence, boolean repeated) {}

    /** One line of a show's record. @param who where it was no account @param standing whether it can be taken back */
    public record Line(
            long number,
            Optional<UUID> account,
            Optional<UUID> pass,
            String who,
            Door door,
            Instant at,
            String sentence,
            boolean undone,
            boolean standing) {}

    /** A break that is over, with who ended it. Instants are epoch milliseconds. */
    public record BreakLine(long began, long planned, long ended, String who) {}

    /** What one person can take back and do again. */
    public record Steps(boolean undo, boolean redo) {}

    /** The themes of a show, and the one of them that leads. @param leading empty when there is none at all */
    public record Cast(List<Themes.Draft> themes, Optional<Themes.Draft> leading) {}

    /** How the signals of a show are announced. @param leading the theme whose rules these are */
    public record Announcing(Optional<UUID> leading, List<AlertRule> rules, Pace pace, Sounds sounds) {
        private static final Announcing NOTHING =
                new Announcing(Optional.empty(), List.of(), Pace.STANDARD, Sounds.STANDARD);
    }

    private static final Logger LOG = LoggerFactory.getLogger(RunningShows.class);
    private static final int LONGEST_NAME = 100;
    /** Milliseconds in which several sources tell of the same scene. */
    private static final long TOGETHER = 5000;

    private final ShowRows rows;
    private final CueRows cues;
    private final Themes themes;
    private final EntityManager entities;
    private final Wakes wakes;
    private final ApplicationEventPublisher events;
    private final TransactionTemplate transactions;
    /** As they were last committed, as far as this server heard. */
    private final Known<UUID, Running> known = new Known<>(
            running -> running.show().weight() + running.chat().weight(),
            (now, read) -> now.version() > read.version() ? now : read);
    /** By show: what its themes say. */
    private final Known<UUID, Starting> startings = new Known<>(Starting::weight);
    /** By show: its themes as they are now; their documents are kept with the themes. */
    private final Known<UUID, List<Themes.Draft>> casts = new Known<>(drafts -> 400 * drafts.size());
    /** By show: how its signals are announced. */
    private final Known<UUID, Announcing> rules =
            new Known<>(known -> 1200 * known.rules().size());
    /** What people can take back. */
    private final Known<Who, Steps> steps = new Known<>(_ -> 50);

    private final OneAtATime turns = new OneAtATime();
    private final BreakRows breaks;
    private final DueCues due;

    RunningShows(
            ShowRows rows,
            CueRows cues,
            BreakRows breaks,
            DueCues due,
            Themes themes,
            EntityManager entities,
            Wakes wakes,
            ApplicationEventPublisher events,
            TransactionTemplate transactions) {
        this.rows = rows;
        this.cues = cues;
        this.breaks = breaks;
        this.due = due;
        due.take(this::takeDue);
        this.themes = themes;
        this.entities = entities;
        this.wakes = wakes;
        this.events = events;
        this.transactions = transactions;
        wakes.listen(this::heard);
    }

    private void heard(Wakes.Wake wake) {
        switch (wake.kind()) {
            case SHOW -> {
                if (!wake.own()) {
                    known.forget(wake.id());
                    startings.forget(wake.id());
                    casts.forget(wake.id());
                    rules.forget(wake.id());
                    steps.forgetIf(who -> who.show().equals(wake.id()));
                }
            }
            case THEME, CHANNEL -> {
                startings.forgetAll();
                casts.forgetAll();
                rules.forgetAll();
            }
            case ANYTHING -> {
                known.forgetAll();
                startings.forgetAll();
                casts.forgetAll();
                rules.forgetAll();
                steps.forgetAll();
            }
            case FACTS, OUTLET, PLATFORM, MEMBER, PASS -> {}
        }
    }

    @EventListener
    @Transactional(propagation = Propagation.MANDATORY)
    void wanted(ShowWanted wish) {
        // Days begin where this server stands, until somebody says otherwise.
        Counting here = Counting.STANDARD.with(ZoneId.systemDefault().getId(), Counting.STANDARD.currency(), Map.of());
        entities.persist(new ShowRow(
                wish.show(),
                wish.workspace(),
                wish.name(),
                Json.write(Show.QUIET),
                Json.write(here),
                Json.write(ChatRules.STANDARD)));
        // The channel names it, and stands in the same transaction.
        entities.flush();
    }

    /** @throws NotFound also when the show belongs to another workspace */
    public Running get(Member member, UUID id) {
        return mine(member, find(id));
    }

    public Optional<Running> find(UUID id) {
        return known.find(id, wanted -> rows.findById(wanted).map(RunningShows::running));
    }

    /** The themes of a show: the one that leads is the one that somebody chose, else the oldest that is on air. */
    public Cast cast(Running show) {
        List<Themes.Draft> here = casts.get(show.id(), themes::ofShow);
        Optional<Themes.Draft> chosen = here.stream()
                .filter(draft -> show.leading().equals(Optional.of(draft.id())))
                .findFirst();
        Optional<Themes.Draft> onAir =
                here.stream().filter(draft -> draft.onAir() > 0).findFirst();
        return new Cast(here, chosen.or(() -> onAir).or(() -> here.stream().findFirst()));
    }

    /** What the themes of a show say by themselves: as it is on air first, the leading theme before others. */
    public Starting starting(Running show) {
        return startings.get(show.id(), _ -> read(show));
    }

    private Starting read(Running show) {
        Cast cast = cast(show);
        UUID first = cast.leading().map(Themes.Draft::id).orElse(show.id());
        List<Themes.Draft> inOrder = Stream.concat(
                        cast.leading().stream(),
                        cast.themes().stream().filter(draft -> !draft.id().equals(first)))
                .toList();
        List<Theme> all = Stream.concat(
                        inOrder.stream().map(themes::onAir).flatMap(Optional::stream),
                        inOrder.stream().map(Themes.Draft::theme))
                .toList();
        return Starting.of(all);
    }

    /** How signals are announced: the rules of the theme that leads, as it is on air, and their pace. */
    public Announcing announcing(UUID id) {
        return rules.get(
                id,
                _ -> find(id).flatMap(show -> cast(show).leading())
                        .map(leading -> {
                            Theme theme = themes.onAir(leading).orElse(leading.theme());
                            return new Announcing(
                                    Optional.of(leading.id()), theme.alerts(), theme.pace(), theme.sounds());
                        })
                        .orElse(Announcing.NOTHING));
    }

    /**
     * Applies one cue and writes it with its inverse in one transaction.
     *
     * @param name given by who sends it, so that a repeated one does nothing twice; empty for none
     * @throws Refused when it cannot be applied; nothing is changed then
     */
    public Done cue(Actor actor, UUID id, Cue cue, String name) {
        if (name.length() > LONGEST_NAME || !Letters.oneLine(name)) {
            throw new Mistake("The key of a cue has at most " + LONGEST_NAME + " letters on one line.");
        }
        try {
            return inTurn(actor, id, before -> {
                Cued.Applied applied = applied(before, cue);
                if (steps(actor, before).redo()) {
                    cues.dropUndone(id, actor.id());
                }
                return written(actor, actor.door(), before, cue, applied, name, CueRow.State.DONE);
            });
        } catch (Repeated | Refused e) {
            if (name.isEmpty()) {
                throw e;
            }
            return cues.named(id, name)
                    .map(row -> new Done(mine(actor, find(id)), row.sentence, true))
                    .orElseThrow(() -> e);
        }
    }

    /** Takes back this person's last cue that still stands and can be taken back still. */
    public Done undo(Actor actor, UUID id) {
        return inTurn(actor, id, before -> {
            Step back = Possible.first(
                    most -> cues.latestOf(id, actor.id(), CueRow.State.DONE, most),
                    row -> step(before, row, row.inverse),
                    "There is nothing of yours left to take back in this show.");
            CueRow last = back.row();
            last.state = CueRow.State.UNDONE;
            return written(
                    actor,
                    last.door,
                    before,
                    back.cue(),
                    told(back.applied(), "took back “" + last.sentence + "”"),
                    "",
                    CueRow.State.STEP);
        });
    }

    /**
     * Takes back any deed of a show, whoever did it.
     *
     * @throws Refused when it was taken back before, or something else was done to the same since
     */
    public Done takeBack(Actor actor, UUID id, long number) {
        return inTurn(actor, id, before -> {
            CueRow row = cues.findById(new CueRow.Key(id, number))
                    .filter(found -> found.state == CueRow.State.DONE)
                    .orElseThrow(() -> new Refused("That is taken back already."));
            Cue cue = Json.read(row.cue, Cue.class);
            if (cues.since(id, number).stream()
                    .map(later -> Json.read(later.cue, Cue.class))
                    .anyMatch(later -> Overlap.between(cue, later))) {
                throw new Refused("Something else was done there since; take that back first.");
            }
            Cue back = Json.read(row.inverse, Cue.class);
            Cued.Applied applied = applied(before, back);
            row.state = CueRow.State.UNDONE;
            return written(
                    actor,
                    actor.door(),
                    before,
                    back,
                    told(applied, "took back “" + row.sentence + "”"),
                    "",
                    CueRow.State.STEP);
        });
    }

    public Done redo(Actor actor, UUID id) {
        return inTurn(actor, id, before -> {
            Step again = Possible.first(
                    most -> cues.earliestOf(id, actor.id(), CueRow.State.UNDONE, most),
                    row -> step(before, row, row.cue),
                    "There is nothing to do again in this show.");
            CueRow next = again.row();
            next.state = CueRow.State.DONE;
            next.inverse = Json.write(again.applied().inverse());
            return written(actor, next.door, before, again.cue(), again.applied(), "", CueRow.State.STEP);
        });
    }

    /** A cue of the record, or what takes it back, as it would be applied now. */
    private record Step(CueRow row, Cue cue, Cued.Applied applied) {}

    private Step step(Running before, CueRow row, String written) {
        Cue cue = Json.read(written, Cue.class);
        return new Step(row, cue, applied(before, cue));
    }

    public Steps steps(Actor actor, Running show) {
        return steps.get(new Who(show.id(), actor.id()), who -> {
            List<CueRow.State> states = cues.states(who.show(), who.account());
            return new Steps(states.contains(CueRow.State.DONE), states.contains(CueRow.State.UNDONE));
        });
    }

    @Transactional(readOnly = true)
    public List<Line> record(Member member, UUID id, int most) {
        get(member, id);
        return record(id, Optional.empty(), most);
    }

    /** The latest first, for whoever may look at this show. @param pass whose deeds alone; empty for everybody's */
    @Transactional(readOnly = true)
    public List<Line> record(UUID id, Optional<UUID> pass, int most) {
        return pass
                .map(by -> cues.latestWith(id, by, Limit.of(most)))
                .orElseGet(() -> cues.latest(id, Limit.of(most)))
                .stream()
                .map(row -> new Line(
                        row.key.number(),
                        Optional.ofNullable(row.accountId),
                        Optional.ofNullable(row.passId),
                        row.who,
                        row.door,
                        row.at,
                        row.sentence,
                        row.state == CueRow.State.UNDONE || row.state == CueRow.State.DROPPED,
                        row.state == CueRow.State.DONE))
                .toList();
    }

    /** Lets one of a show's themes lead it. */
    @Transactional
    public void lead(Member member, UUID id, UUID theme) {
        member.requires(Role.DESIGNER);
        Running show = get(member, id);
        if (themes.ofShow(show.id()).stream().noneMatch(draft -> draft.id().equals(theme))) {
            throw new NotFound("There is no such theme in this show.");
        }
        rows.lead(id, theme);
        forgotten(id);
    }

    /**
     * Chooses the source in which a show is heard.
     *
     * @param outlet one of a theme of the show; empty for whichever viewers see
     */
    @Transactional
    public void hearIn(Member member, UUID id, Optional<UUID> outlet) {
        member.requires(Role.OPERATOR);
        Running show = get(member, id);
        rows.hearIn(id, outlet.orElse(null));
        events.publishEvent(Deed.of(member, Deed.Kind.CUE, show.name(), "Chose where alerts are heard"));
        forgotten(id);
    }

    /** How a show counts. */
    public Counting counting(UUID id) {
        return find(id).map(Running::counting).orElse(Counting.STANDARD);
    }

    /**
     * Changes how a show counts; one change after another, so that none is lost.
     *
     * @param did for the record
     */
    @Transactional
    public void count(Member member, UUID id, String did, UnaryOperator<Counting> change) {
        set(member, id, did, row -> row.counting = Json.write(change.apply(Json.read(row.counting, Counting.class))));
    }

    private void set(Member member, UUID id, String did, Consumer<ShowRow> change) {
        member.requires(Role.OPERATOR);
        ShowRow row = rows.locked(id)
                .filter(found -> found.workspaceId.equals(member.workspace()))
                .orElseThrow(() -> new NotFound("There is no such show in your workspace."));
        change.accept(row);
        events.publishEvent(Deed.of(member, Deed.Kind.CUE, row.name, did));
        forgotten(id);
    }

    /** What of a show's chat is not shown. */
    public ChatRules chat(UUID id) {
        return find(id).map(Running::chat).orElse(ChatRules.STANDARD);
    }

    /**
     * Changes what of a show's chat is not shown; one change after another, so that none is lost.
     *
     * @param did for the record
     */
    @Transactional
    public void chat(Member member, UUID id, String did, UnaryOperator<ChatRules> change) {
        set(member, id, did, row -> row.chat = Json.write(change.apply(Json.read(row.chat, ChatRules.class))));
    }

    /**
     * Gives a new show what was prepared for another one, and how that counts and what of its chat it hides.
     *
     * @param sequences as they are called and what they say there
     */
    @Transactional
    public void prepare(Member member, UUID from, UUID to, List<Sequence> sequences) {
        Running old = get(member, from);
        set(member.requires(Role.DESIGNER), to, "Took over what was prepared for " + old.name(), row -> {
            row.document = Json.write(old.show().prepared(sequences));
            Counting counting = old.counting();
            row.counting = Json.write(
                    new Counting(counting.zone(), counting.currency(), counting.rates(), Map.of(), Map.of()));
            row.chat = Json.write(new ChatRules(
                    old.chat().words(), old.chat().links(), old.chat().hushed(), List.of()));
        });
    }

    /** Makes a new show say what another one said, which came back with its workspace. */
    @Transactional
    public void back(Member member, UUID id, Show show, Counting counting, ChatRules chat) {
        Show settled = show.settled();
        set(member.requires(Role.DESIGNER), id, "Brought the show in with its workspace", row -> {
            row.document = Json.write(settled);
            row.counting = Json.write(counting);
            row.chat = Json.write(chat);
            row.due = settled.due().orElse(null);
        });
        AfterCommit.run(() -> settled.due().ifPresent(at -> due.at(id, at)));
    }

    private void forgotten(UUID id) {
        AfterCommit.run(() -> {
            known.forget(id);
            startings.forget(id);
            casts.forget(id);
            rules.forget(id);
        });
        wakes.show(id);
    }

    private record Who(UUID show, UUID account) {}

    /** What this server knew was no longer so. */
    private static final class Overtaken extends RuntimeException {
        private static final long serialVersionUID = 1;
    }

    /** A cue with this name was applied before. */
    private static final class Repeated extends RuntimeException {
        private static final long serialVersionUID = 1;
    }

    /**
     * One change of a show at a time; whoever must wait does so without a connection. It is made from the show as this
     * server knows it, and takes place only if the show is still at that version; else it is made again from the row,
     * which is locked then.
     */
    private Done inTurn(Actor actor, UUID id, Function<Running, Done> change) {
        return turns.on(id, () -> {
            Running before = mine(actor, find(id));
            // Read before the transaction, so that nothing is read while a row is locked.
            starting(before);
            try {
                return transactions.execute(_ -> change.apply(before));
            } catch (Overtaken e) {
                steps.forget(new Who(id, actor.id()));
                return transactions.execute(
                        _ -> change.apply(mine(actor, rows.locked(id).map(RunningShows::running))));
            }
        });
    }

    private Cued.Applied applied(Running before, Cue cue) {
        return switch (Shows.apply(before.show(), starting(before), cue, System.currentTimeMillis())) {
            case Cued.Applied applied -> applied;
            case Cued.Refused(String reason) -> throw new Refused(reason);
        };
    }

    private static Cued.Applied told(Cued.Applied applied, String sentence) {
        return new Cued.Applied(applied.show(), applied.inverse(), sentence);
    }

    private Done written(
            Actor actor, Door door, Running before, Cue cue, Cued.Applied applied, String name, CueRow.State state) {
        Long next = applied.show().due().orElse(null);
        if (rows.change(before.id(), before.version(), Json.write(applied.show()), next) == 0) {
            throw new Overtaken();
        }
        Running after = before.after(applied.show());
        int added = cues.add(
                after.id(),
                after.version(),
                actor.account().orElse(null),
                actor.pass().orElse(null),
                actor.account().isPresent() ? "" : actor.name(),
                door,
                name.isEmpty() ? null : name,
                Instant.now(),
                Json.write(cue),
                Json.write(applied.inverse()),
                applied.sentence(),
                state);
        if (added == 0) {
            throw new Repeated();
        }
        before.show()
                .pause()
                .filter(_ -> after.show().pause().isEmpty())
                .ifPresent(over ->
                        breaks.over(after.id(), over.from(), over.until(), System.currentTimeMillis(), actor.name()));
        Who who = new Who(after.id(), actor.id());
        AfterCommit.run(() -> {
            known.put(after.id(), after);
            if (state == CueRow.State.DONE) {
                steps.put(who, new Steps(true, false));
            } else {
                steps.forget(who);
            }
            applied.show().due().ifPresent(at -> due.at(after.id(), at));
        });
        wakes.show(after.id());
        return new Done(after, applied.sentence(), false);
    }

    /** Breaks of a show that are over, the latest first. */
    public List<BreakLine> breaks(UUID id, int most) {
        return breaks.latest(id, Limit.of(most)).stream()
                .map(row -> new BreakLine(row.key.began(), row.planned, row.ended, row.who))
                .toList();
    }

    /**
     * A scene of a show is seen now: what starts with it is started, once, however many sources tell of it.
     *
     * @param scene its id
     */
    public void cameOn(UUID id, String scene) {
        Optional<Running> show = find(id);
        long now = System.currentTimeMillis();
        for (Sequence sequence : show.map(one -> one.show().sequences()).orElse(List.of())) {
            if (!scene.isEmpty() && sequence.scene().equals(scene)) {
                try {
                    cue(
                            Actor.show(show.orElseThrow().workspace()),
                            id,
                            new SequenceCue.StartSequence(sequence.id()),
                            "scene " + sequence.id() + " " + now / TOGETHER);
                } catch (Refused e) {
                    LOG.debug("{} does not start with its scene: {}", sequence.name(), e.getMessage());
                }
            }
        }
    }

    /** Whatever is due, once, whichever servers think of it: each takes it from the show as it is then. */
    void takeDue(UUID id) {
        try {
            find(id).filter(show ->
                            show.show().dueAt(System.currentTimeMillis()).isPresent())
                    .ifPresent(show -> inTurn(Actor.show(show.workspace()), id, before -> {
                        Cue due = before.show()
                                .dueAt(System.currentTimeMillis())
                                .orElseThrow(() -> new Refused("Nothing is due any more."));
                        return written(
                                Actor.show(show.workspace()),
                                Door.SHOW,
                                before,
                                due,
                                applied(before, due),
                                "",
                                CueRow.State.STEP);
                    }));
        } catch (Refused | NotFound e) {
            LOG.debug("Nothing to do in show {}: {}", id, e.getMessage());
        } catch (DataAccessException e) {
            LOG.warn("A step of show {} waits for the database", id);
        }
    }

    private static Running running(ShowRow row) {
        return new Running(
                row.id,
                row.workspaceId,
                row.name,
                Json.read(row.document, Show.class),
                row.version,
                Optional.ofNullable(row.ledBy),
                Optional.ofNullable(row.soundsIn),
                Json.read(row.counting, Counting.class),
                Json.read(row.chat, ChatRules.class));
    }

    private static Running mine(Member member, Optional<Running> show) {
        return mine(member.workspace(), show);
    }

    private static Running mine(Actor actor, Optional<Running> show) {
        return mine(actor.workspace(), show);
    }

    private static Running mine(UUID workspace, Optional<Running> show) {
        return show.filter(found -> found.workspace().equals(workspace))
                .orElseThrow(() -> new NotFound("There is no such show in your workspace."));
    }

    @Override
    public String kind() {
        return "shows";
    }

    @Override
    public Optional<UUID> workspaceOf(UUID id) {
        return find(id).map(Running::workspace);
    }
}
