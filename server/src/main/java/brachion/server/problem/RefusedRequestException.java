package brachion.server.problem;

import org.springframework.http.HttpStatus;

/** A request is refused as a whole, whatever it asks. */
public final class RefusedRequestException extends RuntimeException {

    private static final long serialVersionUID = 1L;

    private final HttpStatus status;

    /** @param status why, as everybody understands it */
    public RefusedRequestException(HttpStatus status) {
        super(Problems.of(status).getDetail());
        this.status = status;
    }

    /**
     * @param status  why, as everybody understands it
     * @param message why, a plain sentence
     */
    public RefusedRequestException(HttpStatus status, String message) {
        super(message);
        this.status = status;
    }

    /** Why, as everybody understands it. */
    public HttpStatus status() {
        return status;
    }
}
