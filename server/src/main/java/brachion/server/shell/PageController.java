package brachion.server.shell;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.springframework.core.io.ClassPathResource;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;

/** The page. Every view of the interface is the same document; its nonce is fresh for each answer. */
@Controller
class PageController {

    private static final String PLACE_OF_NONCE = "__NONCE__";

    private final String document;

    PageController() throws IOException {
        document = new ClassPathResource("web/index.html").getContentAsString(StandardCharsets.UTF_8);
    }

    @GetMapping(path = {"/", "/{view:(?!api|v3|actuator)[a-z-]+}", "/{view:(?!api|v3|actuator)[a-z-]+}/{id:[a-z0-9-]+}",
        "/{view:(?!api|v3|actuator)[a-z-]+}/{id:[a-z0-9-]+}/{part:[a-z0-9-]+}"},
            produces = MediaType.TEXT_HTML_VALUE)
    ResponseEntity<String> page(HttpServletRequest request) {
        return ResponseEntity.ok().cacheControl(CacheControl.noStore()).contentType(MediaType.TEXT_HTML)
                .body(document.replace(PLACE_OF_NONCE, ContentSecurityPolicy.nonce(request)));
    }
}
