package brachion.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class PowerCutTest {

    @TempDir
    private Path folder;

    @Test
    void no_saved_trial_is_lost_and_copies_run_side_by_side() {
        String before;
        Product first = Product.start(folder.resolve("copy"), "demo");
        before = first.get("/api/trials?size=200");
        first.kill();
        try (Product again = Product.start(folder.resolve("copy"), "demo");
             Product other = Product.start(folder.resolve("other"), "shop")) {
            assertThat(again.get("/api/trials?size=200")).isEqualTo(before).containsPattern("\"total\":2\\d\\d\\D");
            assertThat(other.address()).isNotEqualTo(again.address());
            assertThat(other.get("/api/trials")).contains("\"total\":0");
        }
    }
}
