package brandeon.server.rig;

import brandeon.core.move.LinkReplacement;
import brandeon.core.pack.Json;
import brandeon.core.problem.Mistake;
import brandeon.core.publish.Behaviour;
import brandeon.core.publish.SourceSheet;
import brandeon.server.access.Member;
import brandeon.server.access.Role;
import brandeon.server.problem.Refused;
import brandeon.server.publish.Outlets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.UnaryOperator;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The practice rig of each workspace. */
@Service
public class Rigs {

    private static final int MOST_SOURCES = 600;

    /** @param version rises with every change; 0 when the rig was never filled */
    public record Kept(long version, Rig rig) {}

    private final RigRows rows;
    private final Outlets outlets;

    Rigs(RigRows rows, Outlets outlets) {
        this.rows = rows;
        this.outlets = outlets;
    }

    public Kept get(Member member) {
        return rows.findById(member.workspace())
                .map(row -> new Kept(row.version, shown(member, Json.read(row.document, Rig.class))))
                .orElse(new Kept(0, new Rig(List.of(), List.of())));
    }

    /** Viewers of the workspace see everything but the links. */
    private static Rig shown(Member member, Rig rig) {
        return member.role().includes(Role.OPERATOR) ? rig : relinked(rig, source -> source.unlinked());
    }

    /** @throws Refused when somebody else changed the rig since this version */
    @Transactional
    public Kept put(Member member, long version, Rig rig) {
        member.requires(Role.OPERATOR);
        rig.requireSound();
        requireFew(rig.programs());
        rig.kept().forEach(set -> requireFew(set.programs()));
        int changed = rows.put(member.workspace(), version, Json.write(rig));
        if (changed == 0) {
            throw new Refused(
                    "Somebody else changed the rig in the meantime. It was loaded again; repeat your change.");
        }
        return get(member);
    }

    private static void requireFew(List<Rig.Program> programs) {
        long sources = programs.stream()
                .flatMap(p -> p.scenes().stream())
                .mapToLong(s -> s.sources().size())
                .sum();
        if (sources > MOST_SOURCES) {
            throw new Mistake("The rig holds at most " + MOST_SOURCES + " sources; this is " + sources + ".");
        }
    }

    /** What the ledger says, as a scene set: every scene on every canvas with its sources in order. */
    public Rig filled(List<SourceSheet> sheets, UUID theme, boolean boxes, List<Rig.SceneSet> kept) {
        Map<Outlets.Place, Outlets.Outlet> known = outlets.byPlace(theme);
        return new Rig(
                sheets.stream().map(sheet -> program(sheet, known, boxes)).toList(), kept);
    }

    private Rig.Program program(SourceSheet sheet, Map<Outlets.Place, Outlets.Outlet> known, boolean boxes) {
        return new Rig.Program(
                sheet.canvas().id(),
                sheet.canvas().name(),
                sheet.canvas().id(),
                sheet.canvas().size().width(),
                sheet.canvas().size().height(),
                sheet.scenes().stream()
                        .map(scene -> scene(sheet, scene, known, boxes))
                        .toList());
    }

    private Rig.RigScene scene(
            SourceSheet sheet, SourceSheet.SheetScene scene, Map<Outlets.Place, Outlets.Outlet> known, boolean boxes) {
        List<Rig.RigSource> sources = new ArrayList<>();
        for (SourceSheet.Source source : scene.sources()) {
            String id = sheet.canvas().id() + "-" + scene.scene() + "-" + sources.size();
            switch (source) {
                case SourceSheet.Browser b ->
                    Optional.ofNullable(known.get(
                                    new Outlets.Place(b.scene(), sheet.canvas().id(), b.part())))
                            .ifPresent(outlet -> sources.add(new Rig.RigSource(
                                    id,
                                    b.name(),
                                    Rig.SourceKind.BROWSER,
                                    outlets.link(outlet),
                                    b.width(),
                                    b.height(),
                                    b.advice().behaviour(),
                                    true,
                                    0,
                                    0,
                                    1,
                                    0,
                                    0,
                                    0,
                                    0,
                                    "",
                                    Rig.RigBox.NONE)));
                case SourceSheet.CaptureSource c ->
                    sources.add(new Rig.RigSource(
                            id,
                            c.name(),
                            Rig.SourceKind.CAPTURE,
                            "",
                            c.size().width(),
                            c.size().height(),
                            Behaviour.KEEP_RUNNING,
                            true,
                            boxes ? c.box().x() : c.fit().x(),
                            boxes ? c.box().y() : c.fit().y(),
                            c.fit().scale(),
                            c.fit().crop().left(),
                            c.fit().crop().top(),
                            c.fit().crop().right(),
                            c.fit().crop().bottom(),
                            c.capture(),
                            boxes
                                    ? new Rig.RigBox(
                                            c.box().width(),
                                            c.box().height(),
                                            c.box().across(),
                                            c.box().down())
                                    : Rig.RigBox.NONE));
            }
        }
        return new Rig.RigScene(scene.scene(), scene.name(), List.copyOf(sources));
    }

    /** Every place in the rig that holds a link. */
    public List<LinkReplacement.Place> places(Rig rig) {
        return rig.programs().stream()
                .flatMap(program -> program.scenes().stream()
                        .flatMap(scene -> scene.sources().stream()
                                .filter(s -> s.kind() == Rig.SourceKind.BROWSER)
                                .map(source -> new LinkReplacement.Place(
                                        program.name() + " · " + scene.name(), source.name(), source.link()))))
                .toList();
    }

    /** The rig with links swapped, everything else as it was. */
    public Rig replaced(Rig rig, Map<String, String> newLinks) {
        return relinked(rig, source -> source.linked(newLinks.getOrDefault(source.link(), source.link())));
    }

    private static Rig relinked(Rig rig, UnaryOperator<Rig.RigSource> each) {
        return new Rig(
                relinked(rig.programs(), each),
                rig.kept().stream()
                        .map(set -> new Rig.SceneSet(set.name(), relinked(set.programs(), each)))
                        .toList());
    }

    private static List<Rig.Program> relinked(List<Rig.Program> programs, UnaryOperator<Rig.RigSource> each) {
        return programs.stream()
                .map(program -> new Rig.Program(
                        program.id(),
                        program.name(),
                        program.canvas(),
                        program.width(),
                        program.height(),
                        program.scenes().stream()
                                .map(scene -> new Rig.RigScene(
                                        scene.id(),
                                        scene.name(),
                                        scene.sources().stream().map(each).toList()))
                                .toList()))
                .toList();
    }
}
