package brachion.server.shell;

import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.springframework.core.io.ClassPathResource;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What the product is made of, from the bills of materials (CycloneDX) that its build writes. */
@RestController
class ComponentsController {

    private static final String OF_THE_SERVER = "META-INF/sbom/application.cdx.json";
    private static final String OF_THE_PAGE = "web/components.cdx.json";

    private final JsonMapper json;

    ComponentsController(JsonMapper json) {
        this.json = json;
    }

    /**
     * A library the product is made of.
     *
     * @param name     its name, after its group where it has one
     * @param version  its version
     * @param licences what it is licensed under, each as SPDX names it, or else as it calls it itself
     * @param page     whether it runs in the browser, and otherwise in the server
     */
    record ComponentView(String name, String version, List<String> licences, boolean page) {
    }

    @GetMapping("/api/components")
    List<ComponentView> components() throws IOException {
        List<ComponentView> all = new ArrayList<>();
        all.addAll(read(OF_THE_SERVER, false));
        all.addAll(read(OF_THE_PAGE, true));
        all.sort(Comparator.comparing(ComponentView::page).thenComparing(ComponentView::name).thenComparing(ComponentView::version));
        return all;
    }

    private List<ComponentView> read(String bill, boolean page) throws IOException {
        try (InputStream in = new ClassPathResource(bill).getInputStream()) {
            return json.readTree(in).path("components").valueStream().filter(component -> !component.path("group").asString("").equals("brachion"))
                    .map(component -> new ComponentView(name(component), component.path("version").asString(""), licences(component), page)).toList();
        }
    }

    private static String name(JsonNode component) {
        String group = component.path("group").asString("");
        return (group.isEmpty() ? "" : group + "/") + component.path("name").asString();
    }

    private static List<String> licences(JsonNode component) {
        return component.path("licenses").valueStream().map(each -> {
            JsonNode licence = each.path("license");
            return each.has("expression") ? each.path("expression").asString() : licence.path("id").asString(licence.path("name").asString(""));
        }).filter(licence -> !licence.isEmpty()).toList();
    }
}
