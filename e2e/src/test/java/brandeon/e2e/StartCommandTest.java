package brandeon.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.server.support.FreePort;
import java.io.File;
import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What bin/start says when it cannot start: one plain sentence, nothing else. */
class StartCommandTest {

    private record Said(int exit, String text) {}

    @TempDir
    private Path empty;

    @Test
    void aTakenPortIsNamedWithWhatToDo() throws Exception {
        try (ServerSocket taken = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
            assertSentence(
                    start(Map.of(
                            "BRANDEON_PORT",
                            String.valueOf(taken.getLocalPort()),
                            "BRANDEON_DB_PORT",
                            String.valueOf(FreePort.any()))),
                    String.valueOf(taken.getLocalPort()),
                    "BRANDEON_PORT");
        }
    }

    @Test
    void aDatabaseThatCannotHaveItsPortIsExplained() throws Exception {
        try (ServerSocket taken = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
            assertSentence(
                    start(Map.of(
                            "BRANDEON_DB_PORT",
                            String.valueOf(taken.getLocalPort()),
                            "BRANDEON_PORT",
                            String.valueOf(FreePort.any()))),
                    "database",
                    "BRANDEON_DB_PORT");
        }
    }

    @Test
    void aMissingJdkIsExplained() throws Exception {
        assertSentence(start(Map.of("BRANDEON_JVMS", empty.toString(), "JAVA_HOME", "")), "JDK 25", "JAVA_HOME");
    }

    @Test
    void aWrongWordIsExplained() throws Exception {
        assertSentence(start(Map.of(), "--reset"), "--reset", "--demo-reset");
    }

    private static void assertSentence(Said said, String... words) {
        assertThat(said.exit()).isEqualTo(1);
        assertThat(said.text().strip())
                .contains(words)
                .doesNotContain("\n")
                .doesNotContain("Exception")
                .endsWith(".");
    }

    private Said start(Map<String, String> environment, String... arguments) throws IOException, InterruptedException {
        String[] command = new String[arguments.length + 1];
        command[0] = new File("../bin/start").getAbsolutePath();
        System.arraycopy(arguments, 0, command, 1, arguments.length);
        ProcessBuilder builder = new ProcessBuilder(command).redirectErrorStream(true);
        builder.environment().put("BRANDEON_DATA", empty.resolve("data").toString());
        builder.environment().putAll(environment);
        Process process = builder.start();
        assertThat(process.waitFor(60, TimeUnit.SECONDS))
                .as("bin/start gives up at once")
                .isTrue();
        return new Said(
                process.exitValue(), new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8));
    }
}
