package brachion.server.shell;

import brachion.server.problem.RefusedFieldException;
import brachion.server.storage.CurrentShop;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.servlet.AsyncHandlerInterceptor;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/**
 * Whose records a request is about: those of the shop its header names, or, where a link can send no header, its parameter;
 * the own shop's where it names none. A page in the sample workshop thus never writes into the own shop, nor the other way
 * round, whatever else is open in the browser.
 */
@Configuration(proxyBeanMethods = false)
class ShopOfTheRequest implements WebMvcConfigurer, AsyncHandlerInterceptor {

    private static final String HEADER = "Brachion-Shop";
    private static final String PARAMETER = "shop";
    private static final List<String> SHOPS = List.of(CurrentShop.OWN, CurrentShop.SAMPLE);

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(this).addPathPatterns("/api/**");
    }

    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler) {
        String named = request.getHeader(HEADER) == null ? request.getParameter(PARAMETER) : request.getHeader(HEADER);
        if (named != null && !SHOPS.contains(named)) {
            throw new RefusedFieldException(PARAMETER, "There is no such shop; there are " + String.join(" and ", SHOPS) + ".");
        }
        CurrentShop.enter(named == null ? CurrentShop.OWN : named);
        return true;
    }

    @Override
    public void afterCompletion(HttpServletRequest request, HttpServletResponse response, Object handler, Exception failed) {
        CurrentShop.leave();
    }

    /** The thread that took the request is done with it; another one writes the answer. */
    @Override
    public void afterConcurrentHandlingStarted(HttpServletRequest request, HttpServletResponse response, Object handler) {
        CurrentShop.leave();
    }
}
