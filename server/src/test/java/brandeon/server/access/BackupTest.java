package brandeon.server.access;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.server.support.FreePort;
import brandeon.server.support.Person;
import brandeon.server.support.ServerProcess;
import java.io.File;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** bin/backup and bin/restore as a person uses them: another machine, the same links. */
@Tag("slow")
class BackupTest {

    private record Said(int exit, String text) {}

    @Test
    void afterADisasterTheSameLinksWork() throws Exception {
        Path folder = Files.createTempDirectory(
                Path.of("/tmp"),
                "brandeon-backup",
                PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rwxr-xr-x")));
        String first = folder.resolve("first").toString();
        String second = folder.resolve("second").toString();
        Path file = folder.resolve("everything.backup");
        try {
            int port = FreePort.any();
            String link;
            String edited;
            List<String> sheets;
            String password = cluster("start_cluster", first, port);
            try (ServerProcess server =
                    new ServerProcess("jdbc:postgresql://127.0.0.1:" + port + "/brandeon", password)) {
                Person host = Person.signedIn(server.address(), "host@reedlight.example", "lantern-at-dusk");
                host.edit(host.demo(), "{\"edit\":\"rename\",\"name\":\"Reedlight Hide before the flood\"}");
                edited = host.demo();
                link = host.link(edited, "hide", "wide", "WHOLE").replaceAll(".*(/o/.*)", "$1");
                host.post("/api/themes/" + edited + "/on-air", "");
                sheets = sheets(host, edited, server.address());
                assertThat(run(first, port, "bin/backup", file.toString()))
                        .satisfies(
                                said -> assertThat(said.exit()).as(said.text()).isZero());
            }
            assertThat(Files.getPosixFilePermissions(file))
                    .as("as safe as a password")
                    .isEqualTo(PosixFilePermissions.fromString("rw-------"));
            assertThat(run(first, port, "bin/backup", file.toString()).text()).contains("exists already");

            refusals(folder, second, file);

            int other = FreePort.any();
            assertThat(run(second, other, "bin/restore", file.toString()))
                    .satisfies(said -> assertThat(said.exit()).as(said.text()).isZero());
            assertThat(run(second, other, "bin/restore", file.toString()))
                    .as("over a full one too")
                    .satisfies(said -> assertThat(said.exit()).as(said.text()).isZero());
            String newPassword = cluster("start_cluster", second, other);
            try (ServerProcess server =
                    new ServerProcess("jdbc:postgresql://127.0.0.1:" + other + "/brandeon", newPassword)) {
                Person broadcaster = Person.unknown(server.address());
                Person.Answer page = broadcaster.open(link);
                assertThat(page.status()).isEqualTo(200);
                assertThat(page.body()).contains("data-piece=");
                Person host = Person.signedIn(server.address(), "host@reedlight.example", "lantern-at-dusk");
                assertThat(host.get("/api/themes/" + edited)
                                .json()
                                .path("theme")
                                .path("name")
                                .asString())
                        .isEqualTo("Reedlight Hide before the flood");
                // With a sheet that somebody saved and the restored database alone, everything is as it was typed.
                assertThat(sheets(host, edited, server.address())).isEqualTo(sheets);
                List<String> links = sheets.stream()
                        .flatMap(sheet -> LINK.matcher(sheet).results())
                        .map(found -> found.group(1))
                        .distinct()
                        .toList();
                assertThat(links).hasSizeGreaterThanOrEqualTo(15).allSatisfy(one -> {
                    Person.Answer source = broadcaster.open(one);
                    assertThat(source.status()).isEqualTo(200);
                    assertThat(source.body()).contains("data-piece=");
                });
            }
        } finally {
            cluster("stop_cluster", first, 0);
            cluster("stop_cluster", second, 0);
            new ProcessBuilder("rm", "-rf", folder.toString()).start().waitFor();
        }
    }

    private static final Pattern LINK = Pattern.compile("HERE(/o/[A-Za-z0-9_-]+)");

    /** What is to be typed on each canvas, with HERE for the server's address. */
    private static List<String> sheets(Person host, String theme, String address) {
        return Stream.of("wide", "upright", "recording")
                .map(canvas -> host.get("/api/themes/" + theme + "/source-sheet/" + canvas + "/json")
                        .body()
                        .replace(address, "HERE"))
                .toList();
    }

    private static void refusals(Path folder, String data, Path good) throws Exception {
        Path text = Files.writeString(folder.resolve("notes.txt"), "Sedge, reed, rush.");
        Path cut = Files.write(folder.resolve("cut.backup"), java.util.Arrays.copyOf(Files.readAllBytes(good), 3000));
        for (Path wrong : List.of(text, cut, folder.resolve("missing"))) {
            Said said = run(data, FreePort.any(), "bin/restore", wrong.toString());
            assertThat(said.exit()).as(said.text()).isEqualTo(1);
            assertThat(said.text().strip()).doesNotContain("\n").endsWith(".");
        }
        assertThat(new File(data))
                .as("nothing is made before the file was looked at")
                .doesNotExist();
    }

    /** The application's password. */
    private static String cluster(String what, String folder, int port) throws IOException, InterruptedException {
        Said said = said(
                new ProcessBuilder(
                        "bash",
                        "-c",
                        "RUN=$PWD/.run; mkdir -p $RUN; . bin/lib/common.sh; " + what + " " + folder + " " + port
                                + " && as_postgres cat " + folder + "/app.secret 2>/dev/null"),
                folder,
                port);
        return said.text().strip();
    }

    private static Said run(String data, int port, String... command) throws IOException, InterruptedException {
        return said(new ProcessBuilder(command), data, port);
    }

    private static Said said(ProcessBuilder builder, String data, int port) throws IOException, InterruptedException {
        builder.directory(new File("..").getCanonicalFile()).redirectErrorStream(true);
        builder.command()
                .set(
                        0,
                        builder.command().getFirst().startsWith("bin/")
                                ? new File("../" + builder.command().getFirst()).getCanonicalPath()
                                : builder.command().getFirst());
        builder.environment().put("BRANDEON_DATA", data);
        builder.environment().put("BRANDEON_DB_PORT", String.valueOf(port));
        Process process = builder.redirectOutput(
                        Files.createTempFile("brandeon-said", ".txt").toFile())
                .start();
        assertThat(process.waitFor(90, TimeUnit.SECONDS)).isTrue();
        File output = builder.redirectOutput().file();
        String text = Files.readString(output.toPath(), StandardCharsets.UTF_8);
        Files.delete(output.toPath());
        return new Said(process.exitValue(), text);
    }
}
