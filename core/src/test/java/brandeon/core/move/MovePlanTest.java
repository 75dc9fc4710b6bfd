package brandeon.core.move;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.tuple;
import static org.assertj.core.data.Offset.offset;

import brandeon.core.bot.Asker;
import brandeon.core.bot.Bot;
import brandeon.core.bot.Command;
import brandeon.core.bot.TimedMessage;
import brandeon.core.canvas.Shape;
import brandeon.core.demo.ReedlightHide;
import brandeon.core.kind.Content;
import brandeon.core.live.AlertRule;
import brandeon.core.live.Readings;
import brandeon.core.live.SignalKind;
import brandeon.core.move.MovePlan.TextLine;
import brandeon.core.move.MovePlan.ValueLine;
import brandeon.core.platform.Noun;
import brandeon.core.platform.Profile;
import brandeon.core.platform.Profiles;
import brandeon.core.problem.Mistake;
import brandeon.core.show.CardCue;
import brandeon.core.show.ClockCue;
import brandeon.core.show.PieceCue;
import brandeon.core.show.Sequence;
import brandeon.core.text.Article;
import brandeon.core.text.TextRow;
import brandeon.core.theme.BotEdit;
import brandeon.core.theme.Edit;
import brandeon.core.theme.Edits;
import brandeon.core.theme.KeepClear;
import brandeon.core.theme.Outcome;
import brandeon.core.theme.Piece;
import brandeon.core.theme.PieceEdit;
import brandeon.core.theme.PlacingEdit;
import brandeon.core.theme.Scene;
import brandeon.core.theme.Theme;
import brandeon.core.theme.ThemeEdit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class MovePlanTest {

    private static final Profile ALDER = Profiles.shipped("alder").orElseThrow();
    private static final Profile BIRCH = Profiles.shipped("birch").orElseThrow();
    private static final Profile CEDAR = Profiles.shipped("cedar").orElseThrow();
    private static final Theme DEMO = ReedlightHide.theme();

    private static Theme with(Edit... edits) {
        Theme theme = DEMO;
        for (Edit edit : edits) {
            Outcome outcome = Edits.apply(theme, edit);
            assertThat(outcome).isInstanceOf(Outcome.Applied.class);
            theme = ((Outcome.Applied) outcome).theme();
        }
        return theme;
    }

    private static ValueLine value(MovePlan plan, String id) {
        return plan.values().stream()
                .filter(line -> line.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new AssertionError(id + " is not in " + plan.values()));
    }

    private static TextLine text(MovePlan plan, String id) {
        return plan.texts().stream()
                .filter(line -> line.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new AssertionError(id + " is not in " + plan.texts()));
    }

    private static Choices keeping(String... ids) {
        return new Choices(Set.of(ids), Map.of(), Map.of());
    }

    /** A scene may have words of its own, and the bot writes into the chat of the new side. */
    @Test
    void wordsOfOneSceneAloneAndOfTheBotAreReworded() {
        Theme theme = with(
                new PlacingEdit.SetContentOn(
                        "hide",
                        "follower",
                        Map.of("value", new Content.Words("A subscriber, a follower: {latestFollower}"))),
                new BotEdit.SetCommand(new Command(
                        "last",
                        "!raid",
                        List.of(),
                        "The last raid: {latestFollower}, {raids, plural, one {# raid} other {# raids}}; ask !raid",
                        Asker.EVERYBODY,
                        5,
                        true)),
                new BotEdit.SetTimed(new TimedMessage("hello", "A subscriber of ours", 5, 0, List.of("hide"), true)));
        MovePlan plan = MovePlan.of(theme, ALDER, BIRCH);
        TextLine here = text(plan, "scene/hide/follower/value/0");
        assertThat(here.scenes()).containsExactly("Hide");
        assertThat(value(plan, "value/scene/hide/follower/value/latestFollower").chosen())
                .isNotEmpty();
        assertThat(plan.moved()
                        .scene("hide")
                        .flatMap(scene -> scene.placed("follower"))
                        .orElseThrow()
                        .content()
                        .get("value"))
                .asString()
                .contains("A member, a")
                .doesNotContain("latestFollower");
        assertThat(plan.moved().bot().command("last").orElseThrow()).satisfies(command -> {
            assertThat(command.word()).as("what viewers type is what they know").isEqualTo("!raid");
            assertThat(command.answer())
                    .contains("The last redirect:", "one {# redirect} other {# redirects}", "ask !raid")
                    .doesNotContain("latestFollower");
        });
        assertThat(plan.moved().bot().timed("hello").orElseThrow())
                .isEqualTo(new TimedMessage("hello", "A member of ours", 5, 0, List.of("hide"), true));
        MovePlan kept = MovePlan.of(theme, ALDER, BIRCH, keeping("timed/hello/text"));
        assertThat(kept.moved().bot().timed("hello").orElseThrow().text()).isEqualTo("A subscriber of ours");
        String longest = "x".repeat(600);
        MovePlan tooLong =
                MovePlan.of(theme, ALDER, BIRCH, new Choices(Set.of(), Map.of("timed/hello/text", longest), Map.of()));
        assertThat(text(tooLong, "timed/hello/text").refused()).contains("1 to 500 letters");
        assertThat(tooLong.moved().bot().timed("hello").orElseThrow().text()).isEqualTo("A subscriber of ours");
    }

    /** What goes along beside the theme is in the plan line by line, too. */
    @Test
    void sequencesAndHeadingsOfTablesAreReworded() {
        Luggage luggage = new Luggage(
                List.of(new Sequence(
                        "opening",
                        "Opening",
                        List.of(
                                new Sequence.Step(0, new ClockCue.StartClock("countdown")),
                                new Sequence.Step(
                                        1000,
                                        new PieceCue.Say("band", "message", "Subscribers first, then {latestRaider}")),
                                new Sequence.Step(
                                        0,
                                        new CardCue.WriteCards(
                                                "guest", List.of(new TextRow("Our raid", "a subscriber’s hour"))))),
                        "hide")),
                List.of(new Luggage.Headings("raids", "Raids so far", List.of("Name", "Raid no."))));
        MovePlan plan = MovePlan.of(DEMO, luggage, ALDER, BIRCH, Choices.NONE);
        Sequence moved = plan.luggage().sequences().getFirst();
        assertThat(moved.steps().get(1).cue())
                .isEqualTo(new PieceCue.Say("band", "message", "Members first, then {latestRaider}"));
        assertThat(moved.steps().get(2).cue())
                .isEqualTo(new CardCue.WriteCards("guest", List.of(new TextRow("Our redirect", "a member’s hour"))));
        assertThat(moved.steps().get(0))
                .isEqualTo(luggage.sequences().getFirst().steps().get(0));
        assertThat(plan.luggage().tables())
                .containsExactly(new Luggage.Headings("raids", "Redirects so far", List.of("Name", "Redirect no.")));
        assertThat(text(plan, "sequence/opening/1/0").place()).isEqualTo("Sequence Opening, step 2");
        MovePlan kept = MovePlan.of(
                DEMO, luggage, ALDER, BIRCH, keeping("sequence/opening/1/0", "table/raids/title", "table/raids/1"));
        assertThat(kept.luggage().tables()).isEqualTo(luggage.tables());
        assertThat(kept.luggage().sequences().getFirst().steps().get(1))
                .isEqualTo(luggage.sequences().getFirst().steps().get(1));
        MovePlan tooLong = MovePlan.of(
                DEMO,
                luggage,
                ALDER,
                BIRCH,
                new Choices(
                        Set.of(), Map.of("table/raids/title", "x".repeat(500), "sequence/opening/1/0", "{"), Map.of()));
        assertThat(text(tooLong, "table/raids/title").refused()).contains("A heading has 1 to");
        assertThat(text(tooLong, "sequence/opening/1/0").refused()).isNotEmpty();
        assertThat(tooLong.luggage().tables().getFirst().title()).isEqualTo("Raids so far");
        assertThat(MovePlan.of(DEMO, plan.luggage(), BIRCH, ALDER, Choices.NONE).luggage())
                .as("and back again")
                .isEqualTo(luggage);
    }

    @Test
    void aLineOfTheSheetIsAnotherOneAsSoonAsAnythingOfItChanges() {
        Theme theme = DEMO;
        List<BotSheet.Line> lines = BotSheet.of(theme);
        assertThat(lines)
                .hasSize(theme.bot().commands().size() + theme.bot().timed().size());
        assertThat(lines.getFirst().word()).isEqualTo("!birds");
        assertThat(lines.getFirst().rest()).isEqualTo("also !list, !seen; pauses 20 s");
        assertThat(lines.getLast().rest()).isEqualTo("every 25 minutes; after 10 lines of others");
        Command birds = theme.bot().command("birds").orElseThrow();
        Theme later = with(new BotEdit.SetCommand(birds.answering("Other birds")));
        assertThat(BotSheet.knows(later, lines.get(0).key())).isFalse();
        assertThat(BotSheet.knows(later, lines.get(1).key())).isTrue();
        assertThat(BotSheet.knows(later, BotSheet.JOINED)).isTrue();
        assertThat(BotSheet.knows(theme.withBot(Bot.NONE), BotSheet.JOINED)).isFalse();
    }

    @Test
    void aPieceOnASignalThatTheNewPlatformLacksIsListedWithWhatCouldStandThere() {
        MovePlan plan = MovePlan.of(DEMO, ALDER, BIRCH);
        ValueLine follower = value(plan, "value/follower/value/latestFollower");
        assertThat(follower.scenes()).containsExactly("Hide");
        assertThat(follower.options())
                .extracting(MovePlan.Option::name)
                .contains("latestSubscriber", "latestRaider", "latestMessage")
                .doesNotContain("latestTipper", "latestFollower", "subscribers");
        assertThat(follower.chosen())
                .as("the latest subscriber stands on the same scene already")
                .isEqualTo("latestRaider");
        assertThat(plan.moved().piece("follower").orElseThrow().content("value"))
                .isEqualTo(new Content.Words("{latestRaider}"));
        assertThat(plan.moved().piece("follower").orElseThrow().content("label"))
                .as("its label speaks of what it shows then")
                .isEqualTo(new Content.Words("Latest redirect"));
    }

    @Test
    void aGoalOnFollowersMovesToWhatTheNewSideCounts() {
        Theme theme = with(new PieceEdit.SetContent("nest-boxes", "value", Content.Count.of("followersThisMonth")));
        MovePlan plan = MovePlan.of(theme, ALDER, BIRCH);
        ValueLine goal = value(plan, "value/nest-boxes/value/followersThisMonth");
        assertThat(goal.chosen()).as("over the same period").endsWith("ThisMonth");
        assertThat(Readings.fedBy(goal.chosen()))
                .anyMatch(kind -> BIRCH.term(kind).isPresent());
        assertThat(plan.moved().piece("nest-boxes").orElseThrow().content("value"))
                .isEqualTo(Content.Count.of(goal.chosen()));
        MovePlan other =
                MovePlan.of(theme, ALDER, BIRCH, new Choices(Set.of(), Map.of(), Map.of(goal.id(), "raidsThisMonth")));
        assertThat(other.moved().piece("nest-boxes").orElseThrow().content("value"))
                .isEqualTo(Content.Count.of("raidsThisMonth"));
        assertThat(MovePlan.of(theme, ALDER, BIRCH, keeping(goal.id())).moved().piece("nest-boxes"))
                .map(piece -> piece.content("value"))
                .contains(Content.Count.of("followersThisMonth"));
    }

    @Test
    void whatCannotStandInIsRefused() {
        Choices wrong = new Choices(Set.of(), Map.of(), Map.of("value/follower/value/latestFollower", "subscribers"));
        assertThatThrownBy(() -> MovePlan.of(DEMO, ALDER, BIRCH, wrong))
                .isInstanceOf(Mistake.class)
                .hasMessageContaining("cannot stand in for “latestFollower”");
    }

    @Test
    void whatOnlyPartlyGoesOnIsSaid() {
        ValueLine goal = value(MovePlan.of(DEMO, ALDER, BIRCH), "value/nest-boxes/value/subscribers");
        assertThat(goal.options()).isEmpty();
        assertThat(goal.note()).contains("without gifted subscriptions").contains("Birch");
    }

    @Test
    void aValueOfOnePlatformAloneIsThatOfTheShow() {
        String apart = Readings.apart("alder", "subscribers");
        Theme theme = with(new PieceEdit.SetContent("sightings", "label", new Content.Words("Ours: {" + apart + "}")));
        MovePlan plan = MovePlan.of(theme, ALDER, BIRCH);
        assertThat(value(plan, "value/sightings/label/" + apart).chosen()).isEqualTo("subscribers");
        assertThat(plan.moved().piece("sightings").orElseThrow().content("label"))
                .isEqualTo(new Content.Words("Ours: {subscribers}"));
    }

    @Test
    void eachChangeCanBeRefusedOrTypedOtherwise() {
        String label = "piece/supporter/label/0";
        assertThat(MovePlan.of(DEMO, ALDER, BIRCH, keeping(label)).moved().piece("supporter"))
                .map(piece -> piece.content("label"))
                .contains(new Content.Words("Latest subscriber"));
        MovePlan typed =
                MovePlan.of(DEMO, ALDER, BIRCH, new Choices(Set.of(), Map.of(label, "Newest of us"), Map.of()));
        assertThat(typed.moved().piece("supporter").orElseThrow().content("label"))
                .isEqualTo(new Content.Words("Newest of us"));
        assertThat(text(typed, label).proposed())
                .as("what was proposed is still known")
                .isEqualTo("Latest member");
        MovePlan signals = MovePlan.of(DEMO, ALDER, BIRCH, keeping("signal/FOLLOW", "signal/PAID_MESSAGE"));
        assertThat(signals.moved().alert("follow")).map(AlertRule::on).contains(true);
        assertThat(signals.moved().alerts(SignalKind.PAID_MESSAGE)).isEmpty();
    }

    @Test
    void anAlertThatIsSwitchedOffIsToldWhereItsSignalComesAnew() {
        Theme moved = MovePlan.of(DEMO, ALDER, BIRCH).moved();
        assertThat(MovePlan.of(moved, BIRCH, ALDER).signals())
                .filteredOn(line -> line.kind() == SignalKind.FOLLOW)
                .singleElement()
                .matches(line -> line.note().contains("switched off"))
                .matches(line -> !line.changes());
    }

    @Test
    void aTextThatGrowsBeyondItsPlaceStaysWithASentence() {
        String long399 = "subscriber" + " reeds".repeat(64) + " by it";
        assertThat(long399.length()).isEqualTo(400);
        Profile wordy = new Profile(
                "wordy",
                "Wordy",
                new Profile.Words(
                        new Noun("friend of the house", "friends of the house"),
                        BIRCH.words().support(),
                        "joined",
                        BIRCH.words().raid(),
                        "came"),
                Map.of(),
                List.of(),
                50,
                List.of());
        Theme theme = with(new PieceEdit.SetContent("sightings", "label", new Content.Words(long399)));
        MovePlan plan = MovePlan.of(theme, ALDER, wordy);
        TextLine line = text(plan, "piece/sightings/label/0");
        assertThat(line.refused()).contains("400");
        assertThat(line.after()).isEqualTo(long399);
        assertThat(plan.moved().piece("sightings").orElseThrow().content("label"))
                .isEqualTo(new Content.Words(long399));
    }

    @Test
    void aTypedTextWithAMistakeIsRefusedAndTheRestIsDone() {
        String label = "piece/supporter/label/0";
        MovePlan plan = MovePlan.of(
                DEMO,
                ALDER,
                BIRCH,
                new Choices(Set.of(), Map.of(label, "New {", "alert/follow/kicker", "{"), Map.of()));
        assertThat(text(plan, label).refused()).isNotBlank();
        assertThat(text(plan, "alert/follow/kicker").refused()).contains("brace");
        assertThat(plan.moved().piece("supporter").orElseThrow().content("label"))
                .isEqualTo(new Content.Words("Latest subscriber"));
        assertThat(plan.moved().alert("subscription").orElseThrow().kicker()).isEqualTo("New member");
    }

    @Test
    void rowsChangeOneByOne() {
        Content.Rows rows = new Content.Rows(
                List.of(new TextRow("Subscribers", "{subscribers}"), new TextRow("Raid tonight", "{raids}")), "");
        Theme theme = with(new PieceEdit.SetContent("supporters", "rows", rows));
        MovePlan plan = MovePlan.of(theme, ALDER, BIRCH, keeping("piece/supporters/rows/2"));
        assertThat(plan.moved().piece("supporters").orElseThrow().content("rows"))
                .isEqualTo(new Content.Rows(
                        List.of(new TextRow("Members", "{subscribers}"), new TextRow("Raid tonight", "{raids}")), ""));
    }

    @Test
    void areasOfTheNewPlatformsButtonsAreKeptClearAndTheOldOnesAreNot() {
        MovePlan there = MovePlan.of(DEMO, ALDER, CEDAR);
        assertThat(there.areas())
                .extracting(MovePlan.AreaLine::title, MovePlan.AreaLine::begins)
                .containsExactly(
                        tuple("Buttons at the right of Cedar's page", true),
                        tuple("Name and text at the foot of Cedar's page", true));
        for (Scene scene : there.moved().scenes()) {
            assertThat(scene.keepClear()).hasSize(2).allMatch(area -> area.shape() == Shape.UPRIGHT);
            // The upright canvas is 1080 units wide and 1920 high; the buttons cover 0.14 of it from 0.86 on.
            KeepClear buttons = scene.keepClear().getFirst();
            assertThat(buttons.box().x()).isCloseTo(928.8, offset(0.01));
            assertThat(buttons.box().height()).isCloseTo(768, offset(0.01));
        }
        MovePlan on = MovePlan.of(there.moved(), CEDAR, BIRCH);
        assertThat(on.moved().scenes())
                .flatExtracting(Scene::keepClear)
                .extracting(KeepClear::name)
                .containsOnly("Time line of Birch's player");
        assertThat(MovePlan.of(DEMO, ALDER, CEDAR, keeping("area/begins/Buttons at the right of Cedar's page"))
                        .moved()
                        .scenes())
                .allMatch(scene -> scene.keepClear().size() == 1);
    }

    @Test
    void addressesAndWhatIsMissingAreToldWithoutBeingChanged() {
        Theme theme = with(
                new PieceEdit.SetContent("sightings", "label", new Content.Words("alder.example/reedlight")),
                new PieceEdit.SetContent(
                        "band", firstWords(DEMO.piece("band").orElseThrow()), new Content.Words("Follow the reeds")));
        MovePlan plan = MovePlan.of(theme, ALDER, BIRCH);
        assertThat(text(plan, "piece/sightings/label/0").note())
                .contains("alder.example/reedlight")
                .contains("address");
        assertThat(plan.texts())
                .filteredOn(line -> line.before().equals("Follow the reeds"))
                .singleElement()
                .matches(line -> line.after().equals("Follow the reeds"))
                .matches(line -> line.note().contains("Birch does not have"));
    }

    private static String firstWords(Piece piece) {
        return piece.kind().fields().stream()
                .filter(field -> piece.content(field.name()) instanceof Content.Words)
                .findFirst()
                .orElseThrow()
                .name();
    }

    /** Words that are in no other text, so that nothing is lost; the same signals and areas of the same shapes. */
    private static Profile random(String id, Random random) {
        Set<String> used = new HashSet<>();
        Supplier<String> word = () -> {
            String made;
            do {
                String vowels = "aeiouy";
                String others = "bdfgklmnprstvz";
                made = IntStream.range(0, 2 + random.nextInt(3))
                        .mapToObj(_ -> "" + others.charAt(random.nextInt(others.length()))
                                + vowels.charAt(random.nextInt(vowels.length())))
                        .reduce(random.nextBoolean() ? "" : "o", String::concat);
                if (random.nextInt(5) == 0) {
                    made += " " + made + "ko";
                }
            } while (!used.add(made));
            return made + id;
        };
        List<Profile.Term> terms = new ArrayList<>();
        for (SignalKind kind : SignalKind.values()) {
            Noun unit = kind.amount() == SignalKind.Amount.NONE ? null : new Noun(word.get(), word.get());
            terms.add(new Profile.Term(
                    kind, id + "." + kind, new Noun(word.get(), word.get()), word.get(), unit, List.of()));
        }
        return new Profile(
                id,
                "Platform" + id,
                new Profile.Words(
                        new Noun(word.get(), word.get()),
                        new Noun(word.get(), word.get()),
                        word.get(),
                        new Noun(word.get(), word.get()),
                        word.get()),
                Map.of("en", Map.of("supported", List.of(word.get(), word.get()))),
                terms,
                40,
                List.of(new Profile.Covered(
                        Shape.WIDE, "Buttons of " + id, 0.1, 0.1, 0.1 + random.nextDouble() / 4, 0.2)));
    }

    private static Theme random(Random random, Profile profile) {
        List<String> words = new ArrayList<>(List.of(
                "reeds", "at dusk", "{latestSubscriber}", "'{'quoted'}'", "it''s", "42", "HIDE", profile.title()));
        for (Noun noun : List.of(
                profile.words().supporter(),
                profile.words().support(),
                profile.words().raid())) {
            for (String form : List.of(noun.one(), noun.other())) {
                words.addAll(List.of(form, form.toUpperCase(Locale.ROOT), form + "''s", form + "-only"));
                words.add("{raids, plural, one {# " + form + "} other {# " + form + " {topRaider}}}");
                words.add("the" + form);
                words.add((Article.isAn(form) ? "an " : "a ") + form);
            }
        }
        words.add(profile.words().supported());
        Theme theme = DEMO;
        List<Piece> pieces = theme.pieces();
        for (int i = 0; i < 12; i++) {
            Piece piece = pieces.get(random.nextInt(pieces.size()));
            List<String> fields = piece.kind().fields().stream()
                    .map(field -> field.name())
                    .filter(field -> piece.content(field) instanceof Content.Words)
                    .toList();
            if (fields.isEmpty()) {
                continue;
            }
            StringBuilder said = new StringBuilder();
            IntStream.range(0, 1 + random.nextInt(6))
                    .forEach(_ ->
                            said.append(said.isEmpty() ? "" : " ").append(words.get(random.nextInt(words.size()))));
            Outcome outcome = Edits.apply(
                    theme,
                    new PieceEdit.SetContent(
                            piece.id(), fields.get(random.nextInt(fields.size())), new Content.Words(said.toString())));
            if (outcome instanceof Outcome.Applied applied) {
                theme = applied.theme();
            }
        }
        for (SignalKind kind : SignalKind.values()) {
            if (kind.announced() && theme.alerts(kind).isEmpty()) {
                theme = ((Outcome.Applied) Edits.apply(
                                theme,
                                new ThemeEdit.AddAlert(
                                        AlertRule.of(
                                                kind,
                                                true,
                                                "Now",
                                                "{name} "
                                                        + profile.term(kind)
                                                                .orElseThrow()
                                                                .verb(),
                                                4),
                                        theme.alerts().size())))
                        .theme();
            }
        }
        // It keeps its platform's buttons clear, as each copy does.
        return MovePlan.of(theme, plain(profile), profile, keepingAllTexts(theme, profile))
                .moved();
    }

    private static Profile plain(Profile profile) {
        return new Profile("none", profile.title(), profile.words(), profile.forms(), profile.signals(), 40, List.of());
    }

    private static Choices keepingAllTexts(Theme theme, Profile profile) {
        return new Choices(
                new HashSet<>(MovePlan.of(theme, plain(profile), profile).texts().stream()
                        .map(TextLine::id)
                        .toList()),
                Map.of(),
                Map.of());
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15, 16, 17, 18, 19, 20})
    void thereAndBackAgainIsTheSameThemeWhereNothingIsLost(long seed) {
        Random random = new Random(seed);
        Profile here = random("qq", random);
        Profile there = random("ww", random);
        Theme theme = random(random, here);
        MovePlan out = MovePlan.of(theme, here, there);
        assertThat(out.values()).as("nothing is lost").isEmpty();
        assertThat(out.texts()).as("something changes").isNotEmpty();
        assertThat(out.moved()).isNotEqualTo(theme);
        Theme back = MovePlan.of(out.moved(), there, here).moved();
        for (Piece piece : theme.pieces()) {
            assertThat(back.piece(piece.id())).contains(piece);
        }
        assertThat(back.alerts()).isEqualTo(theme.alerts());
        assertThat(back).isEqualTo(theme);
    }

    @Test
    void thePlanOfAnotherThemeAndThePlatformItIsOnChangeNothing() {
        MovePlan same = MovePlan.of(DEMO, ALDER, ALDER);
        assertThat(same.values()).isEmpty();
        assertThat(same.texts()).allMatch(line -> line.after().equals(line.before()));
        Map<String, Content> before = new HashMap<>();
        DEMO.pieces().forEach(piece -> before.putAll(piece.content()));
        Map<String, Content> after = new HashMap<>();
        same.moved().pieces().forEach(piece -> after.putAll(piece.content()));
        assertThat(after).isEqualTo(before);
    }
}
