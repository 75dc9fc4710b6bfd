package brandeon.core.kind;

import java.util.List;
import java.util.Optional;

/**
 * The kinds of pieces by the names that documents use, in the order in which people are shown them. What each one is
 * says its class.
 */
public enum PieceKind {
    BACKDROP(new Backdrop()),
    SCREEN(new Screen()),
    BREAK_SCREEN(new BreakScreen()),
    FRAME(new Frame()),
    BAND(new Band()),
    FACT_LINE(new FactLine()),
    SUPPORTER_BOARD(new SupporterBoard()),
    TABLE(new TableRows()),
    SCHEDULE(new Schedule()),
    AGENDA(new Agenda()),
    QUEUE(new Queue()),
    GOAL(new Goal()),
    RING_GOAL(new RingGoal()),
    COUNTER(new Counter()),
    SCORE(new Score()),
    LOWER_THIRD(new LowerThird()),
    ROTATOR(new Rotator()),
    TICKER(new Ticker()),
    NOW_PLAYING(new NowPlaying()),
    NOTICE(new Notice()),
    BUG(new Bug()),
    RULE(new Rule()),
    SPONSORS(new Sponsors()),
    BREAK_NOTICE(new BreakNotice()),
    AD_NOTICE(new AdNotice()),
    METER(new Meter()),
    SHAPE(new Shape()),
    CORNERS(new Corners()),
    PULSE(new Pulse()),
    COUNTDOWN(new Countdown()),
    COUNT_UP(new CountUp()),
    CLOCK(new Clock()),
    RECENT(new Recent()),
    CHAT(new Chat()),
    PICTURE(new PictureAlone()),
    FRAME_PICTURE(new FramePicture()),
    PARTICLES(new Particles()),
    TRANSITION(new Transition()),
    PANEL(new Panel()),
    ANNOUNCER(new Announcer());

    private final Kind kind;

    PieceKind(Kind kind) {
        this.kind = kind;
    }

    /** All that is particular to it. */
    public Kind facts() {
        return kind;
    }

    public String title() {
        return kind.title();
    }

    /** Where such a piece goes when nobody says otherwise. */
    public Zone zone() {
        return kind.zone();
    }

    public List<Field> fields() {
        return kind.fields();
    }

    public List<Figure> figures() {
        return kind.figures();
    }

    public Optional<Field> field(String name) {
        return kind.field(name);
    }

    public Optional<Figure> figure(String name) {
        return kind.figure(name);
    }
}
