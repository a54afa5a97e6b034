package openbloom.app.system;

import jakarta.servlet.http.HttpServletRequest;
import java.util.HashMap;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.TypeMismatchException;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.dao.DataAccessException;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.transaction.TransactionException;
import org.springframework.validation.BindException;
import org.springframework.web.HttpMediaTypeNotAcceptableException;
import org.springframework.web.HttpMediaTypeNotSupportedException;
import org.springframework.web.bind.ServletRequestBindingException;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.multipart.MaxUploadSizeExceededException;
import org.springframework.web.multipart.MultipartException;
import org.springframework.web.servlet.ModelAndView;

/** What cannot be answered, as a page in words or, below {@code /api}, as a problem document. Never a 500. */
@ControllerAdvice
@Order(Ordered.LOWEST_PRECEDENCE - 1)
class ErrorResponses {
    private static final Logger LOG = LoggerFactory.getLogger(ErrorResponses.class);
    private static final Pattern RECORD = Pattern.compile("(/people/\\d{1,18})(/.*)?");

    /** The same key with other content: nothing kept, both shown. */
    @ExceptionHandler
    ModelAndView keptDifferently(IdempotencyConflict refused, HttpServletRequest request) {
        Map<String, Object> shown = new HashMap<>();
        shown.put("lines", refused.lines());
        shown.put("known", refused.shown() == IdempotencyConflict.TwoVersions.BOTH);
        shown.put("shown", refused.shown().name());
        shown.put("page", recordOf(request));
        return new ModelAndView("again", shown, HttpStatus.UNPROCESSABLE_CONTENT);
    }

    /** Two forms under one key that was never claimed as a form's: what came now was not kept. */
    @ExceptionHandler
    ModelAndView keyTaken(DuplicateKeyException taken, HttpServletRequest request) {
        Map<String, String> sent = new HashMap<>();
        request.getParameterMap().forEach((field, values) -> sent.put(field, String.join(", ", values)));
        sent.remove("_csrf");
        return keptDifferently(IdempotencyConflict.unknown(sent), request);
    }

    @ExceptionHandler
    Object unreadableRecord(UnreadableRecord unreadable, HttpServletRequest request) {
        LOG.error("A record cannot be read: {}", unreadable.getMessage(), unreadable.getCause());
        Map<String, Object> shown = new HashMap<>();
        shown.put("name", unreadable.name());
        shown.put("page", recordOf(request));
        return isApi(request)
                ? problem(HttpStatus.UNPROCESSABLE_CONTENT, unreadable.getMessage())
                : new ModelAndView("unreadable", shown, HttpStatus.UNPROCESSABLE_CONTENT);
    }

    @ExceptionHandler({HttpMediaTypeNotAcceptableException.class})
    Object notAcceptable(HttpServletRequest request) {
        return answer(request, HttpStatus.NOT_ACCEPTABLE, "Answers come as JSON, or as a problem document.");
    }

    @ExceptionHandler({HttpMediaTypeNotSupportedException.class})
    Object notSupported(HttpServletRequest request) {
        return answer(request, HttpStatus.UNSUPPORTED_MEDIA_TYPE, "What was sent is of a kind that is not read here.");
    }

    @ExceptionHandler({MaxUploadSizeExceededException.class})
    Object tooLong(HttpServletRequest request) {
        return answer(request, HttpStatus.CONTENT_TOO_LARGE, "What was sent is too long.");
    }

    @ExceptionHandler({
        MultipartException.class,
        BindException.class,
        ServletRequestBindingException.class,
        TypeMismatchException.class
    })
    Object unreadableRequest(HttpServletRequest request) {
        return answer(request, HttpStatus.BAD_REQUEST, "What was sent cannot be read.");
    }

    /** Reading goes on as far as it can; what could not be written says so. */
    @ExceptionHandler({DataAccessException.class, TransactionException.class})
    Object storage(Exception broken, HttpServletRequest request) {
        LOG.error(
                "The store did not answer: {}",
                String.valueOf(broken.getMessage()).lines().findFirst().orElse(""));
        LOG.debug("The store did not answer", broken);
        return answer(request, HttpStatus.SERVICE_UNAVAILABLE, "The store does not answer; nothing was kept.");
    }

    private static Object answer(HttpServletRequest request, HttpStatus status, String detail) {
        return isApi(request)
                ? problem(status, detail)
                : new ModelAndView("error", Map.of("status", status.value()), status);
    }

    private static ResponseEntity<ProblemDetail> problem(HttpStatus status, String detail) {
        return ResponseEntity.status(status)
                .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                .body(ProblemDetail.forStatusAndDetail(status, detail));
    }

    private static boolean isApi(HttpServletRequest request) {
        return request.getRequestURI().startsWith("/api/");
    }

    private static String recordOf(HttpServletRequest request) {
        Matcher record = RECORD.matcher(request.getRequestURI());
        return record.matches() ? record.group(1) + "/journey" : "/";
    }
}
