package openbloom.app.api;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;
import openbloom.app.system.BodyTooLong;
import openbloom.app.system.MessageFormatter;
import openbloom.core.Problem;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.HttpMediaTypeNotAcceptableException;
import org.springframework.web.HttpMediaTypeNotSupportedException;
import org.springframework.web.HttpRequestMethodNotSupportedException;
import org.springframework.web.bind.ServletRequestBindingException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.multipart.MultipartException;
import org.springframework.web.server.ResponseStatusException;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DatabindException;
import tools.jackson.databind.exc.InvalidFormatException;
import tools.jackson.databind.exc.MismatchedInputException;
import tools.jackson.databind.exc.UnrecognizedPropertyException;

/** Every refusal of the interface as a problem document (RFC 9457), in words and never with a Java name. */
@RestControllerAdvice(annotations = RestController.class)
class ApiProblems {
    private static final int MOST_CHOICES_TOLD = 40;
    private static final Logger LOG = LoggerFactory.getLogger(ApiProblems.class);
    private final MessageFormatter sentences;

    ApiProblems(MessageFormatter sentences) {
        this.sentences = sentences;
    }

    /** One field and what is wrong with it. */
    record FieldProblem(String field, String message) {}

    @ExceptionHandler
    ProblemDetail refused(Refusal refusal) {
        List<FieldProblem> errors = refusal.problems().stream()
                .map(problem -> new FieldProblem(problem.field(), sentences.of(problem)))
                .toList();
        return unprocessable(errors);
    }

    @ExceptionHandler
    ProblemDetail unreadable(HttpMessageNotReadableException unreadable) {
        if (isTooLong(unreadable)) {
            return ProblemDetail.forStatusAndDetail(HttpStatus.CONTENT_TOO_LARGE, "The body is too long.");
        }
        if (unreadable.getCause() instanceof DatabindException mismatch
                && !mismatch.getPath().isEmpty()) {
            return unprocessable(List.of(new FieldProblem(path(mismatch), sentence(mismatch))));
        }
        return ProblemDetail.forStatusAndDetail(HttpStatus.BAD_REQUEST, "The body is no well-formed JSON object.");
    }

    @ExceptionHandler
    ProblemDetail status(ResponseStatusException refused) {
        String detail = refused.getReason() == null ? "There is nothing here." : refused.getReason();
        return ProblemDetail.forStatusAndDetail(refused.getStatusCode(), detail);
    }

    @ExceptionHandler
    ProblemDetail mediaType(HttpMediaTypeNotSupportedException refused) {
        return ProblemDetail.forStatusAndDetail(
                HttpStatus.UNSUPPORTED_MEDIA_TYPE, "Send the body as application/json, a trace as text/csv.");
    }

    @ExceptionHandler
    ProblemDetail method(HttpRequestMethodNotSupportedException refused) {
        return ProblemDetail.forStatusAndDetail(
                HttpStatus.METHOD_NOT_ALLOWED, refused.getMethod() + " is not answered here.");
    }

    /** Whatever the caller would rather have, this is what there is. */
    @ExceptionHandler
    ResponseEntity<ProblemDetail> notAcceptable(HttpMediaTypeNotAcceptableException refused) {
        return ResponseEntity.status(HttpStatus.NOT_ACCEPTABLE)
                .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                .body(ProblemDetail.forStatusAndDetail(HttpStatus.NOT_ACCEPTABLE, "Answers come as application/json."));
    }

    @ExceptionHandler
    ProblemDetail storage(DataAccessException broken) {
        LOG.error("The store did not answer: {}", broken.getMessage());
        return ProblemDetail.forStatusAndDetail(HttpStatus.SERVICE_UNAVAILABLE, "The store does not answer just now.");
    }

    @ExceptionHandler({
        ServletRequestBindingException.class,
        MultipartException.class,
        MethodArgumentTypeMismatchException.class
    })
    ProblemDetail unreadableRequest() {
        return ProblemDetail.forStatusAndDetail(HttpStatus.BAD_REQUEST, "The request cannot be read.");
    }

    @ExceptionHandler
    ProblemDetail broken(Exception broken) {
        LOG.error("A call could not be answered", broken);
        return ProblemDetail.forStatusAndDetail(
                HttpStatus.INTERNAL_SERVER_ERROR, "Something went wrong on our side. Nothing was stored.");
    }

    private static boolean isTooLong(Throwable broken) {
        return Stream.iterate(broken, Objects::nonNull, Throwable::getCause).anyMatch(BodyTooLong.class::isInstance);
    }

    private static ProblemDetail unprocessable(List<FieldProblem> errors) {
        String detail = errors.get(0).field() + ": " + errors.get(0).message();
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(HttpStatus.UNPROCESSABLE_CONTENT, detail);
        problem.setProperty("errors", errors);
        return problem;
    }

    /** {@code client.gap.readings[2].depth}. */
    private static String path(DatabindException mismatch) {
        StringBuilder path = new StringBuilder();
        for (JacksonException.Reference step : mismatch.getPath()) {
            if (step.getPropertyName() == null) {
                path.append('[').append(step.getIndex()).append(']');
            } else {
                path.append(path.isEmpty() ? "" : ".").append(step.getPropertyName());
            }
        }
        return path.toString();
    }

    private String sentence(DatabindException mismatch) {
        if (mismatch instanceof UnrecognizedPropertyException) {
            return sentences.of(Problem.of("", "api.unknownField"));
        }
        if (mismatch instanceof InvalidFormatException format) {
            return sentences.of(expected(format.getTargetType(), String.valueOf(format.getValue())));
        }
        return mismatch instanceof MismatchedInputException other && other.getTargetType() != null
                ? sentences.of(expected(other.getTargetType(), "something else"))
                : sentences.of(Problem.of("", "api.type"));
    }

    private static Problem expected(Class<?> type, String came) {
        if (type.isEnum()) {
            List<String> choices = Arrays.stream(type.getEnumConstants())
                    .limit(MOST_CHOICES_TOLD)
                    .map(Object::toString)
                    .toList();
            return Problem.of("", "api.word", choices, came);
        }
        if (type == LocalDate.class) {
            return Problem.of("", "api.date", came);
        }
        boolean number = Number.class.isAssignableFrom(type) || type == int.class || type == long.class;
        return number ? Problem.of("", "api.wholeNumber", came) : Problem.of("", "api.type");
    }
}
