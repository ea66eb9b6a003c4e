package brachion.server.shell;

import brachion.server.problem.RefusedFieldException;
import brachion.server.storage.CurrentShop;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.context.annotation.Lazy;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.servlet.HandlerExceptionResolver;

/**
 * Whose records a request is about: those of the shop its header names, or, where a link can send no header, its parameter;
 * the own shop's where it names none. A page in the sample workshop thus never writes into the own shop, nor the other way
 * round, whatever else is open in the browser.
 */
@Component
@Order(2)
class ShopOfTheRequest extends OncePerRequestFilter {

    private static final String HEADER = "Brachion-Shop";
    private static final String PARAMETER = "shop";

    private final HandlerExceptionResolver refusals;

    ShopOfTheRequest(@Lazy HandlerExceptionResolver handlerExceptionResolver) {
        this.refusals = handlerExceptionResolver;
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return !request.getRequestURI().startsWith("/api/");
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String named = request.getHeader(HEADER) == null ? request.getParameter(PARAMETER) : request.getHeader(HEADER);
        if (named != null && !CurrentShop.ALL.contains(named)) {
            refusals.resolveException(request, response, null,
                    new RefusedFieldException(PARAMETER, "There is no such shop; there are " + String.join(" and ", CurrentShop.ALL) + "."));
            return;
        }
        CurrentShop.enter(named == null ? CurrentShop.OWN : named);
        try {
            chain.doFilter(request, response);
        } finally {
            CurrentShop.leave();
        }
    }
}
