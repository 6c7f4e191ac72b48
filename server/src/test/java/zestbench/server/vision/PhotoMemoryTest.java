package zestbench.server.vision;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledOnOs;
import org.junit.jupiter.api.condition.OS;

/** What reading photos takes of a machine's memory, seen from the system, in a process of its own as {@code ./zest start} makes it. */
@EnabledOnOs(OS.LINUX)
class PhotoMemoryTest {
    private static final int MOST_MORE_KILOBYTES = 400 * 1024;

    @Test
    void readingPhotosTakesNoMoreThanItsShare() throws IOException, InterruptedException {
        ProcessBuilder builder = new ProcessBuilder(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-XX:TieredStopAtLevel=1",
                "-XX:+UseSerialGC",
                "-Xms64m",
                "-Xmx512m",
                "-cp",
                System.getProperty("java.class.path"),
                Reads.class.getName());
        builder.environment().put("MALLOC_ARENA_MAX", "1");
        Process process = builder.redirectErrorStream(true).start();
        String said = new String(process.getInputStream().readAllBytes());
        assertThat(process.waitFor()).as(said).isZero();
        int more = Integer.parseInt(said.strip().lines().reduce((a, b) -> b).orElseThrow());
        assertThat(more)
                .as("kB above what the process had with its models loaded")
                .isBetween(1, MOST_MORE_KILOBYTES);
    }

    /** Reads every picture of the tests, and prints by how much the process has grown at most. */
    static final class Reads {
        private Reads() {}

        public static void main(String[] args) throws Exception {
            PhotoReader reader = new PhotoReader();
            Models.shared().get();
            long before = kilobytes("VmRSS");
            List<Path> pictures;
            try (Stream<Path> all = Files.list(Path.of("src/test/resources/pictures"))) {
                pictures =
                        all.filter(p -> p.toString().endsWith(".jpg")).sorted().toList();
            }
            for (Path picture : pictures) {
                reader.read(Files.readAllBytes(picture));
            }
            System.out.println(kilobytes("VmHWM") - before);
        }

        private static long kilobytes(String name) throws IOException {
            return Files.readAllLines(Path.of("/proc/self/status")).stream()
                    .filter(l -> l.startsWith(name))
                    .mapToLong(l -> Long.parseLong(l.replaceAll("\\D", "")))
                    .findFirst()
                    .orElseThrow();
        }
    }
}
