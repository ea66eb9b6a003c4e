package brachion.server.shell;

import brachion.server.storage.Stores;
import brachion.server.storage.UnderWay;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.context.annotation.Lazy;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** A request that carries a key can be asked about, and stopped, by it while it is answered. */
@Component
@Order(4)
class WorkOfTheRequest extends OncePerRequestFilter {

    private final UnderWay underWay;

    WorkOfTheRequest(@Lazy UnderWay underWay) {
        this.underWay = underWay;
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return request.getHeader(Stores.KEY) == null;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String key = request.getHeader(Stores.KEY);
        underWay.begins(key);
        try {
            chain.doFilter(request, response);
        } finally {
            underWay.ends(key);
        }
    }
}
