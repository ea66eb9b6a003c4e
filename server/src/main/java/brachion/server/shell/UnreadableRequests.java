package brachion.server.shell;

import brachion.server.problem.Problems;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.core.StandardHost;
import org.apache.catalina.valves.ErrorReportValve;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;

/** What the web server itself cannot read as a request is refused as a problem, where it would answer with a page. */
@Component
class UnreadableRequests implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {

    @Override
    public void customize(TomcatServletWebServerFactory factory) {
        factory.addContextCustomizers(context -> {
            if (context.getParent() instanceof StandardHost host) {
                host.setErrorReportValveClass(Valve.class.getName());
            }
        });
    }

    /** Made by the web server, by its name. */
    public static final class Valve extends ErrorReportValve {

        @Override
        protected void report(Request request, Response response, Throwable thrown) {
            int status = response.getStatus();
            if (status < 400 || response.getContentWritten() > 0 || !response.setErrorReported()) {
                return;
            }
            try {
                response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
                response.setCharacterEncoding(StandardCharsets.UTF_8.name());
                response.getReporter().write(Problems.json(HttpStatusCode.valueOf(status)));
                response.finishResponse();
            } catch (IOException gone) {
                // whoever asked has left
                getContainer().getLogger().debug("Nobody to answer", gone);
            }
        }
    }
}
