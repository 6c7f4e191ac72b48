package zestbench.server.problem;

import java.beans.PropertyEditorSupport;
import java.net.SocketTimeoutException;
import java.net.URI;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.WebDataBinder;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.InitBinder;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.method.annotation.MethodArgumentConversionNotSupportedException;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.multipart.MaxUploadSizeExceededException;
import org.springframework.web.multipart.MultipartException;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import org.springframework.web.servlet.resource.NoResourceFoundException;
import org.springframework.web.util.DisconnectedClientHelper;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.exc.InvalidFormatException;
import tools.jackson.databind.exc.MismatchedInputException;
import tools.jackson.databind.exc.UnrecognizedPropertyException;
import zestbench.core.call.Refusal;
import zestbench.core.quantity.InputProblem;
import zestbench.core.stock.TooManyCombinations;
import zestbench.server.json.CleanText;
import zestbench.server.json.StrictJson.WrongValue;

/** Every failure as a problem document (RFC 9457) that says what was given, what is wrong and what would be right. */
@RestControllerAdvice
public class Problems extends ResponseEntityExceptionHandler {
    static final String FAILED = "The bench failed at this; what was kept before is still kept.";
    private static final Logger LOG = LoggerFactory.getLogger(Problems.class);

    private final DiskTrouble disk;

    Problems(DiskTrouble disk) {
        this.disk = disk;
    }

    /** Words in paths, queries and forms are as clean as those in JSON. */
    @InitBinder
    void clean(WebDataBinder binder) {
        binder.registerCustomEditor(String.class, new PropertyEditorSupport() {
            @Override
            public void setAsText(String text) {
                String field = binder.getObjectName();
                setValue(CleanText.checked(field.isEmpty() ? "text" : field, text));
            }
        });
    }

    @ExceptionHandler(InputProblem.class)
    ProblemDetail input(InputProblem problem) {
        String detail = problem.fields().stream()
                .map(f -> f.field() + (f.value() == null ? "" : " was " + f.value()) + ": " + f.problem())
                .collect(Collectors.joining("; "));
        return of(HttpStatus.BAD_REQUEST, detail, problem.fields());
    }

    @ExceptionHandler(NotHere.class)
    ProblemDetail notHere(NotHere problem) {
        return of(HttpStatus.NOT_FOUND, String.valueOf(problem.getMessage()), List.of());
    }

    @ExceptionHandler(Conflict.class)
    ProblemDetail conflict(Conflict problem) {
        return of(HttpStatus.CONFLICT, String.valueOf(problem.getMessage()), List.of());
    }

    @ExceptionHandler(Refusal.class)
    ProblemDetail refused(Refusal refusal) {
        HttpStatus status = refusal.why() == Refusal.Why.NOT_HERE ? HttpStatus.NOT_FOUND : HttpStatus.CONFLICT;
        return of(status, String.valueOf(refusal.getMessage()), List.of());
    }

    @ExceptionHandler(Outdated.class)
    ProblemDetail outdated(Outdated problem) {
        ProblemDetail out = conflict(problem);
        out.setProperty("now", problem.now());
        out.setProperty("given", problem.given());
        return out;
    }

    @ExceptionHandler(TooLarge.class)
    ProblemDetail tooLarge(TooLarge problem) {
        return of(HttpStatus.CONTENT_TOO_LARGE, String.valueOf(problem.getMessage()), List.of());
    }

    @ExceptionHandler(NotAPicture.class)
    ProblemDetail notAPicture(NotAPicture problem) {
        return of(HttpStatus.UNSUPPORTED_MEDIA_TYPE, String.valueOf(problem.getMessage()), List.of());
    }

    @ExceptionHandler(NotBuiltIn.class)
    ProblemDetail notBuiltIn(NotBuiltIn problem) {
        return of(HttpStatus.NOT_IMPLEMENTED, String.valueOf(problem.getMessage()), List.of());
    }

    @ExceptionHandler(Busy.class)
    ResponseEntity<ProblemDetail> busy(Busy problem) {
        return ResponseEntity.status(HttpStatus.SERVICE_UNAVAILABLE)
                .header(HttpHeaders.RETRY_AFTER, "5")
                .body(of(HttpStatus.SERVICE_UNAVAILABLE, String.valueOf(problem.getMessage()), List.of()));
    }

    @ExceptionHandler(TooManyCombinations.class)
    ProblemDetail tooMany(TooManyCombinations problem) {
        return of(HttpStatus.UNPROCESSABLE_CONTENT, String.valueOf(problem.getMessage()), List.of());
    }

    @ExceptionHandler(NoRoom.class)
    ProblemDetail noRoom(NoRoom problem) {
        return of(HttpStatus.INSUFFICIENT_STORAGE, String.valueOf(problem.getMessage()), List.of());
    }

    @ExceptionHandler(MultipartException.class)
    ProblemDetail form(MultipartException problem) {
        for (Throwable at = problem; at != null; at = at.getCause()) {
            if (at instanceof SocketTimeoutException) {
                return of(HttpStatus.REQUEST_TIMEOUT, "What was sent took too long to arrive.", List.of());
            }
        }
        return of(
                HttpStatus.BAD_REQUEST,
                "This is no form with a file that can be read: send multipart/form-data with its boundary.",
                List.of());
    }

    /** A file that was sent is read while it is taken for an argument; what was wrong with it is inside. */
    @ExceptionHandler(MethodArgumentConversionNotSupportedException.class)
    ResponseEntity<ProblemDetail> notConverted(MethodArgumentConversionNotSupportedException problem) {
        return inside(problem);
    }

    private ResponseEntity<ProblemDetail> inside(Throwable problem) {
        for (Throwable at = problem; at != null; at = at.getCause()) {
            if (at instanceof InputProblem input) {
                return ResponseEntity.badRequest().body(input(input));
            }
            if (at instanceof TooLarge large) {
                return ResponseEntity.status(HttpStatus.CONTENT_TOO_LARGE).body(tooLarge(large));
            }
            if (at instanceof Busy waiting) {
                return busy(waiting);
            }
        }
        return ResponseEntity.badRequest().body(of(HttpStatus.BAD_REQUEST, "What was sent cannot be read.", List.of()));
    }

    @ExceptionHandler(MethodArgumentTypeMismatchException.class)
    ResponseEntity<ProblemDetail> argument(MethodArgumentTypeMismatchException problem) {
        if (problem.getValue() instanceof MultipartFile || problem.getRootCause() instanceof InputProblem) {
            return inside(problem);
        }
        String value = String.valueOf(problem.getValue());
        var field = new InputProblem.Field(problem.getName(), value, "give a number");
        return ResponseEntity.badRequest()
                .body(of(
                        HttpStatus.BAD_REQUEST,
                        problem.getName() + " was " + value + ": give a number",
                        List.of(field)));
    }

    @ExceptionHandler(Exception.class)
    @Nullable
    ProblemDetail unexpected(Exception problem) {
        if (DisconnectedClientHelper.isClientDisconnectedException(problem)) {
            // who asked is gone, as phones are: nobody is left to answer, and nothing went wrong here
            return null;
        }
        String refusal = disk.refusal(problem);
        if (refusal != null) {
            return of(HttpStatus.INSUFFICIENT_STORAGE, refusal, List.of());
        }
        LOG.error("unexpected", problem);
        return of(HttpStatus.INTERNAL_SERVER_ERROR, FAILED, List.of());
    }

    /** An address that no view has leads a browser to the start page; a program is told that there is nothing. */
    @Override
    protected @Nullable ResponseEntity<Object> handleNoResourceFoundException(
            NoResourceFoundException problem, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        String accepted = String.valueOf(request.getHeader(HttpHeaders.ACCEPT));
        boolean isOfTheScreen = !problem.getResourcePath().startsWith("api/") && accepted.contains("text/html");
        return isOfTheScreen
                ? ResponseEntity.status(HttpStatus.FOUND)
                        .location(URI.create("/calls"))
                        .build()
                : super.handleNoResourceFoundException(problem, headers, status, request);
    }

    @Override
    protected @Nullable ResponseEntity<Object> handleHttpMessageNotReadable(
            HttpMessageNotReadableException problem, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        InputProblem.Field field = field(problem.getCause());
        String detail = field.field() + (field.value() == null ? "" : " was " + field.value()) + ": " + field.problem();
        return ResponseEntity.badRequest().body(of(HttpStatus.BAD_REQUEST, detail, List.of(field)));
    }

    @Override
    protected @Nullable ResponseEntity<Object> handleMethodArgumentNotValid(
            MethodArgumentNotValidException problem, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        List<InputProblem.Field> fields = problem.getBindingResult().getFieldErrors().stream()
                .map(e -> new InputProblem.Field(
                        e.getField(),
                        e.getRejectedValue() == null ? null : shortened(String.valueOf(e.getRejectedValue())),
                        String.valueOf(e.getDefaultMessage())))
                .toList();
        return ResponseEntity.badRequest().body(input(new InputProblem(fields)));
    }

    @Override
    protected @Nullable ResponseEntity<Object> handleMaxUploadSizeExceededException(
            MaxUploadSizeExceededException problem, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        return ResponseEntity.status(HttpStatus.CONTENT_TOO_LARGE)
                .body(of(
                        HttpStatus.CONTENT_TOO_LARGE,
                        "The file is over 200 MB: give it in smaller pieces, a photo in a lower resolution",
                        List.of()));
    }

    private static InputProblem.Field field(@Nullable Throwable cause) {
        if (cause instanceof UnrecognizedPropertyException unknown) {
            return new InputProblem.Field(
                    path(unknown), null, "no such field; known are " + unknown.getKnownPropertyIds());
        }
        if (cause instanceof WrongValue wrong) {
            return new InputProblem.Field(
                    path(wrong), shortened(String.valueOf(wrong.getValue())), wrong.getOriginalMessage());
        }
        if (cause instanceof InvalidFormatException format) {
            Class<?> target = format.getTargetType();
            String right = target != null && target.isEnum()
                    ? "give one of "
                            + Arrays.stream(target.getEnumConstants())
                                    .map(String::valueOf)
                                    .collect(Collectors.joining(", "))
                    : "give " + words(target);
            return new InputProblem.Field(path(format), shortened(String.valueOf(format.getValue())), right);
        }
        if (cause instanceof MismatchedInputException mismatch) {
            return new InputProblem.Field(path(mismatch), null, "give " + words(mismatch.getTargetType()));
        }
        if (cause != null && cause.getCause() instanceof InputProblem inner) {
            return inner.fields().get(0);
        }
        return new InputProblem.Field("body", null, "not JSON that can be read; give one JSON object");
    }

    private static String words(@Nullable Class<?> target) {
        if (target == null) {
            return "another form";
        }
        if (target == Double.class || target == double.class || target == Integer.class || target == int.class) {
            return "a number";
        }
        return target == String.class ? "words" : target == Boolean.class ? "true or false" : "an object or list";
    }

    private static String path(JacksonException problem) {
        StringBuilder out = new StringBuilder();
        for (JacksonException.Reference step : problem.getPath()) {
            if (step.getPropertyName() != null) {
                out.append(out.isEmpty() ? "" : ".").append(step.getPropertyName());
            } else {
                out.append('[').append(step.getIndex()).append(']');
            }
        }
        return out.isEmpty() ? "body" : out.toString();
    }

    private static String shortened(String given) {
        String text = CleanText.shown(given);
        return text.length() > 80 ? text.substring(0, 80) + "…" : text;
    }

    private static ProblemDetail of(HttpStatus status, String detail, List<InputProblem.Field> errors) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, detail);
        if (!errors.isEmpty()) {
            problem.setProperty("errors", errors);
        }
        return problem;
    }
}
