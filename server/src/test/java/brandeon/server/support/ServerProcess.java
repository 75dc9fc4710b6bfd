package brandeon.server.support;

import java.io.File;
import java.io.IOException;
import java.net.HttpURLConnection;
import java.net.URI;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.locks.LockSupport;
import java.util.stream.Stream;

/** The application in a process of its own, so that it can be killed. */
public final class ServerProcess implements AutoCloseable {

    /** Long enough to leave the processor to the server that starts. */
    private static final long BETWEEN_ASKS = 100_000_000L;

    private final boolean demo;
    private final List<String> more;
    private final String database;
    private final String password;
    private final int port;
    /** What it writes for a while; a killed process removes nothing itself. */
    private final Path temporary;

    private Process process;

    public ServerProcess(TestDatabase database) {
        this(database.url(), System.getenv("BRANDEON_DB_PASSWORD"));
    }

    /** One that begins without the demo: nobody has an account there. @param more of its settings */
    public static ServerProcess empty(TestDatabase database, String... more) {
        return new ServerProcess(database.url(), System.getenv("BRANDEON_DB_PASSWORD"), false, List.of(more));
    }

    /** @param password of the application's role */
    public ServerProcess(String database, String password) {
        this(database, password, true, List.of());
    }

    private ServerProcess(String database, String password, boolean demo, List<String> more) {
        this.more = more;
        this.demo = demo;
        this.database = database;
        this.password = password;
        this.port = FreePort.any();
        try {
            this.temporary = Files.createTempDirectory("brandeon-server");
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
        start();
    }

    public String address() {
        return "http://127.0.0.1:" + port;
    }

    public void start() {
        try {
            Path log = temporary.resolve("log");
            ProcessBuilder builder = new ProcessBuilder();
            List<String> command = new ArrayList<>(List.of(
                    ProcessHandle.current().info().command().orElseThrow(),
                    "-Djava.awt.headless=true",
                    "-Djava.io.tmpdir=" + temporary,
                    // Compiled the quick way: a server that is soon killed earns nothing back.
                    "-XX:TieredStopAtLevel=1",
                    "-XX:+UseSerialGC",
                    "-XX:MetaspaceSize=128m",
                    "-XX:SweeperThreshold=60",
                    "-Xmx1536m",
                    "--enable-native-access=ALL-UNNAMED",
                    "-Dspring.aot.enabled=" + Boolean.getBoolean("spring.aot.enabled")));
            command.addAll(Optional.ofNullable(System.getenv("BRANDEON_TEST_APP"))
                    .map(ServerProcess::asInUse)
                    .orElseGet(ServerProcess::asTested));
            command.addAll(
                    List.of("--server.port=" + port, "--brandeon.demo=" + demo, "--spring.datasource.url=" + database));
            command.addAll(more);
            builder.command(command).redirectErrorStream(true).redirectOutput(log.toFile());
            builder.environment().put("BRANDEON_DB_PASSWORD", password);
            process = builder.start();
            awaitReady(log.toFile());
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    /** As bin/start starts it, for half of the processor's time. @param folder where bin/test put the application */
    private static List<String> asInUse(String folder) {
        List<String> words = new ArrayList<>();
        if (Files.exists(Path.of(folder, "brandeon.aot"))) {
            words.add("-XX:AOTCache=" + Path.of(folder, "brandeon.aot"));
        }
        words.addAll(List.of("-jar", Path.of(folder, "brandeon-app.jar").toString()));
        return words;
    }

    /** From the classes that this test runs with. */
    private static List<String> asTested() {
        return List.of(
                "-cp",
                System.getProperty("surefire.test.class.path", System.getProperty("java.class.path")),
                "brandeon.server.BrandeonServer");
    }

    /** As by a power cut: nothing is finished, nothing is flushed. */
    public void kill() {
        process.destroyForcibly().onExit().join();
    }

    /** Strikes and does not wait; may be called from anywhere. */
    public void strike() {
        process.destroyForcibly();
    }

    @Override
    public void close() {
        kill();
        try (Stream<Path> all = Files.walk(temporary)) {
            for (Path one : all.sorted(Comparator.reverseOrder()).toList()) {
                Files.deleteIfExists(one);
            }
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    private void awaitReady(File log) throws IOException {
        long end = System.nanoTime() + 180_000_000_000L;
        while (System.nanoTime() < end) {
            if (!process.isAlive()) {
                throw new IllegalStateException("The server did not start: " + Files.readString(log.toPath()));
            }
            try {
                HttpURLConnection connection = (HttpURLConnection)
                        URI.create(address() + "/actuator/health").toURL().openConnection();
                if (connection.getResponseCode() == 200) {
                    return;
                }
            } catch (IOException e) {
                // Not listening yet.
            }
            LockSupport.parkNanos(BETWEEN_ASKS);
        }
        throw new IllegalStateException("The server was not ready in time: " + Files.readString(log.toPath()));
    }
}
