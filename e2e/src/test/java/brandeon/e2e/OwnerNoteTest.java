package brandeon.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What bin/start makes of the note beside a database's folder that says who runs it. */
class OwnerNoteTest {

    @TempDir
    private Path place;

    private Path folder;

    @BeforeEach
    void aFolder() throws IOException {
        folder = Files.createDirectory(place.resolve("database"));
    }

    @Test
    void whoWroteItAndStillRunsLives() throws Exception {
        assertThat(lives("owner_write \"$2.owner\" \"$2\"")).isTrue();
    }

    @Test
    void aNumberThatAnotherProcessHasNowIsNotTheOwner() throws Exception {
        assertThat(lives("owner_write \"$2.owner\" \"$2\"; sed -i \"s/^[0-9]* [0-9]*/$$ 5/\" \"$2.owner\""))
                .isFalse();
    }

    @Test
    void anOwnerThatEndedIsNone() throws Exception {
        assertThat(lives("(bash -c '. \"$1\"; owner_write \"$2.owner\" \"$2\"' _ \"$1\" \"$2\")"))
                .isFalse();
    }

    @Test
    void aNoteThatWasCopiedWithItsFolderMeansNothing() throws Exception {
        assertThat(lives("mkdir -p \"$2-first\"; owner_write \"$2.owner\" \"$2-first\""))
                .isFalse();
    }

    @Test
    void anEmptyOrTornNoteMeansNothing() throws Exception {
        assertThat(lives(": >\"$2.owner\"")).isFalse();
        assertThat(lives("echo 12 >\"$2.owner\"")).isFalse();
    }

    private boolean lives(String before) throws Exception {
        Path script = Path.of("../bin/lib/owner.sh").toAbsolutePath();
        Process bash = new ProcessBuilder(
                        "bash",
                        "-c",
                        ". \"$1\"; " + before + "; owner_lives \"$2.owner\" \"$2\" && echo lives || echo not",
                        "_",
                        script.toString(),
                        folder.toString())
                .redirectErrorStream(true)
                .start();
        String said = new String(bash.getInputStream().readAllBytes(), StandardCharsets.UTF_8).strip();
        assertThat(said).isIn("lives", "not");
        return said.equals("lives");
    }
}
