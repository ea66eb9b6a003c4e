package brachion.server.shell;

import brachion.server.problem.RefusedFieldException;
import brachion.server.problem.RefusedRequestException;
import brachion.server.storage.LongWork;
import brachion.server.storage.Stores;
import brachion.server.storage.WritesDone;
import brachion.server.storage.WritesDone.Answer;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.util.HexFormat;
import java.util.Optional;
import java.util.regex.Pattern;
import org.apache.commons.codec.digest.DigestUtils;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.context.annotation.Lazy;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionStatus;
import org.springframework.transaction.support.TransactionTemplate;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.HandlerExceptionResolver;
import org.springframework.web.servlet.HandlerExecutionChain;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import org.springframework.web.util.ContentCachingResponseWrapper;
import org.springframework.web.util.ServletRequestPathUtils;

/**
 * A write that carries a key is done once, however often it arrives: the key is stored in one transaction with what the
 * write stores, and nothing is answered before that is safe.
 */
@Component
@Order(3)
class WriteOnce extends OncePerRequestFilter {

    private static final Pattern KEY = Pattern.compile("[A-Za-z0-9_-]{8,64}");

    private final WritesDone writes;
    private final LongWork longWork;
    private final ObjectProvider<RequestMappingHandlerMapping> handlers;
    private final HandlerExceptionResolver refusals;
    private final TransactionTemplate transaction;

    /** The web server asks for its filters before there is a database to store in. */
    WriteOnce(@Lazy WritesDone writes, @Lazy LongWork longWork,
              @Qualifier("requestMappingHandlerMapping") ObjectProvider<RequestMappingHandlerMapping> handlers,
              @Lazy HandlerExceptionResolver handlerExceptionResolver, @Lazy PlatformTransactionManager transactions) {
        this.writes = writes;
        this.longWork = longWork;
        this.handlers = handlers;
        this.refusals = handlerExceptionResolver;
        this.transaction = new TransactionTemplate(transactions);
    }

    /** What goes wrong in the chain below, carried through the transaction. */
    private static final class Failed extends RuntimeException {

        private static final long serialVersionUID = 1L;

        Failed(Exception cause) {
            super(cause);
        }
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String key = request.getHeader(Stores.KEY);
        Optional<Stores> stores = key == null ? Optional.empty() : stores(request);
        if (stores.isEmpty()) {
            chain.doFilter(request, response);
            return;
        }
        ContentCachingResponseWrapper answer = new ContentCachingResponseWrapper(response);
        try {
            if (!KEY.matcher(key).matches()) {
                throw new RefusedFieldException(Stores.KEY, "A key has 8 to 64 letters, digits, hyphens and underscores.");
            }
            String fingerprint = fingerprint(request);
            boolean many = stores.get().many();
            Optional<Answer> before = transaction.execute(status -> once(key, fingerprint, many, request, answer, chain, status));
            if (before.isEmpty()) {
                answer.copyBodyToResponse();
            } else if (before.get().fingerprint().equals(fingerprint)) {
                repeat(before.get(), response);
            } else {
                throw new RefusedRequestException(HttpStatus.UNPROCESSABLE_CONTENT,
                        "This key was given to another write before. Each write needs a key of its own.");
            }
        } catch (Failed failed) {
            if (failed.getCause() instanceof IOException broken) {
                throw broken;
            }
            throw new ServletException(failed.getCause());
        } catch (RuntimeException refused) {
            if (response.isCommitted()) {
                throw refused;
            }
            response.reset();
            if (refusals.resolveException(request, response, null, refused) == null) {
                throw refused;
            }
        }
    }

    private Optional<Answer> once(String key, String fingerprint, boolean many, HttpServletRequest request, ContentCachingResponseWrapper answer,
                                  FilterChain chain, TransactionStatus status) {
        if (many) {
            longWork.begin();
        }
        Optional<Answer> before = writes.begin(key, fingerprint);
        if (before.isPresent()) {
            return before;
        }
        try {
            chain.doFilter(request, answer);
        } catch (IOException | ServletException failed) {
            throw new Failed(failed);
        }
        if (answer.getStatus() >= HttpStatus.BAD_REQUEST.value()) {
            // a refusal stores nothing; the same key may come again with the same write
            status.setRollbackOnly();
        } else {
            writes.done(key, new Answer(fingerprint, answer.getStatus(), answer.getHeader(HttpHeaders.LOCATION), answer.getContentType(),
                    answer.getContentAsByteArray()));
        }
        return Optional.empty();
    }

    private static void repeat(Answer before, HttpServletResponse response) throws IOException {
        response.setStatus(before.status());
        if (before.location() != null) {
            response.setHeader(HttpHeaders.LOCATION, before.location());
        }
        if (before.contentType() != null) {
            response.setContentType(before.contentType());
        }
        response.getOutputStream().write(before.body());
    }

    private Optional<Stores> stores(HttpServletRequest request) throws ServletException {
        try {
            if (!ServletRequestPathUtils.hasParsedRequestPath(request)) {
                ServletRequestPathUtils.parseAndCache(request);
            }
            HandlerExecutionChain found = handlers.getObject().getHandler(request);
            return found != null && found.getHandler() instanceof HandlerMethod method
                    ? Optional.ofNullable(method.getMethodAnnotation(Stores.class)) : Optional.empty();
        } catch (ServletException noSuchRequest) {
            // refused further in, with what would be accepted
            return Optional.empty();
        } catch (Exception failed) {
            throw new ServletException(failed);
        }
    }

    private static String fingerprint(HttpServletRequest request) throws IOException {
        MessageDigest digest = DigestUtils.getSha256Digest();
        digest.update((request.getMethod() + " " + request.getRequestURI() + "?" + request.getQueryString() + "\n").getBytes(StandardCharsets.UTF_8));
        // whoever shows another token, or none, repeats nothing
        digest.update((request.getHeader(HttpHeaders.AUTHORIZATION) + "\n").getBytes(StandardCharsets.UTF_8));
        try (InputStream body = request.getInputStream()) {
            return HexFormat.of().formatHex(DigestUtils.updateDigest(digest, body).digest());
        }
    }
}
