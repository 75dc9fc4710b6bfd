package brandeon.core.watch;

import brandeon.core.canvas.Canvas;
import brandeon.core.layout.ResolvedScene;
import brandeon.core.layout.ResolvedScene.Placement;
import brandeon.core.preflight.Fix;
import brandeon.core.preflight.LoadChecks;
import brandeon.core.publish.Behaviour;
import brandeon.core.publish.LinkSettings;
import brandeon.core.publish.Part;
import brandeon.core.publish.Picture;
import brandeon.core.publish.Quiet;
import brandeon.core.publish.SourceSheet;
import brandeon.core.publish.Taking;
import brandeon.core.theme.Scene;
import brandeon.core.theme.Theme;
import brandeon.core.watch.SourceFinding.Kind;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;

/**
 * What is wrong with the sources of a theme, by what they say of themselves. It claims no more than was seen: which of
 * two sources stands above the other in broadcasting software is something that no page can know.
 */
public final class SourceFindings {

    /** What changed less long ago than this is still on its way; milliseconds. */
    private static final long SETTLES = 5_000;
    /** A page with a former link asks for it every minute while it is open; milliseconds. */
    private static final long OLD_LINK_ASKS = 180_000;

    private static final long DAY = 86_400_000;
    private static final long UNSEEN = 7 * DAY;
    /** Milliseconds: two frames at 60 a second, so that one of them was missed. */
    private static final double SLOW = 33.4;
    /** How much frames may be off their rate, and how evenly they must come for a rate to be told. */
    private static final double OFF = 0.15;

    private static final double EVENLY = 1.6;
    /** A source that rests is loaded as often as its scene comes on; one that runs once. */
    private static final int LOADS = 3;

    private final Theme theme;
    private final List<Link> links;
    private final List<OpenSource> open;
    private final long now;
    private final List<SourceFinding> found = new ArrayList<>();

    /** Share of the canvas that a piece paints anew in each frame, below which it is not what makes frames slow. */
    private static final double MUCH = 0.01;

    private SourceFindings(Theme theme, List<Link> links, List<OpenSource> open, long now) {
        this.theme = theme;
        this.links = links;
        this.open = open;
        this.now = now;
    }

    /**
     * The worst first, then by scene.
     *
     * @param theme as its sources show it
     * @param now   epoch milliseconds
     */
    public static List<SourceFinding> of(Theme theme, List<Link> links, List<OpenSource> open, long now) {
        SourceFindings findings = new SourceFindings(theme, links, open, now);
        links.forEach(findings::one);
        findings.together();
        return findings.found.stream()
                .sorted(Comparator.comparing(SourceFinding::weight))
                .toList();
    }

    private void one(Link link) {
        Optional<ResolvedScene> scene = scene(link);
        oldLink(link);
        if (scene.isEmpty() || link.withdrawn()) {
            return;
        }
        List<OpenSource> mine =
                open.stream().filter(one -> one.outlet().equals(link.outlet())).toList();
        SourceSheet.Browser wanted = SourceSheet.Browser.of(theme, scene.get(), link.part());
        size(link, wanted, mine);
        release(link, mine);
        twice(link, mine);
        loads(link, wanted, mine);
        frames(link, wanted, scene.get(), mine);
        settings(link, mine);
        if (mine.isEmpty() && link.seenAt() > 0 && now - link.seenAt() > UNSEEN) {
            add(
                    Kind.NOT_SEEN,
                    link,
                    String.format(Locale.ROOT, "Viewers have not seen it for %d days.", (now - link.seenAt()) / DAY),
                    link.seenAt(),
                    "If its scene is no longer used, take the source out; else look whether it is still there.");
        }
    }

    private Optional<ResolvedScene> scene(Link link) {
        return Quiet.scene(theme, link.scene(), link.canvas());
    }

    private void oldLink(Link link) {
        // Where the present link was opened since, it took the place of the former one; that asks again if it did not.
        boolean replaced = open.stream()
                .anyMatch(one -> one.outlet().equals(link.outlet())
                        && one.since() > link.oldLinkAt()
                        && (one.practice() || one.where().equals(link.oldLinkWhere())));
        if (link.oldLinkAt() > 0 && now - link.oldLinkAt() < OLD_LINK_ASKS && !replaced) {
            add(
                    Kind.OLD_LINK,
                    link,
                    "A former link of it is open at " + link.oldLinkWhere() + ", and shows nothing.",
                    link.oldLinkSince(),
                    link.withdrawn()
                            ? "Its link was withdrawn: take the source out, or issue a new link for it."
                            : "Put the present link into that source.");
        }
    }

    private void size(Link link, SourceSheet.Browser wanted, List<OpenSource> mine) {
        for (OpenSource one : mine) {
            if (one.width() == wanted.width() && one.height() == wanted.height()) {
                continue;
            }
            boolean zoomed = Math.round(one.width() * one.pixelRatio()) == wanted.width()
                    && Math.round(one.height() * one.pixelRatio()) == wanted.height();
            if (zoomed) {
                add(
                        Kind.ZOOMED,
                        link,
                        String.format(Locale.ROOT, "Its page is shown at %.0f %%%s.", one.pixelRatio() * 100, at(one)),
                        one.since(),
                        "Set the zoom of the page, or of the screen, to 100 %.");
            } else {
                add(
                        Kind.WRONG_SIZE,
                        link,
                        String.format(Locale.ROOT, "Runs at %d × %d%s.", one.width(), one.height(), at(one)),
                        one.since(),
                        String.format(
                                Locale.ROOT,
                                "Type width %d and height %d into the properties of this source.",
                                wanted.width(),
                                wanted.height()));
            }
            return;
        }
    }

    private void settings(Link link, List<OpenSource> mine) {
        for (OpenSource one : mine) {
            List<LinkSettings.Ignored> ignored = LinkSettings.read(
                            theme, link.scene(), link.canvas(), link.part(), one.settings())
                    .ignored();
            if (ignored.isEmpty()) {
                continue;
            }
            add(
                    Kind.SETTINGS,
                    link,
                    String.format(
                            Locale.ROOT,
                            "%s in its link %s left out%s. %s",
                            ignored.size() == 1 ? "A setting" : ignored.size() + " settings",
                            ignored.size() == 1 ? "is" : "are",
                            at(one),
                            String.join(
                                    " ",
                                    ignored.stream()
                                            .limit(3)
                                            .map(LinkSettings.Ignored::sentence)
                                            .toList())),
                    one.since(),
                    "Make the link anew under Settings of this source, and put it in.");
            return;
        }
    }

    private static String at(OpenSource one) {
        return one.where().isBlank() ? "" : " at " + one.where();
    }

    private void release(Link link, List<OpenSource> mine) {
        mine.stream()
                .filter(OpenSource::behind)
                .findFirst()
                .ifPresent(one -> add(
                        Kind.OTHER_RELEASE,
                        link,
                        "Still paints an earlier picture" + at(one) + ".",
                        0,
                        "Load this source anew in your software."));
        if (link.draft() && !mine.isEmpty()) {
            add(
                    Kind.OTHER_RELEASE,
                    link,
                    "Shows the draft, so viewers see every edit while it is made.",
                    0,
                    "Let it show what is on air, unless you want just that.");
        }
    }

    private void twice(Link link, List<OpenSource> mine) {
        mine.stream()
                .filter(this::settled)
                .filter(one -> one.visible() && !one.program().isBlank())
                .collect(Collectors.groupingBy(OpenSource::program))
                .values()
                .stream()
                .filter(same -> same.size() > 1)
                .findFirst()
                .ifPresent(same -> add(
                        Kind.TWICE,
                        link,
                        String.format(Locale.ROOT, "Seen %d times at once%s.", same.size(), at(same.getFirst())),
                        0,
                        "Take all but one of them out of the scene; each costs as much as the first."));
    }

    private boolean settled(OpenSource one) {
        return now - one.since() >= SETTLES;
    }

    private void loads(Link link, SourceSheet.Browser wanted, List<OpenSource> mine) {
        if (wanted.advice().behaviour() != Behaviour.KEEP_RUNNING) {
            return;
        }
        mine.stream()
                .filter(one -> one.loads() >= LOADS)
                .findFirst()
                .ifPresent(
                        one -> add(
                                Kind.RESTS,
                                link,
                                String.format(
                                        Locale.ROOT,
                                        "Was loaded %d times within an hour%s, though it should keep running. %s",
                                        one.loads(),
                                        at(one),
                                        wanted.advice().reason()),
                                0,
                                "Let this source run while its scene is off, and do not load it anew when the scene comes on."));
    }

    private void frames(Link link, SourceSheet.Browser wanted, ResolvedScene scene, List<OpenSource> mine) {
        Optional<OpenSource> slow = mine.stream()
                .filter(one -> one.visible() && one.slowest() > SLOW && !evenly(one))
                .max(Comparator.comparingDouble(OpenSource::slowest));
        if (slow.isPresent()) {
            slow(link, scene, slow.get());
            return;
        }
        mine.stream()
                .filter(one -> one.visible() && one.rate() > 0 && evenly(one))
                .filter(one -> Math.abs(one.rate() - wanted.frameRate()) > OFF * wanted.frameRate())
                .findFirst()
                .ifPresent(one -> add(
                        Kind.WRONG_RATE,
                        link,
                        String.format(
                                Locale.ROOT,
                                "Runs at about %.0f frames a second%s; its canvas has %d.",
                                one.rate(),
                                at(one),
                                wanted.frameRate()),
                        0,
                        String.format(Locale.ROOT, "Type %d as the frame rate of this source.", wanted.frameRate())));
    }

    /** Whether frames come at a steady rate, whichever that is. */
    private static boolean evenly(OpenSource one) {
        return one.rate() > 0 && one.slowest() <= EVENLY * 1000 / one.rate();
    }

    private void slow(Link link, ResolvedScene scene, OpenSource slow) {
        List<Placement> costly = Picture.taken(scene, link.part()).stream()
                .filter(placement -> cost(scene, placement) >= MUCH)
                .sorted(Comparator.comparingDouble((Placement placement) -> -cost(scene, placement)))
                .limit(3)
                .toList();
        String most = costly.isEmpty()
                ? "Nothing in it moves much, so look at what else that machine does."
                : "Most is painted by "
                        + String.join(
                                ", ",
                                costly.stream()
                                        .map(placement -> String.format(
                                                Locale.ROOT,
                                                "%s (%.0f %% of the canvas in each frame)",
                                                placement.piece().name(),
                                                cost(scene, placement) * 100))
                                        .toList())
                        + ".";
        Optional<Fix> fix = costly.stream()
                .map(placement -> Fix.still(placement.piece()))
                .flatMap(Optional::stream)
                .findFirst();
        found.add(new SourceFinding(
                Kind.SLOW,
                link.outlet(),
                link.scene(),
                link.canvas(),
                costly.isEmpty() ? "" : costly.getFirst().piece().id(),
                String.format(Locale.ROOT, "Frames take up to %.0f ms%s. %s", slow.slowest(), at(slow), most),
                0,
                fix.isPresent()
                        ? "Set what moves still, then put the theme on air."
                        : "Close what else is painted on that machine, or lower the frame rate of the source.",
                fix));
    }

    private static double cost(ResolvedScene scene, Placement placement) {
        return LoadChecks.share(placement, scene.canvas().size());
    }

    /** What only shows when the sources of a scene in one program are looked at together. */
    private void together() {
        Map<String, Link> byId = links.stream()
                .filter(link -> !link.withdrawn())
                .collect(Collectors.toMap(Link::outlet, link -> link, (a, _) -> a, LinkedHashMap::new));
        Map<List<String>, List<OpenSource>> groups = open.stream()
                .filter(one -> one.visible() && settled(one) && byId.containsKey(one.outlet()))
                .collect(Collectors.groupingBy(
                        one -> List.of(
                                byId.get(one.outlet()).scene(),
                                byId.get(one.outlet()).canvas(),
                                one.program()),
                        LinkedHashMap::new,
                        Collectors.toList()));
        groups.values()
                .forEach(seen -> scene(byId.get(seen.getFirst().outlet())).ifPresent(scene -> {
                    Map<Integer, Set<Link>> by = levels(scene, seen, byId);
                    missing(scene, seen.getFirst(), by);
                    over(scene, seen.getFirst());
                    overlapping(seen.getFirst(), by);
                    order(scene, seen, byId);
                }));
    }

    /** By which sources each level of a scene is shown. */
    private static Map<Integer, Set<Link>> levels(ResolvedScene scene, List<OpenSource> seen, Map<String, Link> byId) {
        Map<Integer, Set<Link>> by = new HashMap<>();
        for (int i = 0; i < scene.placements().size(); i++) {
            by.put(scene.level(i), new HashSet<>());
        }
        for (OpenSource one : seen) {
            Link link = byId.get(one.outlet());
            Taking.span(scene, link.part())
                    .ifPresent(span -> by.forEach((level, links) -> {
                        if (level >= span.from() && level <= span.to()) {
                            links.add(link);
                        }
                    }));
        }
        return by;
    }

    private void missing(ResolvedScene scene, OpenSource seen, Map<Integer, Set<Link>> by) {
        boolean shown = by.values().stream().anyMatch(links -> !links.isEmpty());
        Set<Integer> uncovered = new TreeSet<>(
                by.keySet().stream().filter(level -> by.get(level).isEmpty()).toList());
        if (!shown || uncovered.isEmpty()) {
            return;
        }
        Link there = by.values().stream().flatMap(Set::stream).findFirst().orElseThrow();
        int first = uncovered.iterator().next();
        int last = first;
        while (uncovered.contains(last + 1)) {
            last++;
        }
        Part wanted = Taking.part(scene, first, last);
        Optional<Link> absent = links.stream()
                .filter(link -> link.scene().equals(there.scene())
                        && link.canvas().equals(there.canvas())
                        && link.part().equals(wanted))
                .findFirst();
        Canvas canvas = scene.canvas();
        String title = Taking.title(scene, wanted);
        found.add(new SourceFinding(
                Kind.MISSING,
                absent.map(Link::outlet).orElse(""),
                there.scene(),
                there.canvas(),
                "",
                String.format(
                        Locale.ROOT, "What stands %s is missing%s while %s is seen.", title, at(seen), there.title()),
                seen.since(),
                String.format(
                        Locale.ROOT,
                        "Add its source to the scene %s: %s, %d × %d.",
                        scene.scene().name(),
                        first > 0 ? "above the captures" : "below everything else",
                        canvas.size().width(),
                        canvas.size().height()),
                Optional.empty()));
    }

    /** Which of two sources of a scene stands above the other, and which captures stand above them. */
    private void order(ResolvedScene scene, List<OpenSource> seen, Map<String, Link> byId) {
        List<OpenSource> known = seen.stream()
                .filter(OpenSource::ordered)
                .sorted(Comparator.comparingInt(OpenSource::order))
                .toList();
        for (OpenSource one : known) {
            Link link = byId.get(one.outlet());
            Optional<Part.Levels> span = Taking.span(scene, link.part());
            if (span.isEmpty()) {
                continue;
            }
            int above = (int) scene.openings().stream()
                    .filter(opening -> scene.level(opening) > span.get().to())
                    .count();
            if (one.under() > above) {
                add(
                        Kind.WRONG_ORDER,
                        link,
                        "Stands under a capture that it belongs above, so viewers do not see all of it.",
                        one.since(),
                        "Move this source up, above the capture.");
                return;
            }
            if (one.under() < above) {
                add(
                        Kind.WRONG_ORDER,
                        link,
                        "Stands above a capture that it belongs under, and hides it.",
                        one.since(),
                        "Move this source down, below the capture.");
                return;
            }
            Optional<OpenSource> wrong = known.stream()
                    .filter(other -> other.order() > one.order())
                    .filter(other -> Taking.span(scene, byId.get(other.outlet()).part())
                            .filter(later -> later.to() < span.get().from())
                            .isPresent())
                    .findFirst();
            if (wrong.isPresent()) {
                add(
                        Kind.WRONG_ORDER,
                        byId.get(wrong.get().outlet()),
                        "Stands above “" + link.title() + "”, though it belongs below it.",
                        one.since(),
                        "Move this source down in the scene.");
                return;
            }
        }
    }

    /** What stands over every scene must also be above all of it. */
    private void orderOver(ResolvedScene scene, OpenSource seen, Link over) {
        open.stream()
                .filter(one -> one.outlet().equals(over.outlet())
                        && one.visible()
                        && one.ordered()
                        && one.program().equals(seen.program()))
                .filter(one -> one.under() > 0 || seen.ordered() && one.order() < seen.order())
                .findFirst()
                .ifPresent(one -> add(
                        Kind.WRONG_ORDER,
                        over,
                        "Stands over every scene, and is not on top of "
                                + scene.scene().name() + ".",
                        one.since(),
                        "Move this source to the top of the scene."));
    }

    /** What stands over every scene must be seen wherever one of them is. */
    private void over(ResolvedScene scene, OpenSource seen) {
        for (Scene over : theme.over(scene.scene())) {
            List<Link> sources = links.stream()
                    .filter(link -> link.scene().equals(over.id())
                            && link.canvas().equals(scene.canvas().id())
                            && link.part().equals(Part.WHOLE)
                            && !link.withdrawn())
                    .toList();
            for (Link link : sources) {
                orderOver(scene, seen, link);
                missingOver(scene, seen, link);
            }
        }
    }

    private void missingOver(ResolvedScene scene, OpenSource seen, Link link) {
        boolean there = open.stream()
                .anyMatch(one -> one.visible()
                        && one.outlet().equals(link.outlet())
                        && one.program().equals(seen.program()));
        boolean empty =
                scene(link).map(ResolvedScene::placements).map(List::isEmpty).orElse(true);
        if (there || empty) {
            return;
        }
        add(
                Kind.MISSING,
                link,
                String.format(
                        Locale.ROOT,
                        "What stands over every scene is missing%s while %s is seen.",
                        at(seen),
                        scene.scene().name()),
                seen.since(),
                String.format(
                        Locale.ROOT,
                        "Add its source on top of the scene %s: %d × %d.",
                        scene.scene().name(),
                        scene.canvas().size().width(),
                        scene.canvas().size().height()));
    }

    private void overlapping(OpenSource seen, Map<Integer, Set<Link>> by) {
        by.values().stream().filter(links -> links.size() > 1).findFirst().ifPresent(links -> {
            List<Link> same = links.stream()
                    .sorted(Comparator.comparing(link -> link.part().toString()))
                    .toList();
            add(
                    Kind.TWICE,
                    same.getFirst(),
                    String.format(
                            Locale.ROOT,
                            "The same pieces are seen twice%s: in %s and in %s.",
                            at(seen),
                            same.getFirst().title(),
                            same.get(1).title()),
                    seen.since(),
                    "Take one of the two out of the scene.");
        });
    }

    private void add(Kind kind, Link link, String sentence, long since, String remedy) {
        found.add(new SourceFinding(
                kind, link.outlet(), link.scene(), link.canvas(), "", sentence, since, remedy, Optional.empty()));
    }
}
