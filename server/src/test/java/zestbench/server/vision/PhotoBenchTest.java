package zestbench.server.vision;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import zestbench.server.RunningBench;

/** Prints what reading a photo takes, and how much of its text was understood, over the pictures of the tests. */
@Tag("bench")
class PhotoBenchTest {
    private static final Path PICTURES = Path.of("src/test/resources/pictures");
    private static final RunningBench BENCH = RunningBench.demo();

    @Test
    void isPrinted() throws IOException {
        PictureFields.Share whole = new PictureFields.Share(0, 0, 0);
        Models.shared().join();
        List<Path> pictures;
        try (Stream<Path> all = Files.list(PICTURES)) {
            pictures = all.filter(p -> p.toString().endsWith(".jpg")).sorted().toList();
        }
        for (Path picture : pictures) {
            byte[] bytes = Files.readAllBytes(picture);
            long began = System.nanoTime();
            JsonNode read =
                    BENCH.upload("/api/read-photo?kind=auto", "photo", bytes).json();
            long millis = (System.nanoTime() - began) / 1_000_000;
            PictureFields.Share share = PictureFields.of(picture.getFileName().toString(), read);
            whole = whole.and(share);
            System.out.printf(
                    "photo: %-24s %5d ms, %2d lines, %d of %d fields right, %d pieces not understood%n",
                    picture.getFileName(),
                    millis,
                    read.at("/lines").size(),
                    share.right(),
                    share.asked(),
                    read.at("/unread").size());
            assertThat(read.at("/reads")).as(picture + " says something").isNotEmpty();
        }
        System.out.printf(
                "photo: %.1f %% of the fields right, %d wrong without a doubt%n",
                100 * whole.rightShare(), whole.wrong());
    }
}
