package brachion.server.shell;

import brachion.server.problem.Problems;
import java.util.Set;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.csrf.CsrfFilter;
import org.springframework.security.web.csrf.CsrfTokenRepository;
import org.springframework.security.web.firewall.HttpFirewall;
import org.springframework.security.web.firewall.RequestRejectedHandler;
import org.springframework.security.web.firewall.StrictHttpFirewall;
import org.springframework.security.web.header.writers.CrossOriginResourcePolicyHeaderWriter;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;

/**
 * One person's own machine: nobody signs in, but no other page may write. A write needs the token from the cookie
 * that only this page can read; requests under another host name are refused, so a rebound DNS name does not help.
 */
@Configuration
class SecurityConfiguration {

    /** Instruments are no page: they show a token of their own. */
    private static final String INSTRUMENTS = "/api/instruments/*/readings";
    private static final Set<String> OWN_NAMES = Set.of("localhost", "127.0.0.1", "[::1]");

    @Bean
    SecurityFilterChain securityFilterChain(HttpSecurity http) {
        return http
                .authorizeHttpRequests(requests -> requests.anyRequest().permitAll())
                .csrf(csrf -> csrf.spa().csrfTokenRepository(ofThisPageAlone()).ignoringRequestMatchers(INSTRUMENTS))
                .addFilterBefore(new OtherSites(), CsrfFilter.class)
                .sessionManagement(session -> session.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
                .requestCache(cache -> cache.disable())
                .logout(logout -> logout.disable())
                .anonymous(anonymous -> anonymous.disable())
                .headers(headers -> headers
                        .addHeaderWriter((request, response) -> response.setHeader(
                                "Content-Security-Policy", ContentSecurityPolicy.header(request)))
                        .referrerPolicy(referrer -> referrer.policy(ReferrerPolicy.NO_REFERRER))
                        .permissionsPolicyHeader(permissions -> permissions
                                .policy("camera=(), geolocation=(), microphone=(), payment=(), usb=()"))
                        .crossOriginOpenerPolicy(opener -> opener.policy(
                                org.springframework.security.web.header.writers.CrossOriginOpenerPolicyHeaderWriter
                                        .CrossOriginOpenerPolicy.SAME_ORIGIN))
                        .crossOriginResourcePolicy(resource -> resource.policy(
                                CrossOriginResourcePolicyHeaderWriter.CrossOriginResourcePolicy.SAME_ORIGIN))
                        .frameOptions(frame -> frame.deny()))
                .build();
    }

    /** The token, in a cookie that travels with nothing another page asks for. */
    private static CsrfTokenRepository ofThisPageAlone() {
        CookieCsrfTokenRepository cookie = CookieCsrfTokenRepository.withHttpOnlyFalse();
        cookie.setCookieCustomizer(token -> token.sameSite("Strict"));
        return cookie;
    }

    /** @param others names it goes by behind a proxy */
    @Bean
    HttpFirewall ownHostNamesOnly(@Value("${brachion.hosts}") Set<String> others) {
        StrictHttpFirewall firewall = new StrictHttpFirewall();
        firewall.setAllowedHostnames(name -> OWN_NAMES.contains(name) || others.contains(name));
        return firewall;
    }

    /** Refused before any address is reached, and so without the words of the rest. */
    @Bean
    RequestRejectedHandler refusal() {
        return (request, response, rejected) -> {
            response.setHeader("Content-Security-Policy", "default-src 'none'; frame-ancestors 'none'");
            response.setHeader("X-Content-Type-Options", "nosniff");
            response.setHeader("Cross-Origin-Resource-Policy", "same-origin");
            response.setHeader(HttpHeaders.CACHE_CONTROL, "no-store");
            Problems.write(response, HttpStatus.BAD_REQUEST);
        };
    }
}
