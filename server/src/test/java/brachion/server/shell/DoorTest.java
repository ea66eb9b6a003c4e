package brachion.server.shell;

import static org.assertj.core.api.Assertions.assertThat;

import brachion.server.ServerTest;
import brachion.server.Wire;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.assertj.MockMvcTester;
import org.springframework.test.web.servlet.assertj.MvcTestResult;

@ServerTest
class DoorTest {

    @Autowired
    private MockMvcTester mvc;

    @Value("${server.address}")
    private String address;

    @Test
    void listens_on_this_machine_only() {
        assertThat(address).isEqualTo("127.0.0.1");
    }

    @Test
    void a_write_from_another_page_is_refused() {
        MvcTestResult refused = mvc.post().uri("/api/trials").header(HttpHeaders.ORIGIN, "https://elsewhere.example")
                .contentType(MediaType.APPLICATION_JSON).content(Wire.cleanTrial()).exchange();
        assertThat(refused).hasStatus(HttpStatus.FORBIDDEN);
        assertThat(mvc.get().uri("/api/trials")).bodyJson().extractingPath("$.total").isEqualTo(0);
    }

    /** As browsers say of requests (Fetch Metadata Request Headers, W3C). */
    @Test
    void what_the_page_of_another_site_asks_for_is_refused_but_a_link_to_a_page() {
        for (String site : List.of("cross-site", "same-site")) {
            assertThat(mvc.get().uri("/api/backup").header("Sec-Fetch-Site", site).header("Sec-Fetch-Mode", "navigate")).hasStatus(HttpStatus.FORBIDDEN);
            assertThat(mvc.get().uri("/api/photos?trial=1").header("Sec-Fetch-Site", site).header("Sec-Fetch-Mode", "no-cors")).hasStatus(HttpStatus.FORBIDDEN);
            assertThat(mvc.get().uri("/").header("Sec-Fetch-Site", site).header("Sec-Fetch-Mode", "no-cors")).hasStatus(HttpStatus.FORBIDDEN);
            assertThat(mvc.get().uri("/bench").header("Sec-Fetch-Site", site).header("Sec-Fetch-Mode", "navigate")).hasStatusOk();
        }
        for (String site : List.of("same-origin", "none")) {
            assertThat(mvc.get().uri("/api/trials").header("Sec-Fetch-Site", site).header("Sec-Fetch-Mode", "cors")).hasStatusOk();
        }
    }

    @Test
    void a_request_under_another_host_name_is_refused() {
        assertThat(mvc.get().uri("http://rebound.example/api/trials")).hasStatus(HttpStatus.BAD_REQUEST);
        assertThat(mvc.get().uri("http://127.0.0.1/api/trials")).hasStatusOk();
    }

    @ParameterizedTest
    @ValueSource(strings = {"/", "/trials", "/log", "/forecast", "/trials/12"})
    void every_view_is_the_page_with_a_fresh_nonce_that_its_policy_allows(String path) throws Exception {
        MvcTestResult first = mvc.get().uri(path).exchange();
        String policy = first.getResponse().getHeader("Content-Security-Policy");
        String nonce = policy.replaceAll(".*'nonce-([^']+)'.*", "$1");
        assertThat(first.getResponse().getContentAsString()).contains(nonce).doesNotContain("__NONCE__");
        assertThat(policy).contains("default-src 'none'").doesNotContain("unsafe");
        assertThat(mvc.get().uri(path).exchange().getResponse().getHeader("Content-Security-Policy"))
                .doesNotContain(nonce);
    }

    @Test
    void answers_carry_the_usual_protective_headers() {
        assertThat(mvc.get().uri("/")).hasHeader("Cross-Origin-Resource-Policy", "same-origin");
        assertThat(mvc.get().uri("http://rebound.example/api/trials")).hasHeader("Cross-Origin-Resource-Policy", "same-origin")
                .hasHeader("X-Content-Type-Options", "nosniff");
        assertThat(mvc.get().uri("/")).hasHeader("X-Content-Type-Options", "nosniff")
                .hasHeader("X-Frame-Options", "DENY").hasHeader("Referrer-Policy", "no-referrer")
                .hasHeader("Cross-Origin-Opener-Policy", "same-origin");
    }

    @Test
    void an_unknown_address_of_the_interface_is_a_problem_and_not_the_page() {
        assertThat(mvc.get().uri("/api/nothing")).hasStatus(HttpStatus.NOT_FOUND)
                .hasContentTypeCompatibleWith("application/problem+json");
    }
}
