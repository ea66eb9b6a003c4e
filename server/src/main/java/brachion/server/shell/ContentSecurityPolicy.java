package brachion.server.shell;

import jakarta.servlet.http.HttpServletRequest;
import java.security.SecureRandom;
import java.util.Base64;

/** What the page may load: its own files and nothing else, and only style sheets that carry this answer's nonce. */
final class ContentSecurityPolicy {

    private static final String NONCE = ContentSecurityPolicy.class.getName() + ".nonce";
    private static final SecureRandom RANDOM = new SecureRandom();

    private ContentSecurityPolicy() {
    }

    static String header(HttpServletRequest request) {
        return "default-src 'none'; script-src 'self'; style-src 'self' 'nonce-" + nonce(request) + "'; "
                + "img-src 'self' data:; font-src 'self'; connect-src 'self'; manifest-src 'self'; "
                + "base-uri 'none'; form-action 'self'; frame-ancestors 'none'";
    }

    /** The nonce of this request, the same however often it is asked for. */
    static String nonce(HttpServletRequest request) {
        Object known = request.getAttribute(NONCE);
        if (known != null) {
            return known.toString();
        }
        byte[] bytes = new byte[16];
        RANDOM.nextBytes(bytes);
        String nonce = Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
        request.setAttribute(NONCE, nonce);
        return nonce;
    }
}
