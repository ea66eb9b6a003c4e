package brachion.server.shell;

import brachion.server.storage.Patience;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Lets a request wait for the database only so long. */
@Component
@Order(0)
class PatienceOfTheRequest extends OncePerRequestFilter {

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        Patience.begin();
        try {
            chain.doFilter(request, response);
        } finally {
            Patience.end();
        }
    }
}
