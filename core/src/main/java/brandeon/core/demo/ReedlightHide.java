package brandeon.core.demo;

import brandeon.core.art.Ask;
import brandeon.core.bot.Asker;
import brandeon.core.bot.Bot;
import brandeon.core.bot.Command;
import brandeon.core.bot.TimedMessage;
import brandeon.core.canvas.Anchor;
import brandeon.core.canvas.Canvas;
import brandeon.core.canvas.Shape;
import brandeon.core.canvas.Side;
import brandeon.core.canvas.Size;
import brandeon.core.colour.Colour;
import brandeon.core.kind.Content;
import brandeon.core.kind.PieceKind;
import brandeon.core.kind.Zone;
import brandeon.core.live.AlertRule;
import brandeon.core.live.AlertSound;
import brandeon.core.live.SignalKind;
import brandeon.core.show.ClockCue;
import brandeon.core.show.CountCue;
import brandeon.core.show.Cue;
import brandeon.core.show.NoticeCue;
import brandeon.core.show.PieceCue;
import brandeon.core.show.RequestCue;
import brandeon.core.show.Sequence;
import brandeon.core.show.SequenceCue;
import brandeon.core.show.ViewerCue;
import brandeon.core.show.ViewerPress;
import brandeon.core.text.Face;
import brandeon.core.theme.Brand;
import brandeon.core.theme.Capture;
import brandeon.core.theme.LineShift;
import brandeon.core.theme.Mood;
import brandeon.core.theme.Piece;
import brandeon.core.theme.Placed;
import brandeon.core.theme.PlanLine;
import brandeon.core.theme.Scene;
import brandeon.core.theme.SceneRole;
import brandeon.core.theme.Spot;
import brandeon.core.theme.Starter;
import brandeon.core.theme.Theme;
import java.util.List;
import java.util.Map;

/** The demo: a dusk-to-dark bird-watching stream from a hide on a salt marsh. Everything in it is invented. */
public final class ReedlightHide {

    private ReedlightHide() {}

    /** What is seen from the hide, as CSV. */
    public static String sightings() {
        return """
                Species,Seen,First at,Where,Colour
                Bittern,2,18:52,Long reed,#b5884a
                Marsh harrier,4,19:05,Over the dyke,#8c5a3c
                Water rail,1,19:21,Pool edge,#6f7f8c
                Bearded tit,12,19:30,Reed tops,#e0a85c
                Teal,36,18:47,Low pool,#3f7f6b
                Common snipe,7,19:12,Mud bank,#a68a5b
                Barn owl,1,20:04,Far gate,#e9d9b0
                """;
    }

    public static Theme theme() {
        return Theme.of(
                        "Reedlight Hide",
                        Brand.of(
                                        List.of(
                                                Colour.parse("#4f8f5b"),
                                                Colour.parse("#e8a33d"),
                                                Colour.parse("#16283d")),
                                        Face.BARLOW_CONDENSED,
                                        Face.ATKINSON,
                                        Face.BARLOW_CONDENSED,
                                        0.55)
                                .withMoods(moods(), ""),
                        "tideline",
                        canvases(),
                        captures(),
                        pieces(),
                        scenes(),
                        alerts())
                .withLines(List.of(new LineShift(SceneRole.LIVE, Shape.UPRIGHT, PlanLine.CAMERA_FOOT, 0.42)))
                .withBot(bot());
    }

    private static Bot bot() {
        return new Bot(
                "lantern_bot",
                List.of(
                        new Command(
                                "birds",
                                "!birds",
                                List.of("!list", "!seen"),
                                "Seen so far tonight: bittern, marsh harrier, water rail and more. The whole list is on the desk scene.",
                                Asker.EVERYBODY,
                                20,
                                true),
                        new Command(
                                "hide",
                                "!hide",
                                List.of("!where"),
                                "{name}, the hide stands on the Low Quay salt marsh. Please keep the exact place to yourself.",
                                Asker.EVERYBODY,
                                30,
                                true),
                        new Command(
                                "thanks",
                                "!thanks",
                                List.of(),
                                "Our latest subscriber is {latestSubscriber}; {subscribers, plural, one {# subscriber} other {# subscribers}} came in since we began.",
                                Asker.EVERYBODY,
                                60,
                                true),
                        new Command(
                                "welcome",
                                "!welcome",
                                List.of(),
                                "Welcome to the hide, {rest}! Pull up a stool.",
                                Asker.HELPERS,
                                0,
                                true)),
                List.of(
                        new TimedMessage(
                                "quiet",
                                "Quiet by the reeds, please: the scope’s microphone hears every keyboard.",
                                15,
                                5,
                                List.of("hide"),
                                true),
                        new TimedMessage(
                                "follow",
                                "New here? Subscribers choose which hide we open next spring.",
                                25,
                                10,
                                List.of(),
                                true)));
    }

    private static List<Mood> moods() {
        return List.of(
                new Mood(
                        "frost-watch",
                        "Frost watch",
                        List.of(Colour.parse("#6f9fb8"), Colour.parse("#e9d8a6"), Colour.parse("#1b2a3a")),
                        Map.of()),
                new Mood(
                        "owl-night",
                        "Owl night for the nest boxes",
                        List.of(Colour.parse("#a4572f"), Colour.parse("#d9b44a"), Colour.parse("#2a1d2f")),
                        Map.of()));
    }

    private static List<Canvas> canvases() {
        return List.of(
                Canvas.of("wide", "Wide", Size.of(1920, 1080), 60),
                Canvas.of("upright", "Upright", Size.of(1080, 1920), 60),
                Canvas.of("recording", "Recording", Size.of(2560, 1440), 60));
    }

    private static List<Capture> captures() {
        return List.of(
                Capture.of(Starter.CAMERA, "Host camera", Size.of(1280, 720)),
                Capture.of(Starter.PLAY, "Spotting scope", Size.of(1920, 1080)));
    }

    private static List<Piece> pieces() {
        return List.of(
                screen("starting-screen", "Starting screen", "Dusk watch", "Lantern lit. The marsh is waking up."),
                screen("away-screen", "Away screen", "Back at the hide soon", "Refilling the thermos."),
                screen(
                        "closing-screen",
                        "Closing screen",
                        "Good night, marsh",
                        "Thank you for sitting quietly with us."),
                Piece.of(
                        "countdown",
                        PieceKind.COUNTDOWN,
                        "Countdown",
                        "",
                        Content.words(Map.of("title", "First light on the reeds in", "ended", "Quiet now, please")),
                        Map.of("minutes", 5.0)),
                Piece.of("ground", PieceKind.BACKDROP, "Marsh ground").handsOff(true),
                Piece.of(
                        "scope-frame",
                        PieceKind.FRAME,
                        "Scope frame",
                        Starter.PLAY,
                        Map.of(),
                        Map.of("aspect", 16.0 / 9)),
                Piece.of(
                        "camera-frame",
                        PieceKind.FRAME,
                        "Camera frame",
                        Starter.CAMERA,
                        Content.words(Map.of("name", "Mirela Osk")),
                        Map.of("aspect", 4.0 / 3)),
                Piece.of(
                        "desk-frame",
                        PieceKind.FRAME,
                        "Field desk frame",
                        Starter.CAMERA,
                        Content.words(Map.of("name", "Mirela at the field desk")),
                        Map.of("aspect", 16.0 / 9)),
                Piece.of(
                        "supporter",
                        PieceKind.FACT_LINE,
                        "Latest supporter",
                        "",
                        Content.words(Map.of("label", "Latest subscriber", "value", "{latestSubscriber}")),
                        Map.of()),
                Piece.of(
                        "follower",
                        PieceKind.FACT_LINE,
                        "Latest follower",
                        "",
                        Content.words(Map.of("label", "Latest follower", "value", "{latestFollower}")),
                        Map.of()),
                Piece.of(
                        "band",
                        PieceKind.BAND,
                        "Heads-up band",
                        "",
                        Content.words(Map.of(
                                "label", "Reedlight Hide", "message", "High tide 19:42 · listen for the bittern")),
                        Map.of()),
                Piece.of(
                        "sightings",
                        PieceKind.COUNTER,
                        "Sightings",
                        "",
                        Map.of("label", new Content.Words("Herons tonight"), "value", Content.Count.of(7)),
                        Map.of()),
                Piece.of(
                        "nest-boxes",
                        PieceKind.GOAL,
                        "Nest-box goal",
                        "",
                        Map.of("label", new Content.Words("Nest boxes"), "value", Content.Count.of("subscribers")),
                        Map.of("target", 40.0)),
                Piece.of(
                        "species",
                        PieceKind.AGENDA,
                        "Species list",
                        "",
                        Map.of(
                                "title",
                                new Content.Words("Heard tonight"),
                                "rows",
                                new Content.Points(List.of(
                                        new Content.Topic(Ask.State.DONE, "Curlew", ""),
                                                new Content.Topic(Ask.State.DONE, "Water rail", ""),
                                        new Content.Topic(Ask.State.NOW, "Bittern", ""),
                                                new Content.Topic(Ask.State.OPEN, "Barn owl", "")))),
                        Map.of()),
                Piece.of(
                        "guest",
                        PieceKind.LOWER_THIRD,
                        "Guest",
                        "",
                        Map.of(
                                "name",
                                new Content.Words("Tove Sedge"),
                                "line",
                                new Content.Words("Rings waders at Low Quay"),
                                "cards",
                                Content.Rows.of(
                                        "Oskar Dunlin",
                                        "Builds the nest boxes, and knows which owl lives in which of them",
                                        "Maret Sedge",
                                        "Bats")),
                        Map.of()),
                Piece.of(
                        "tide",
                        PieceKind.TICKER,
                        "Tide ticker",
                        "",
                        Content.words(
                                Map.of(
                                        "text",
                                        "High tide 19:42 · low tide 01:10 · wind from the north-east, gentle · please whisper after nine")),
                        Map.of()),
                Piece.of(
                        "shops",
                        PieceKind.SPONSORS,
                        "Local shops",
                        "",
                        Map.of(
                                "rows",
                                Content.Entries.of(
                                        "With thanks to",
                                        "Fenwick Waders",
                                        "With thanks to",
                                        "The Lamp Loft, Low Quay",
                                        "With thanks to",
                                        "Osk & Daughter, optics")),
                        Map.of()),
                Piece.of(
                        "supporters",
                        PieceKind.SUPPORTER_BOARD,
                        "Supporter board",
                        "",
                        Content.words(Map.of("title", "With us tonight")),
                        Map.of()),
                Piece.of(
                        "asked",
                        PieceKind.QUEUE,
                        "What to listen for",
                        "",
                        Map.of("title", new Content.Words("Listen for"), "rows", Content.Rows.of()),
                        Map.of()),
                Piece.of(
                        "heard",
                        PieceKind.NOW_PLAYING,
                        "Recording",
                        "",
                        Content.words(Map.of("label", "You hear", "value", "The marsh, right now")),
                        Map.of()),
                Piece.of("advertising", PieceKind.AD_NOTICE, "Advertising notice"),
                Piece.of(
                        "break-screen",
                        PieceKind.BREAK_SCREEN,
                        "Break screen",
                        "",
                        Content.words(Map.of(
                                "title", "The lantern is out for a moment",
                                "line", "Stay where you are, the marsh does too.",
                                "label", "Lit again in")),
                        Map.of()),
                Piece.of("announcer", PieceKind.ANNOUNCER, "Announcer").mustShow(true),
                Piece.of(
                        "tide-over",
                        PieceKind.TRANSITION,
                        "Tide over",
                        "",
                        Content.words(Map.of("word", "Reedlight Hide")),
                        Map.of()),
                Piece.of(
                        "channel-page",
                        PieceKind.PANEL,
                        "Channel page",
                        "",
                        Map.of(
                                "headings",
                                new Content.Lines(
                                        List.of("About the hide", "When we watch", "What we use", "Say hello"))),
                        Map.of()));
    }

    /** What is prepared for an evening: sequences, what viewers may do, when there is advertising. */
    public static List<Cue> prepared() {
        return List.of(
                new SequenceCue.WriteSequence(new Sequence(
                        "opening",
                        "Opening",
                        List.of(
                                new Sequence.Step(0, new ClockCue.StartClock("countdown")),
                                new Sequence.Step(
                                        1000, new PieceCue.Say("band", "message", "Dusk watch: please sit quietly")),
                                new Sequence.Step(1000, new RequestCue.TakeRequests(true, "!listen", 1))),
                        "")),
                new ViewerCue.WritePresses(List.of(new ViewerPress(
                        "heron",
                        SignalKind.CHAT,
                        "!heron",
                        0,
                        new CountCue.StepCount("sightings", "value", 1),
                        20,
                        0,
                        0,
                        false))),
                new NoticeCue.PlanNotices(20, 30, 60, 30));
    }

    private static Piece screen(String id, String name, String title, String line) {
        return Piece.of(id, PieceKind.SCREEN, name, "", Content.words(Map.of("title", title, "line", line)), Map.of());
    }

    private static List<Scene> scenes() {
        Placed announcer = Placed.in(Zone.ALERT, "announcer");
        return List.of(
                Scene.of(
                        "starting",
                        "Starting",
                        SceneRole.STARTING,
                        List.of(
                                Placed.in(Zone.FULL, "starting-screen"),
                                Placed.in(Zone.CLOCK, "countdown"),
                                announcer)),
                Scene.of(
                        "hide",
                        "Hide",
                        SceneRole.LIVE,
                        List.of(
                                Placed.in(Zone.FULL, "ground"),
                                Placed.in(Zone.PLAY, "scope-frame"),
                                Placed.in(Zone.CAMERA, "camera-frame"),
                                Placed.in(Zone.STRIP, "supporter"),
                                Placed.in(Zone.SECOND_STRIP, "follower"),
                                Placed.at(under("follower", Side.BOTTOM), "sightings")
                                        .corrected(Shape.UPRIGHT, under("supporter", Side.TOP)),
                                Placed.at(under("follower", Side.TOP), "nest-boxes")
                                        .hidden(Shape.WIDE, true)
                                        .hidden(Shape.SQUARE, true),
                                Placed.in(Zone.BAND, "band"),
                                Placed.in(Zone.TOP, "advertising"),
                                announcer)),
                Scene.of(
                                "desk",
                                "Field desk",
                                SceneRole.TALKING,
                                List.of(
                                        Placed.in(Zone.FULL, "ground"),
                                        Placed.in(Zone.PLAY, "desk-frame"),
                                        Placed.in(Zone.CAMERA, "species"),
                                        Placed.in(Zone.STRIP, "supporter"),
                                        Placed.in(Zone.SECOND_STRIP, "nest-boxes"),
                                        Placed.in(Zone.LOWER, "guest"),
                                        Placed.in(Zone.BAND, "band"),
                                        announcer))
                        .arriving(true),
                Scene.of(
                        "away",
                        "Away",
                        SceneRole.AWAY,
                        List.of(
                                Placed.in(Zone.FULL, "away-screen"),
                                Placed.at(new Spot.Anchored(Anchor.LEFT, 118, 90, 460, 112), "shops"),
                                Placed.at(new Spot.Anchored(Anchor.LEFT, 118, 230, 460, 112), "heard"),
                                Placed.at(new Spot.Anchored(Anchor.RIGHT, -130, 60, 420, 420), "asked")
                                        .corrected(Shape.UPRIGHT, new Spot.Anchored(Anchor.BOTTOM, 0, -250, 700, 420)),
                                Placed.in(Zone.LOW_STRIP, "tide"),
                                announcer)),
                Scene.of(
                                "closing",
                                "Closing",
                                SceneRole.ENDING,
                                List.of(
                                        Placed.in(Zone.FULL, "closing-screen"),
                                        Placed.at(new Spot.Anchored(Anchor.RIGHT, -130, 0, 420, 420), "supporters")
                                                .corrected(
                                                        Shape.UPRIGHT,
                                                        new Spot.Anchored(Anchor.BOTTOM, 0, -220, 700, 420)),
                                        announcer))
                        .arriving(true));
    }

    /** Hung on another line with the gap of the plan, as wide as it. */
    private static Spot under(String piece, Side side) {
        return new Spot.Attached(piece, side, Spot.Along.FULL, 28, 380, 112);
    }

    private static List<AlertRule> alerts() {
        return List.of(
                AlertRule.of(SignalKind.FOLLOW, true, "New follower at the hide", "{name}", 5)
                        .heard(AlertSound.of("drop")),
                AlertRule.of(SignalKind.SUBSCRIPTION, true, "New subscriber", "{name} subscribed", 7)
                        .heard(AlertSound.of("reed")),
                AlertRule.of(
                                SignalKind.RENEWAL,
                                true,
                                "Subscriber for {months, plural, one {# month} other {# months}}",
                                "{name}",
                                7)
                        .heard(AlertSound.of("reed")),
                AlertRule.of(SignalKind.GIFTED_SUBSCRIPTIONS, true, "Gifted subscriptions", "{name} gave {amount}", 7)
                        .heard(AlertSound.of("harp")),
                AlertRule.of(SignalKind.POINTS, true, "Acorns", "{name} dropped {amount} acorns", 6)
                        .heard(AlertSound.of("wood")),
                AlertRule.of(
                                SignalKind.RAID,
                                true,
                                "A flock arrives",
                                "{name} raided with {amount, plural, one {# viewer} other {# viewers}}",
                                8)
                        .heard(AlertSound.of("wings")));
    }
}
