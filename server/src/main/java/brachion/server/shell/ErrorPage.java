package brachion.server.shell;

import brachion.server.problem.Problems;
import io.swagger.v3.oas.annotations.Hidden;
import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import java.util.Optional;
import org.springframework.boot.webmvc.error.ErrorController;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What is refused before any address is reached (a strange host, a missing token) is a problem like any other. */
@RestController
@Hidden
class ErrorPage implements ErrorController {

    @RequestMapping("/error")
    ResponseEntity<ProblemDetail> error(HttpServletRequest request) {
        int status = Optional.ofNullable((Integer) request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE)).orElse(404);
        return ResponseEntity.status(status).contentType(MediaType.APPLICATION_PROBLEM_JSON).body(Problems.of(HttpStatusCode.valueOf(status)));
    }
}
