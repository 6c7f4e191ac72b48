package zestbench.server.exchange;

import com.networknt.schema.Error;
import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.springframework.stereotype.Component;
import org.springframework.util.function.SingletonSupplier;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonPointer;
import tools.jackson.core.TokenStreamLocation;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;
import zestbench.core.quantity.InputProblem;
import zestbench.server.json.JsonWords;
import zestbench.server.json.NoNulls;
import zestbench.server.photo.Photos;
import zestbench.server.photo.Picture;

/** Writes and reads bundles. A damaged one names its line, and what would be right there. */
@Component
class BundleFile {
    private static final String SCHEMA = "/exchange/zest-bench-1.schema.json";
    private static final int MOST_PROBLEMS = 20;

    private final JsonMapper json;
    /** Read through when the first file comes in. */
    private final SingletonSupplier<Schema> schema =
            SingletonSupplier.of(() -> SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                    .getSchema(schema()));

    BundleFile(JsonMapper json) {
        this.json = json.rebuild().enable(SerializationFeature.INDENT_OUTPUT).build();
    }

    /** The published form of a bundle. */
    static String schema() {
        try (InputStream in = Objects.requireNonNull(BundleFile.class.getResourceAsStream(SCHEMA))) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException problem) {
            throw new UncheckedIOException(problem);
        }
    }

    byte[] write(Bundle bundle) {
        return json.writeValueAsBytes(bundle);
    }

    /** A bundle with the text it was read from, so that what is wrong in it can be told by its line, and its photos read. */
    record Read(Bundle bundle, String text, Map<String, Picture> pictures) {}

    Read read(byte[] bytes) {
        String text = text(bytes);
        check(text);
        try {
            Bundle bundle = json.readValue(text, Bundle.class);
            NoNulls.check(bundle, "");
            return new Read(bundle, text, pictures(bundle));
        } catch (InputProblem problem) {
            throw located(problem, text);
        } catch (JacksonException broken) {
            throw broken(broken);
        }
    }

    private static Map<String, Picture> pictures(Bundle bundle) {
        Map<String, Picture> out = new LinkedHashMap<>();
        for (Bundle.PhotoCopy photo : bundle.photos()) {
            try {
                Photos.check(photo.name());
                out.put(photo.name(), Picture.of(photo.jpeg()));
            } catch (InputProblem problem) {
                throw problem.within("photos[" + out.size() + "]");
            }
        }
        return out;
    }

    private InputProblem located(InputProblem problem, String text) {
        List<InputProblem.Field> out = new ArrayList<>();
        for (InputProblem.Field each : problem.fields()) {
            out.add(new InputProblem.Field(
                    "line " + line(text, pointer(each.field()), json) + ", " + each.field(),
                    each.value(),
                    each.problem()));
        }
        return new InputProblem(out);
    }

    /** The problem as it stands in the file. @param field of the bundle, such as {@code calls[2]} */
    InputProblem at(Read read, String field, InputProblem problem) {
        return located(problem.within(field), read.text());
    }

    private static String text(byte[] bytes) {
        try {
            String text = StandardCharsets.UTF_8
                    .newDecoder()
                    .decode(ByteBuffer.wrap(bytes))
                    .toString();
            return text.startsWith("\uFEFF") ? text.substring(1) : text;
        } catch (CharacterCodingException broken) {
            throw InputProblem.of("file", null, "this is no text in UTF-8: give a JSON file as it was saved");
        }
    }

    private void check(String text) {
        List<Error> errors;
        try {
            json.readTree(text);
            errors = schema.obtain().validate(text, InputFormat.JSON);
        } catch (JacksonException broken) {
            throw broken(broken);
        } catch (RuntimeException | StackOverflowError broken) {
            throw InputProblem.of("file", null, "this cannot be read through: it is nested too deep or too large");
        }
        if (!errors.isEmpty()) {
            List<InputProblem.Field> fields = new ArrayList<>();
            for (Error error : errors.subList(0, Math.min(MOST_PROBLEMS, errors.size()))) {
                String pointer = error.getInstanceLocation().toString();
                fields.add(new InputProblem.Field(
                        "line " + line(text, pointer, json) + (pointer.isEmpty() ? "" : ", " + pointer),
                        null,
                        String.valueOf(error.getMessage())));
            }
            throw new InputProblem(fields);
        }
    }

    private static InputProblem broken(JacksonException broken) {
        TokenStreamLocation at = broken.getLocation();
        String line = at == null ? "file" : "line " + at.getLineNr() + ", column " + at.getColumnNr();
        return InputProblem.of(line, null, JsonWords.of(broken));
    }

    /** {@code calls[2].tape[0]} as {@code /calls/2/tape/0}. */
    private static String pointer(String path) {
        return "/" + path.replaceAll("\\[(\\d+)]", ".$1").replace('.', '/');
    }

    /** The line where {@code pointer}, or the last part of it that is there, stands. */
    static int line(String text, String pointer, JsonMapper json) {
        int line = 1;
        String best = "";
        try (JsonParser parser = json.createParser(text)) {
            while (parser.nextToken() != null) {
                JsonPointer at = parser.streamReadContext().pathAsPointer();
                String here = at.toString();
                if (here.equals(pointer)) {
                    return parser.currentTokenLocation().getLineNr();
                }
                if (here.length() > best.length() && pointer.startsWith(here + "/")) {
                    best = here;
                    line = parser.currentTokenLocation().getLineNr();
                }
            }
        } catch (JacksonException broken) {
            return line;
        }
        return line;
    }
}
