package brandeon.server.film;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class FilmFolderTest {

    @Test
    void whatAKilledServerLeftIsRemovedAndWhatALivingOneHasIsNot(@TempDir Path in) throws Exception {
        Process ended = new ProcessBuilder("true").start();
        ended.waitFor();
        Path dead = Files.createDirectory(in.resolve("brandeon-films-" + ended.pid() + "-abc"));
        Files.writeString(dead.resolve("clip.webm"), "half of one");
        Path living = Files.createDirectory(
                in.resolve("brandeon-films-" + ProcessHandle.current().pid() + "-abc"));
        Path another = Files.createDirectory(in.resolve("brandeon-films-of-somebody"));
        Path made = FilmFolder.make(in);
        assertThat(dead).doesNotExist();
        assertThat(living).isDirectory();
        assertThat(another).isDirectory();
        assertThat(made).isDirectory().isNotEqualTo(living);
    }

    @Test
    void aFolderWithoutLeftoversIsFineToo(@TempDir Path in) throws IOException {
        assertThat(FilmFolder.make(in)).isEmptyDirectory();
    }
}
