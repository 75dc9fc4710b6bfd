package brandeon.core.publish;

import brandeon.core.canvas.Canvas;
import brandeon.core.canvas.Shape;
import brandeon.core.colour.Colour;
import brandeon.core.colour.Shortfall;
import brandeon.core.kind.Content;
import brandeon.core.kind.ContentType;
import brandeon.core.kind.Field;
import brandeon.core.kind.Figure;
import brandeon.core.layout.ResolvedScene.Placement;
import brandeon.core.problem.Mistake;
import brandeon.core.show.Held;
import brandeon.core.show.LiveState;
import brandeon.core.show.Starting;
import brandeon.core.text.Letters;
import brandeon.core.text.TextRow;
import brandeon.core.theme.BrandEdit;
import brandeon.core.theme.Edit;
import brandeon.core.theme.Edits;
import brandeon.core.theme.Manner;
import brandeon.core.theme.Outcome;
import brandeon.core.theme.Piece;
import brandeon.core.theme.PieceEdit;
import brandeon.core.theme.Placed;
import brandeon.core.theme.PlacingEdit;
import brandeon.core.theme.Theme;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.net.URLDecoder;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.BiFunction;
import java.util.function.UnaryOperator;

/**
 * What stands in a link after its question mark, for that source alone: pairs of names and values as HTML forms send
 * them (application/x-www-form-urlencoded, WHATWG URL). Each is taken whole or left out whole; what is left out is told.
 *
 * @param theme   with what is set
 * @param said    what is set over what a show says, by piece and slot
 * @param ignored what is left out
 */
public record LinkSettings(Theme theme, Map<String, Map<String, Held>> said, List<Ignored> ignored) {

    /** More in one link are left out. */
    public static final int MOST = 40;

    /** More letters after the question mark are left out. */
    public static final int LONGEST = 4000;

    private static final String OPACITY = "opacity";
    private static final String MIRRORED = "mirrored";
    private static final String CARD = "card";
    private static final String COLOUR = "colour";
    private static final List<String> NO_YES = List.of("no", "yes");

    /** @param sentence what is wrong, with what would be right */
    public record Ignored(String name, String sentence) {}

    private record Place(String scene, String canvas, Part part, String query) {}

    /** Read once for each theme; themes never change. What is read may hold its theme, so it is let go by time. */
    private static final Cache<Theme, Map<Place, LinkSettings>> KNOWN = Caffeine.newBuilder()
            .weakKeys()
            .expireAfterAccess(Duration.ofMinutes(5))
            .build();

    /** Whoever has a link may write as many others of it as they like. */
    private static final int MOST_KNOWN = 500;

    /** One that may be set, with what setting it does. */
    private record Knob(LinkSetting setting, BiFunction<Theme, String, Change> change) {}

    /** @param edit of the theme, or what is held over the show */
    private record Change(Optional<Edit> edit, String piece, String slot, Optional<Held> held) {

        static Change of(Edit edit) {
            return new Change(Optional.of(edit), "", "", Optional.empty());
        }
    }

    /** All that may stand in the link of a source. Empty where the theme has no such scene or canvas. */
    public static List<LinkSetting> allowed(Theme theme, String scene, String canvas, Part part) {
        return knobs(theme, scene, canvas, part).values().stream()
                .map(Knob::setting)
                .toList();
    }

    /** @param query what stands after the question mark, as it stands there; whatever it is, this never fails */
    public static LinkSettings read(Theme theme, String scene, String canvas, Part part, String query) {
        if (query.isEmpty()) {
            return new LinkSettings(theme, Map.of(), List.of());
        }
        Map<Place, LinkSettings> known = KNOWN.get(theme, _ -> new ConcurrentHashMap<>());
        if (known.size() >= MOST_KNOWN) {
            known.clear();
        }
        return known.computeIfAbsent(
                new Place(scene, canvas, part, query), _ -> parse(theme, scene, canvas, part, query));
    }

    /** Guarantees of the brand that hold without the link, and not with it. */
    public List<Shortfall> broken(Theme before) {
        Set<List<Object>> known = new HashSet<>();
        before.brand().palette().shortfalls().forEach(one -> known.add(List.of(one.role(), one.other())));
        return theme.brand().palette().shortfalls().stream()
                .filter(one -> !known.contains(List.of(one.role(), one.other())))
                .toList();
    }

    /** With what is set over what the show says. */
    public LiveState over(LiveState live) {
        return said.isEmpty() ? live : live.saying(said);
    }

    private static LinkSettings parse(Theme theme, String scene, String canvas, Part part, String query) {
        List<Ignored> ignored = new ArrayList<>();
        if (query.length() > LONGEST) {
            ignored.add(new Ignored(
                    "",
                    String.format(
                            Locale.ROOT,
                            "All of its settings are left out: they have more than %d letters.",
                            LONGEST)));
            return new LinkSettings(theme, Map.of(), ignored);
        }
        Map<String, Knob> knobs = knobs(theme, scene, canvas, part);
        Map<String, Map<String, Held>> said = new HashMap<>();
        Set<String> set = new HashSet<>();
        Theme now = theme;
        int count = 0;
        for (String pair : query.split("&")) {
            if (pair.isEmpty()) {
                continue;
            }
            String shown = Letters.shortened(pair, 40);
            if (++count > MOST) {
                ignored.add(new Ignored(
                        shown, String.format(Locale.ROOT, "Left out: a link takes at most %d settings.", MOST)));
                break;
            }
            try {
                int equals = pair.indexOf('=');
                String name = decoded(equals < 0 ? pair : pair.substring(0, equals));
                String value = equals < 0 ? "" : decoded(pair.substring(equals + 1));
                Knob knob = knobs.get(name);
                if (knob == null) {
                    throw new Mistake(unknown(name, knobs));
                }
                if (!set.add(name)) {
                    throw new Mistake("“" + name + "” stands in the link more than once; the first one counts.");
                }
                Change change = knob.change().apply(now, value);
                if (change.edit().isPresent()) {
                    switch (Edits.apply(now, change.edit().get())) {
                        case Outcome.Applied applied -> now = applied.theme();
                        case Outcome.Refused refused -> throw new Mistake(refused.reason());
                    }
                }
                change.held()
                        .ifPresent(held -> said.computeIfAbsent(change.piece(), _ -> new HashMap<>())
                                .put(change.slot(), held));
            } catch (Mistake e) {
                ignored.add(new Ignored(shown, e.getMessage()));
            }
        }
        return new LinkSettings(now, said, List.copyOf(ignored));
    }

    private static String decoded(String text) {
        String plain;
        try {
            plain = URLDecoder.decode(text, StandardCharsets.UTF_8);
        } catch (IllegalArgumentException e) {
            throw new Mistake("“" + Letters.shortened(text, 40) + "” has a percent sign that stands for no letter.");
        }
        if (!Letters.clean(plain)) {
            throw new Mistake("A value has a letter in it that cannot be written.");
        }
        return plain;
    }

    private static String unknown(String name, Map<String, Knob> knobs) {
        int dot = name.indexOf('.');
        String piece = dot < 0 ? "" : name.substring(0, dot + 1);
        List<String> near = knobs.keySet().stream()
                .filter(known -> !piece.isEmpty() && known.startsWith(piece))
                .toList();
        return "Nothing here is called “" + Letters.shortened(name, 40) + "”"
                + (near.isEmpty() ? "." : "; there is " + String.join(", ", near) + ".");
    }

    private static Map<String, Knob> knobs(Theme theme, String scene, String canvas, Part part) {
        Map<String, Knob> all = new LinkedHashMap<>();
        Quiet.scene(theme, scene, canvas)
                .ifPresent(resolved -> Picture.taken(resolved, part)
                        .forEach(placement -> of(theme, scene, resolved.canvas(), placement)
                                .forEach(knob -> all.put(knob.setting().name(), knob))));
        List<Colour> seeds = theme.brand().seeds();
        for (int i = 0; !all.isEmpty() && i < seeds.size(); i++) {
            int index = i;
            String name = COLOUR + (i + 1);
            all.put(
                    name,
                    new Knob(
                            new LinkSetting(
                                    name,
                                    "",
                                    "Seed colour " + (i + 1),
                                    LinkSetting.Sort.COLOUR,
                                    seeds.get(i).hex(),
                                    0,
                                    0,
                                    List.of()),
                            (_, value) -> Change.of(new BrandEdit.SetSeed(index, Colour.parse(value)))));
        }
        return all;
    }

    private static List<Knob> of(Theme theme, String scene, Canvas canvas, Placement placement) {
        Piece piece = theme.piece(placement.piece().id()).orElseThrow();
        Placed placed = placement.placed();
        String id = piece.id();
        List<Knob> knobs = new ArrayList<>();
        for (Figure figure : piece.kind().figures()) {
            knobs.add(new Knob(
                    new LinkSetting(
                            id + "." + figure.name(),
                            piece.name(),
                            figure.title(),
                            figure.choices().isEmpty() ? LinkSetting.Sort.NUMBER : LinkSetting.Sort.CHOICE,
                            plain(piece.figure(figure.name())),
                            figure.least(),
                            figure.most(),
                            figure.choices()),
                    (_, value) -> Change.of(new PieceEdit.SetFigure(id, figure.name(), figure(figure, value)))));
        }
        Manner manner = placement.manner();
        Shape shape = canvas.shape();
        knobs.add(new Knob(
                new LinkSetting(
                        id + "." + OPACITY,
                        piece.name(),
                        "Opacity, percent",
                        LinkSetting.Sort.NUMBER,
                        plain(manner.opacity() * 100),
                        0,
                        100,
                        List.of()),
                (now, value) -> manner(
                        now,
                        scene,
                        id,
                        shape,
                        old -> new Manner(
                                old.turn(),
                                old.mirrored(),
                                old.flipped(),
                                number("Opacity", value, 0, 100) / 100,
                                old.blend()))));
        knobs.add(new Knob(
                new LinkSetting(
                        id + "." + MIRRORED,
                        piece.name(),
                        "Flipped horizontally",
                        LinkSetting.Sort.CHOICE,
                        manner.mirrored() ? "1" : "0",
                        0,
                        1,
                        NO_YES),
                (now, value) -> manner(
                        now,
                        scene,
                        id,
                        shape,
                        old -> new Manner(
                                old.turn(),
                                choice("Flipped horizontally", value, NO_YES) == 1,
                                old.flipped(),
                                old.opacity(),
                                old.blend()))));
        piece.kind().facts().cards().ifPresent(slot -> card(theme, piece, slot).ifPresent(knobs::add));
        for (Field field : piece.kind().fields()) {
            if (field.type() == ContentType.WORDS) {
                knobs.add(new Knob(
                        new LinkSetting(
                                id + "." + field.name(),
                                piece.name(),
                                field.title(),
                                LinkSetting.Sort.WORDS,
                                ((Content.Words) piece.saying(placed.content()).content(field.name())).pattern(),
                                0,
                                Content.LONGEST,
                                List.of()),
                        (_, value) -> held(id, field.name(), new Held.HeldWords(value))));
            } else if (field.type() == ContentType.TINT) {
                knobs.add(new Knob(
                        new LinkSetting(
                                id + "." + field.name(),
                                piece.name(),
                                field.title(),
                                LinkSetting.Sort.COLOUR,
                                ((Content.Tint) piece.content(field.name())).colour(),
                                0,
                                0,
                                List.of()),
                        (_, value) -> held(
                                id,
                                field.name(),
                                new Held.HeldTint(Colour.parse(value).hex()))));
            }
        }
        return knobs;
    }

    /** Which of its cards is up in this source, whatever the show says. */
    private static Optional<Knob> card(Theme theme, Piece piece, String slot) {
        List<TextRow> cards = Starting.cards(theme.speaking(piece));
        if (cards.size() < 2) {
            return Optional.empty();
        }
        List<String> names = cards.stream().map(TextRow::label).toList();
        return Optional.of(new Knob(
                new LinkSetting(
                        piece.id() + "." + CARD,
                        piece.name(),
                        "Card",
                        LinkSetting.Sort.CHOICE,
                        "0",
                        0,
                        names.size() - 1.0,
                        names),
                (_, value) -> held(
                        piece.speaker(),
                        slot,
                        new Held.HeldCards(List.of(), choice("Card", value, names), true, 0, -1))));
    }

    private static Change held(String piece, String slot, Held held) {
        held.require();
        return new Change(Optional.empty(), piece, slot, Optional.of(held));
    }

    private static Change manner(Theme now, String scene, String piece, Shape shape, UnaryOperator<Manner> change) {
        Placed placed = now.scene(scene).flatMap(one -> one.placed(piece)).orElseThrow();
        Manner next = change.apply(placed.manner(shape));
        return Change.of(new Edit.Batch(List.of(
                new PlacingEdit.SetLocked(scene, piece, false),
                placed.manners().containsKey(shape)
                        ? new PlacingEdit.SetMannerOn(scene, piece, shape, next)
                        : new PlacingEdit.SetManner(scene, piece, next))));
    }

    private static double figure(Figure figure, String value) {
        return figure.choices().isEmpty()
                ? number(figure.title(), value, figure.least(), figure.most())
                : choice(figure.title(), value, figure.choices());
    }

    private static double number(String title, String value, double least, double most) {
        double number;
        try {
            number = Double.parseDouble(value.strip());
        } catch (NumberFormatException e) {
            number = Double.NaN;
        }
        if (!(number >= least && number <= most)) {
            throw new Mistake(String.format(
                    Locale.ROOT,
                    "%s is “%s”; it lies between %s and %s.",
                    title,
                    Letters.shortened(value, 40),
                    plain(least),
                    plain(most)));
        }
        return number;
    }

    /** By its number, counted from 0, or by its name. */
    private static int choice(String title, String value, List<String> names) {
        for (int i = 0; i < names.size(); i++) {
            if (value.strip().equals(String.valueOf(i)) || value.strip().equalsIgnoreCase(names.get(i))) {
                return i;
            }
        }
        throw new Mistake(String.format(
                Locale.ROOT,
                "%s is “%s”; it is one of %s, or its number from 0 to %d.",
                title,
                Letters.shortened(value, 40),
                String.join(", ", names),
                names.size() - 1));
    }

    /** Without a point where it is whole. */
    private static String plain(double number) {
        return number == Math.rint(number) && Math.abs(number) < 1e15
                ? String.valueOf((long) number)
                : String.valueOf(number);
    }
}
