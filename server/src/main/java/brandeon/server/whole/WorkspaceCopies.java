package brandeon.server.whole;

import brandeon.core.bundle.Retention;
import brandeon.server.Settings;
import brandeon.server.access.Member;
import brandeon.server.access.Role;
import brandeon.server.access.Workspaces;
import brandeon.server.problem.NotFound;
import java.io.IOException;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;

/**
 * A copy of each workspace a day, in a folder beside the database: read back before it counts, and let go of after a
 * while. Servers that share the folder make one copy together.
 */
@Service
public class WorkspaceCopies {

    private static final Logger LOG = LoggerFactory.getLogger(WorkspaceCopies.class);

    private static final String ENDING = ".zip";
    private static final String UNFINISHED = ".part";
    /** An unfinished copy that is older was left by a server that ended. */
    private static final Duration LEFT = Duration.ofHours(1);

    /** @param day in UTC */
    record Copy(LocalDate day, long bytes) {}

    private final Path folder;
    private final WorkspaceFiles files;
    private final Workspaces workspaces;

    WorkspaceCopies(Settings settings, WorkspaceFiles files, Workspaces workspaces) {
        this.folder = Path.of(settings.copies());
        this.files = files;
        this.workspaces = workspaces;
    }

    @Scheduled(initialDelayString = "PT10M", fixedDelayString = "PT1H")
    void daily() {
        daily(LocalDate.now(ZoneOffset.UTC));
    }

    /** Makes the copies of a day that are not there yet, and lets go of old ones. */
    public void daily(LocalDate day) {
        workspaces.lastingOwners().forEach(owner -> daily(owner, day));
    }

    /** Of one workspace. */
    void daily(Member owner, LocalDate day) {
        try {
            copy(owner, day);
            for (LocalDate over : Retention.over(
                    all(owner.workspace()).stream().map(Copy::day).toList())) {
                Files.deleteIfExists(file(owner.workspace(), over));
            }
        } catch (IOException | RuntimeException e) {
            // The others are copied all the same; tomorrow's may be better.
            LOG.warn("The daily copy of workspace {} was not made: {}", owner.workspace(), e.toString());
        }
    }

    private void copy(Member owner, LocalDate day) throws IOException {
        Path file = file(owner.workspace(), day);
        if (Files.exists(file)) {
            return;
        }
        Files.createDirectories(file.getParent());
        Path part = file.resolveSibling(file.getFileName() + UNFINISHED);
        if (left(part)) {
            Files.deleteIfExists(part);
        }
        try {
            Files.createFile(part);
        } catch (FileAlreadyExistsException e) {
            // Another server is at it.
            return;
        }
        try {
            files.write(part, owner);
            Files.move(part, file, StandardCopyOption.ATOMIC_MOVE);
        } finally {
            Files.deleteIfExists(part);
        }
    }

    private static boolean left(Path part) throws IOException {
        try {
            return Files.getLastModifiedTime(part)
                    .toInstant()
                    .isBefore(Instant.now().minus(LEFT));
        } catch (NoSuchFileException e) {
            return false;
        }
    }

    /** The newest first. */
    List<Copy> all(Member owner) {
        return all(owner.requires(Role.OWNER).workspace());
    }

    private List<Copy> all(UUID workspace) {
        Path own = folder.resolve(workspace.toString());
        if (!Files.isDirectory(own)) {
            return List.of();
        }
        try (Stream<Path> inside = Files.list(own)) {
            return inside.map(WorkspaceCopies::copy)
                    .flatMap(Optional::stream)
                    .sorted(Comparator.comparing(Copy::day).reversed())
                    .toList();
        } catch (IOException e) {
            LOG.warn("The copies in {} cannot be listed: {}", own, e.toString());
            return List.of();
        }
    }

    private static Optional<Copy> copy(Path file) {
        String name = file.getFileName().toString();
        if (!name.matches("\\d{4}-\\d{2}-\\d{2}\\.zip")) {
            return Optional.empty();
        }
        try {
            return Optional.of(
                    new Copy(LocalDate.parse(name.substring(0, name.length() - ENDING.length())), Files.size(file)));
        } catch (IOException | java.time.DateTimeException e) {
            return Optional.empty();
        }
    }

    /** @throws NotFound when there is none of that day */
    Path get(Member owner, String day) {
        return all(owner).stream()
                .map(Copy::day)
                .filter(one -> one.toString().equals(day))
                .findFirst()
                .map(one -> file(owner.workspace(), one))
                .orElseThrow(() -> new NotFound("There is no copy of that day any more."));
    }

    private Path file(UUID workspace, LocalDate day) {
        return folder.resolve(workspace.toString()).resolve(day + ENDING);
    }
}
