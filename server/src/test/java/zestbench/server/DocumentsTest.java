package zestbench.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** What the documents send a reader to is there. */
class DocumentsTest {
    private static final Pattern ROW = Pattern.compile("(?m)^\\| [^|]+ \\| `([^`]+/[^`]+)` \\|$");
    private static final Pattern CLASS = Pattern.compile("`([A-Z][A-Za-z]+)(?:\\.[a-zA-Z]+(?:\\([A-Za-z]*\\))?)?`");

    @Test
    void theFilesToOpenAreThere() throws IOException {
        List<String> files =
                ROW.matcher(architecture()).results().map(row -> row.group(1)).toList();
        assertThat(files).hasSizeGreaterThanOrEqualTo(10).allMatch(file -> Files.exists(Path.of("..", file)));
    }

    /** Every class that the architecture names is one of the program. */
    @Test
    void theClassesNamedAreThere() throws IOException {
        List<String> sources;
        try (Stream<Path> core = Files.walk(Path.of("../core/src/main/java"));
                Stream<Path> server = Files.walk(Path.of("src/main/java"))) {
            sources = Stream.concat(core, server)
                    .filter(p -> p.toString().endsWith(".java"))
                    .map(p -> p.getFileName().toString().replace(".java", ""))
                    .toList();
        }
        String text = architecture();
        String ways = text.substring(text.indexOf("## The way of one reading"), text.indexOf("## To change this"));
        assertThat(CLASS.matcher(ways).results().map(MatchResult::group).map(DocumentsTest::name))
                .isNotEmpty()
                .allMatch(sources::contains);
    }

    private static String name(String cited) {
        return cited.replaceAll("^`([A-Za-z]+).*", "$1");
    }

    private static String architecture() throws IOException {
        return Files.readString(Path.of("../docs/architecture.md"));
    }
}
