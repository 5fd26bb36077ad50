package littlesummit.app.web;

import java.util.Objects;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.ConcurrencyFailureException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.validation.ObjectError;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import org.springframework.web.servlet.resource.NoResourceFoundException;

/** Every failure leaves as a problem document with a clear sentence, never as a stack trace. */
@RestControllerAdvice
class Problems extends ResponseEntityExceptionHandler {
    private static final Logger LOG = LoggerFactory.getLogger(Problems.class);

    @ExceptionHandler
    ResponseEntity<ProblemDetail> problem(Problem problem) {
        ProblemDetail said = ProblemDetail.forStatusAndDetail(problem.status(), problem.getMessage());
        problem.more().forEach(said::setProperty);
        return ResponseEntity.status(problem.status()).body(said);
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> denied(AccessDeniedException denied) {
        return document(HttpStatus.FORBIDDEN, "This is not open to you.");
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> race(ConcurrencyFailureException race) {
        return document(
                HttpStatus.CONFLICT, "Something else changed this at the same moment. Nothing was lost; try again.");
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> duplicate(DataIntegrityViolationException duplicate) {
        LOG.warn("refused by the database: {}", Trace.of(duplicate));
        return document(
                HttpStatus.CONFLICT, "This has been sent before, or something else changed it. Nothing was lost.");
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> bug(RuntimeException bug) {
        LOG.error("unexpected: {}", Trace.of(bug));
        return document(
                HttpStatus.INTERNAL_SERVER_ERROR,
                "Something went wrong here. What you entered is kept; try again." + toTell());
    }

    @Override
    protected ResponseEntity<Object> handleHttpMessageNotReadable(
            HttpMessageNotReadableException bad, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        return handleExceptionInternal(
                bad,
                ProblemDetail.forStatusAndDetail(status, "The request is not valid JSON of the shape expected."),
                headers,
                status,
                request);
    }

    @Override
    protected ResponseEntity<Object> handleMethodArgumentNotValid(
            MethodArgumentNotValidException bad, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        String sentence = bad.getBindingResult().getAllErrors().stream()
                .map(ObjectError::getDefaultMessage)
                .filter(Objects::nonNull)
                .filter(s -> s.endsWith("."))
                .findFirst()
                .orElse("Something in this request is missing, or too long.");
        return handleExceptionInternal(
                bad, ProblemDetail.forStatusAndDetail(status, sentence), headers, status, request);
    }

    @Override
    protected ResponseEntity<Object> handleNoResourceFoundException(
            NoResourceFoundException bad, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        return handleExceptionInternal(
                bad,
                ProblemDetail.forStatusAndDetail(
                        status, Problem.of(HttpStatus.NOT_FOUND).getMessage()),
                headers,
                status,
                request);
    }

    /** With the number of the request somebody who looks after the server finds what happened. */
    private static String toTell() {
        return RequestNumber.current()
                .map(number ->
                        " If it happens again, say this number to whoever looks after the server: " + number + ".")
                .orElse("");
    }

    private static ResponseEntity<ProblemDetail> document(HttpStatus status, String sentence) {
        return ResponseEntity.status(status).body(ProblemDetail.forStatusAndDetail(status, sentence));
    }
}
