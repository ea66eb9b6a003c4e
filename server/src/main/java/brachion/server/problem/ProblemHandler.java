package brachion.server.problem;

import java.util.List;
import org.springframework.dao.ConcurrencyFailureException;
import org.springframework.dao.DataAccessException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import tools.jackson.core.JacksonException;

/** Turns every refusal into a problem detail; those about fields list them under {@code errors}. */
@RestControllerAdvice
class ProblemHandler extends ResponseEntityExceptionHandler {

    @ExceptionHandler
    ProblemDetail refused(RefusedFieldException refused) {
        return fields(List.of(refused.error()));
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

    @ExceptionHandler({ConcurrencyFailureException.class, DataIntegrityViolationException.class})
    ProblemDetail conflict(DataAccessException conflict) {
        return ProblemDetail.forStatusAndDetail(HttpStatus.CONFLICT,
                "This was changed elsewhere at the same moment. Load it again and repeat your change.");
    }

    @Override
    protected ResponseEntity<Object> handleMethodArgumentNotValid(
            MethodArgumentNotValidException invalid, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        List<FieldError> errors = invalid.getBindingResult().getFieldErrors().stream()
                .map(error -> new FieldError(error.getField(), error.getDefaultMessage())).toList();
        return handleExceptionInternal(invalid, fields(errors), headers, HttpStatus.BAD_REQUEST, request);
    }

    @Override
    protected ResponseEntity<Object> handleHttpMessageNotReadable(
            HttpMessageNotReadableException unreadable, HttpHeaders headers, HttpStatusCode status,
            WebRequest request) {
        ProblemDetail problem = unreadable.getCause() instanceof JacksonException json && !json.getPath().isEmpty()
                ? fields(List.of(FieldError.unreadable(json)))
                : ProblemDetail.forStatusAndDetail(HttpStatus.BAD_REQUEST, "The request is not readable JSON.");
        return handleExceptionInternal(unreadable, problem, headers, HttpStatus.BAD_REQUEST, request);
    }

    private static ProblemDetail fields(List<FieldError> errors) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(HttpStatus.BAD_REQUEST,
                errors.size() == 1 ? errors.get(0).message() : errors.size() + " entries need another look.");
        problem.setTitle("Not accepted");
        problem.setProperty("errors", errors);
        return problem;
    }
}
