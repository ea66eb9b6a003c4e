package brachion.server.shell;

import static org.assertj.core.api.Assertions.assertThat;

import brachion.server.ServerTest;
import brachion.server.Wire;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.assertj.MockMvcTester;
import tools.jackson.databind.json.JsonMapper;

@ServerTest
class ComponentsTest {

    @Autowired
    private MockMvcTester mvc;

    /** The versions are those that run, and nothing is shipped that does not say on what terms. */
    @Test
    @SuppressWarnings("unchecked")
    void every_library_is_listed_with_its_version_and_licence() {
        List<Map<String, Object>> components = Wire.read(mvc.get().uri("/api/components").exchange(), "$", List.class);
        assertThat(components).hasSizeGreaterThan(200).allSatisfy(component ->
                assertThat((List<String>) component.get("licences")).as("%s", component).isNotEmpty());
        Map<String, Object> jackson = components.stream().filter(each -> each.get("name").equals("tools.jackson.core/jackson-databind")).findFirst().orElseThrow();
        assertThat(JsonMapper.class.getProtectionDomain().getCodeSource().getLocation().getPath()).endsWith("jackson-databind-" + jackson.get("version") + ".jar");
        assertThat(components).anySatisfy(component -> assertThat(component).containsEntry("name", "react").containsEntry("licences", List.of("MIT"))
                .containsEntry("page", true));
        assertThat(components).noneSatisfy(component -> assertThat((String) component.get("name")).contains("junit"));
    }
}
