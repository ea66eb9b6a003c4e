package brachion.server.problem;

import jakarta.persistence.OptimisticLockException;
import jakarta.servlet.http.HttpServletRequest;
import java.sql.SQLException;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.apache.tomcat.util.http.InvalidParameterException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.TypeMismatchException;
import org.springframework.core.task.TaskRejectedException;
import org.springframework.dao.ConcurrencyFailureException;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.dao.PessimisticLockingFailureException;
import org.springframework.dao.QueryTimeoutException;
import org.springframework.dao.TransientDataAccessResourceException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.orm.jpa.JpaSystemException;
import org.springframework.transaction.TransactionException;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.MissingServletRequestParameterException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.context.request.async.AsyncRequestTimeoutException;
import org.springframework.web.method.annotation.HandlerMethodValidationException;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import tools.jackson.core.JacksonException;
import tools.jackson.core.exc.StreamConstraintsException;

/** Turns every refusal into a problem detail; those about fields list them under {@code errors}. */
@RestControllerAdvice
class ProblemHandler extends ResponseEntityExceptionHandler {

    private static final Logger LOG = LoggerFactory.getLogger(ProblemHandler.class);
    /** What MariaDB calls a disk without room: ER_DISK_FULL, ER_RECORD_FILE_FULL, ER_ERROR_ON_WRITE. */
    private static final Set<Integer> DISK_FULL = Set.of(1021, 1114, 1026);

    @ExceptionHandler
    ProblemDetail refused(RefusedFieldException refused) {
        return Problems.fields(List.of(refused.error()));
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> refused(RefusedRequestException refused) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(refused.status(), refused.getMessage());
        return refused.status() == HttpStatus.TOO_MANY_REQUESTS || refused.status() == HttpStatus.SERVICE_UNAVAILABLE ? later(problem)
                : ResponseEntity.status(refused.status()).body(problem);
    }

    /** The line of those who wait for a big answer is full. */
    @ExceptionHandler
    ResponseEntity<ProblemDetail> busy(TaskRejectedException full) {
        return later(Problems.of(HttpStatus.TOO_MANY_REQUESTS));
    }

    @ExceptionHandler
    ProblemDetail notHere(NotHereException missing) {
        return ProblemDetail.forStatusAndDetail(HttpStatus.NOT_FOUND, missing.getMessage());
    }

    @ExceptionHandler
    ProblemDetail conflict(EditConflictException conflict) {
        return ProblemDetail.forStatusAndDetail(HttpStatus.CONFLICT, conflict.getMessage());
    }

    @ExceptionHandler
    ProblemDetail newer(NewerRecordException newer) {
        return ProblemDetail.forStatusAndDetail(HttpStatus.CONFLICT, newer.getMessage());
    }

    @ExceptionHandler({ConcurrencyFailureException.class, DataIntegrityViolationException.class, OptimisticLockException.class})
    ProblemDetail changedMeanwhile(RuntimeException conflict) {
        return ProblemDetail.forStatusAndDetail(HttpStatus.CONFLICT,
                "This was changed elsewhere at the same moment. Load it again and repeat your change.");
    }

    /** Two waited for each other and the database let one of them go; nothing of that one is stored, and it may come again as it is. */
    @ExceptionHandler
    ResponseEntity<ProblemDetail> heldUp(PessimisticLockingFailureException loser) {
        return later(ProblemDetail.forStatusAndDetail(HttpStatus.SERVICE_UNAVAILABLE,
                "Somebody else was writing the same at this moment, and this was not stored." + Problems.NOT_LOST + " Try again in a moment."));
    }

    /** The database is gone, or too slow to wait for. */
    @ExceptionHandler({DataAccessResourceFailureException.class, TransientDataAccessResourceException.class, QueryTimeoutException.class,
        TransactionException.class, JpaSystemException.class})
    ResponseEntity<ProblemDetail> noDatabase(RuntimeException gone) {
        boolean full = causes(gone).anyMatch(cause -> cause instanceof SQLException sql && DISK_FULL.contains(sql.getErrorCode()));
        LOG.warn("{}: {}", full ? "The disk is full" : "The database does not answer", gone.getMessage());
        return later(Problems.of(full ? HttpStatus.INSUFFICIENT_STORAGE : HttpStatus.SERVICE_UNAVAILABLE));
    }

    private static Stream<Throwable> causes(Throwable of) {
        return Stream.iterate(of, cause -> cause != null, Throwable::getCause);
    }

    /** What follows the question mark of an address cannot be taken apart. */
    @ExceptionHandler
    ProblemDetail unreadable(InvalidParameterException unreadable) {
        return Problems.of(HttpStatus.BAD_REQUEST);
    }

    /** Nobody foresaw this: it stands in the log, and the person is told so. */
    @ExceptionHandler
    ResponseEntity<ProblemDetail> unforeseen(Exception unforeseen, HttpServletRequest request) {
        if (causes(unforeseen).anyMatch(cause -> cause.getClass().getSimpleName().equals("ClientAbortException"))) {
            return null;
        }
        LOG.error("{} {} failed", request.getMethod(), request.getRequestURI(), unforeseen);
        return ResponseEntity.internalServerError().body(Problems.of(HttpStatus.INTERNAL_SERVER_ERROR));
    }

    private static ResponseEntity<ProblemDetail> later(ProblemDetail problem) {
        return ResponseEntity.status(problem.getStatus()).header(HttpHeaders.RETRY_AFTER, Long.toString(Problems.SOON.toSeconds())).body(problem);
    }

    @Override
    protected ResponseEntity<Object> handleMethodArgumentNotValid(
            MethodArgumentNotValidException invalid, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        return fields(invalid, invalid.getBindingResult().getFieldErrors().stream()
                .map(error -> new FieldError(error.getField(), error.getDefaultMessage())).toList(), headers, request);
    }

    @Override
    protected ResponseEntity<Object> handleHandlerMethodValidationException(
            HandlerMethodValidationException invalid, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        return fields(invalid, invalid.getParameterValidationResults().stream().flatMap(result -> result.getResolvableErrors().stream()
                .map(error -> new FieldError(result.getMethodParameter().getParameterName(), error.getDefaultMessage()))).toList(), headers, request);
    }

    @Override
    protected ResponseEntity<Object> handleTypeMismatch(
            TypeMismatchException mismatch, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        String name = mismatch instanceof MethodArgumentTypeMismatchException argument ? argument.getName() : mismatch.getPropertyName();
        return fields(mismatch, List.of(new FieldError(name, Expected.sentence(mismatch.getRequiredType()))), headers, request);
    }

    @Override
    protected ResponseEntity<Object> handleMissingServletRequestParameter(
            MissingServletRequestParameterException missing, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        return fields(missing, List.of(new FieldError(missing.getParameterName(), "This parameter is needed.")), headers, request);
    }

    @Override
    protected ResponseEntity<Object> handleAsyncRequestTimeoutException(
            AsyncRequestTimeoutException late, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(HttpStatus.SERVICE_UNAVAILABLE,
                "This took longer than anybody should wait. Ask for less, or again when the workshop is less busy.");
        return handleExceptionInternal(late, problem, headers, HttpStatus.SERVICE_UNAVAILABLE, request);
    }

    @Override
    protected ResponseEntity<Object> handleHttpMessageNotReadable(
            HttpMessageNotReadableException unreadable, HttpHeaders headers, HttpStatusCode status,
            WebRequest request) {
        if (unreadable.getCause() instanceof JacksonException json && !json.getPath().isEmpty()) {
            return fields(unreadable, List.of(FieldError.unreadable(json)), headers, request);
        }
        boolean tooMuch = causes(unreadable).anyMatch(StreamConstraintsException.class::isInstance);
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(HttpStatus.BAD_REQUEST,
                tooMuch ? FieldError.TOO_MUCH : "The request is not readable JSON.");
        return handleExceptionInternal(unreadable, problem, headers, HttpStatus.BAD_REQUEST, request);
    }

    /** What the web layer refuses by itself is said in the product's own words. */
    @Override
    protected ResponseEntity<Object> handleExceptionInternal(
            Exception refused, Object body, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        return super.handleExceptionInternal(refused, body == null ? Problems.of(status) : body, headers, status, request);
    }

    private ResponseEntity<Object> fields(Exception refused, List<FieldError> errors, HttpHeaders headers, WebRequest request) {
        return handleExceptionInternal(refused, Problems.fields(errors), headers, HttpStatus.BAD_REQUEST, request);
    }
}
