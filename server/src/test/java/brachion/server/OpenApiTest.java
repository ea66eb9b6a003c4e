package brachion.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.assertj.MockMvcTester;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

@ServerTest
class OpenApiTest {

    private static final Path COMMITTED = Path.of("../docs/openapi.json");
    private static final JsonMapper JSON =
            JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();

    @Autowired
    private MockMvcTester mvc;

    /** Refreshed by running this test with {@code -Dopenapi.write=true}. */
    @Test
    void the_committed_description_is_what_the_server_offers() throws IOException {
        byte[] offered = mvc.get().uri("/v3/api-docs").exchange().getResponse().getContentAsByteArray();
        String pretty = JSON.writeValueAsString(JSON.readTree(offered)).replace("\r\n", "\n") + "\n";
        if (Boolean.getBoolean("openapi.write")) {
            Files.writeString(COMMITTED, pretty, StandardCharsets.UTF_8);
        }
        assertThat(Files.readString(COMMITTED, StandardCharsets.UTF_8)).isEqualTo(pretty);
    }
}
