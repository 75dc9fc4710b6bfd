package brandeon.server.film;

import java.io.IOException;
import java.nio.file.DirectoryStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** Where clips lie while they are kept: a folder for each running server, known by its process. */
final class FilmFolder {

    private static final String NAME = "brandeon-films-";
    private static final Pattern OF = Pattern.compile(NAME + "(\\d+)-.*");

    private FilmFolder() {}

    /** A new one. Folders of servers that were killed are removed. */
    static Path make(Path in) throws IOException {
        try (DirectoryStream<Path> others = Files.newDirectoryStream(in, NAME + "*")) {
            for (Path other : others) {
                Matcher of = OF.matcher(other.getFileName().toString());
                if (of.matches() && !lives(Long.parseLong(of.group(1)))) {
                    remove(other);
                }
            }
        }
        return Files.createTempDirectory(in, NAME + ProcessHandle.current().pid() + "-");
    }

    private static boolean lives(long process) {
        return ProcessHandle.of(process).map(ProcessHandle::isAlive).orElse(false);
    }

    private static void remove(Path folder) throws IOException {
        try (Stream<Path> files = Files.list(folder)) {
            for (Path file : files.toList()) {
                Files.deleteIfExists(file);
            }
        }
        Files.deleteIfExists(folder);
    }
}
