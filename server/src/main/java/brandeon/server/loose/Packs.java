package brandeon.server.loose;

import brandeon.core.loose.Effort;
import brandeon.core.loose.Found;
import brandeon.core.loose.LooseChoices;
import brandeon.core.loose.LooseFile;
import brandeon.core.loose.Pack;
import brandeon.core.loose.Proposal;
import brandeon.core.pack.Json;
import brandeon.core.problem.Mistake;
import brandeon.core.text.Letters;
import brandeon.server.access.Member;
import brandeon.server.access.Role;
import brandeon.server.problem.NotFound;
import brandeon.server.problem.Refused;
import brandeon.server.theme.Themes;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import java.util.stream.IntStream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Packs of loose files on their way into a theme. What was read is stored, so any server may go on with it; what is not
 * taken within a day is forgotten, before its files are swept away.
 */
@Service
class Packs {

    static final int MOST_FILES = 1000;
    private static final int LONGEST_PATH = 400;
    private static final Duration KEPT = Duration.ofHours(20);

    /** @param missing numbers of files that were not read yet */
    record PackLine(UUID id, Instant createdAt, Effort.Progress progress, List<Integer> missing) {}

    private final PackRows packs;
    private final PackFileRows files;
    private final Themes themes;
    private final TransactionTemplate transactions;

    Packs(PackRows packs, PackFileRows files, Themes themes, TransactionTemplate transactions) {
        this.packs = packs;
        this.files = files;
        this.themes = themes;
        this.transactions = transactions;
    }

    /** A file that is to come. */
    record Announced(String path, long bytes) {}

    PackLine begin(Member member, UUID theme, List<Announced> announced) {
        themes.get(member, theme);
        if (announced.isEmpty()) {
            throw new Mistake("There is no file in what was dropped.");
        }
        if (announced.size() > MOST_FILES) {
            throw new Mistake("These are " + announced.size() + " files; at most " + MOST_FILES
                    + " are sorted at once. Drop one folder after the other.");
        }
        for (Announced file : announced) {
            if (file.path().isBlank()
                    || file.path().length() > LONGEST_PATH
                    || !Letters.oneLine(file.path())
                    || file.bytes() < 0) {
                throw new Mistake(
                        "A file's name with its folders has between 1 and " + LONGEST_PATH + " letters on one line.");
            }
        }
        PackRow row = new PackRow(UUID.randomUUID(), theme, member.account(), Instant.now());
        transactions.executeWithoutResult(_ -> {
            packs.forget(since());
            packs.save(row);
            files.saveAll(IntStream.range(0, announced.size())
                    .mapToObj(i -> row(row.id, i, announced.get(i)))
                    .toList());
        });
        return line(row);
    }

    private static PackFileRow row(UUID pack, int number, Announced file) {
        PackFileRow row =
                new PackFileRow(new PackFileRow.Key(pack, number), file.path().replace('\\', '/'), file.bytes());
        if (file.bytes() > LooseReading.MOST_BYTES) {
            row.found = Json.write(new Found.Nothing("This file has more than " + (LooseReading.MOST_BYTES >> 20)
                    + " MB, which is the most that is taken."));
            row.millis = 0;
        }
        return row;
    }

    List<PackLine> all(Member member, UUID theme) {
        themes.get(member, theme);
        return packs.of(theme, since()).stream().map(this::line).toList();
    }

    private PackLine line(PackRow row) {
        return new PackLine(row.id, row.createdAt, Effort.of(files.steps(row.id)), files.missing(row.id));
    }

    /** Notes what was found in a file. */
    PackLine keep(Member member, UUID theme, UUID pack, int number, Found found, int millis) {
        PackRow row = require(member, theme, pack);
        int kept = transactions.execute(
                _ -> files.keep(new PackFileRow.Key(pack, number), Json.write(found), Math.max(0, millis)));
        if (kept == 0) {
            throw new NotFound("There is no such file in what was dropped.");
        }
        return line(row);
    }

    void require(Member member, UUID theme, UUID pack, int number) {
        require(member, theme, pack);
        if (files.findById(new PackFileRow.Key(pack, number)).isEmpty()) {
            throw new NotFound("There is no such file in what was dropped.");
        }
    }

    private PackRow require(Member member, UUID theme, UUID pack) {
        member.requires(Role.DESIGNER);
        themes.get(member, theme);
        return packs.find(pack, theme, since()).orElseThrow(Packs::gone);
    }

    Pack pack(Member member, UUID theme, UUID pack, LooseChoices choices) {
        return Pack.of(files(require(member, theme, pack)), choices);
    }

    Found found(Member member, UUID theme, UUID pack, int number) {
        require(member, theme, pack);
        return files.findById(new PackFileRow.Key(pack, number))
                .filter(row -> row.found != null)
                .map(row -> Json.read(row.found, Found.class))
                .orElseThrow(() -> new NotFound("This file was not read yet."));
    }

    private List<LooseFile> files(PackRow row) {
        return files.read(row.id).stream()
                .map(one -> new LooseFile(one.key.number(), one.path, one.bytes, Json.read(one.found, Found.class)))
                .toList();
    }

    /** Makes what is proposed so, as one step; of several people who do so at once, one does. */
    Themes.Changed take(Member member, UUID theme, UUID pack, LooseChoices choices) {
        List<LooseFile> all = files(require(member, theme, pack));
        return themes.edit(
                member,
                theme,
                before -> {
                    // Within the transaction of the edit, so that it is gone if and only if it was taken.
                    if (packs.drop(pack, theme) == 0) {
                        throw gone();
                    }
                    Proposal proposal = Proposal.of(before, Pack.of(all, choices), choices);
                    if (proposal.edit().edits().isEmpty()) {
                        throw new Refused("There is nothing to take of these files.");
                    }
                    return proposal.edit();
                },
                "");
    }

    private static NotFound gone() {
        return new NotFound(
                "These files are not here any more: they were taken, left, or lay here for a day. Drop them again.");
    }

    void drop(Member member, UUID theme, UUID pack) {
        member.requires(Role.DESIGNER);
        themes.get(member, theme);
        transactions.executeWithoutResult(_ -> packs.drop(pack, theme));
    }

    private static Instant since() {
        return Instant.now().minus(KEPT);
    }
}
