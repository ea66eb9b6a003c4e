package brachion.server.shell;

import brachion.server.problem.Problems;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Set;
import org.springframework.http.HttpMethod;
import org.springframework.http.HttpStatus;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Turns away what the page of another site asks for, as the browser says of it (Fetch Metadata Request Headers, W3C): a photograph
 * to show, a backup to begin. A link to a page of ours may stand anywhere. What is no browser says nothing and is taken as before.
 */
final class OtherSites extends OncePerRequestFilter {

    private static final String SITE = "Sec-Fetch-Site";
    private static final String MODE = "Sec-Fetch-Mode";
    private static final Set<String> NO_OTHER = Set.of("same-origin", "none");
    private static final String INTERFACE = "/api/";

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain) throws ServletException, IOException {
        String site = request.getHeader(SITE);
        if (site == null || NO_OTHER.contains(site) || isLink(request)) {
            chain.doFilter(request, response);
        } else {
            Problems.write(response, HttpStatus.FORBIDDEN);
        }
    }

    private static boolean isLink(HttpServletRequest request) {
        return HttpMethod.GET.matches(request.getMethod()) && "navigate".equals(request.getHeader(MODE))
                && !request.getRequestURI().startsWith(INTERFACE);
    }
}
