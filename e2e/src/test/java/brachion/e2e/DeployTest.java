package brachion.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What is shipped for running several servers is understood by what is to read it. */
class DeployTest {

    private static final Path UNIT = Path.of("../deploy/brachion@.service");

    @TempDir
    private Path folder;

    @Test
    void systemd_understands_the_unit() throws Exception {
        assertThat(verified(UNIT)).isEqualTo("0 ");
    }

    /** So that the test above can fail. */
    @Test
    void systemd_would_say_what_it_does_not_understand() throws Exception {
        Path broken = folder.resolve("brachion@.service");
        Files.writeString(broken, Files.readString(UNIT).replace("MemoryMax=900M", "MemoryMax=a lot"));
        assertThat(verified(broken)).contains("memory limit").contains("a lot");
    }

    /** Status and words of systemd's own check. */
    private static String verified(Path unit) throws IOException, InterruptedException {
        Process process = new ProcessBuilder("systemd-analyze", "verify", unit.toString()).redirectErrorStream(true).start();
        String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8).strip();
        return process.waitFor() + " " + said;
    }
}
