package zestbench.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import zestbench.browser.LabelPictures.Look;
import zestbench.server.RunningBench;
import zestbench.server.vision.PictureFields;

/** Draws pictures of labels: those that the tests keep, and every label in every look to tell how much of them is read. */
@Tag("pictures")
class LabelPicturesTest {
    private static final Path FOLDER = Path.of("../server/src/test/resources/pictures");

    /** One of each look at least. */
    private static final List<String> KEPT = List.of(
            "plate-aslant",
            "plate-dim",
            "plate-upside-down",
            "plate-on-its-side",
            "plate-rust",
            "plate-worn",
            "plate-mono",
            "can-plain",
            "can-curved",
            "can-small",
            "can-blur",
            "motor-glare",
            "motor-perspective",
            "contactor-embossed",
            "fuse-serif",
            "fuse-dots",
            "transformer-dots");

    private static final double CLEAN_SHARE = .98;
    private static final double DEGRADED_SHARE = .94;
    private static final double WRONG_SHARE = .005;

    @Test
    void draw() throws IOException {
        try (Browsing at = Browsing.laptop(RunningBench.demo())) {
            at.page.setViewportSize(1200, 900);
            for (String name : KEPT) {
                String look = name.substring(name.indexOf('-') + 1);
                byte[] picture = LabelPictures.drawn(
                        at.page,
                        name.substring(0, name.indexOf('-')),
                        LabelPictures.LOOKS.stream()
                                .filter(l -> l.name().equals(look))
                                .findFirst()
                                .orElse(LabelPictures.WORN_LOOK));
                assertThat(picture).as(name).isNotEmpty();
                Files.write(FOLDER.resolve(name + ".jpg"), picture);
            }
        }
    }

    @Test
    void howMuchIsRead() throws IOException {
        RunningBench bench = RunningBench.demo();
        PictureFields.Share clean = new PictureFields.Share(0, 0, 0);
        PictureFields.Share degraded = clean;
        try (Browsing at = Browsing.laptop(bench)) {
            at.page.setViewportSize(1200, 900);
            for (Look look : LabelPictures.LOOKS) {
                PictureFields.Share of = new PictureFields.Share(0, 0, 0);
                for (String label : LabelPictures.LABELS.keySet()) {
                    byte[] picture = LabelPictures.drawn(at.page, label, look);
                    of = of.and(PictureFields.of(
                            label,
                            bench.upload("/api/read-photo?kind=auto", "photo", picture)
                                    .json()));
                }
                System.out.printf("%-12s %s%n", look.name(), of);
                clean = look.isDegraded() ? clean : clean.and(of);
                degraded = look.isDegraded() ? degraded.and(of) : degraded;
            }
        }
        System.out.printf("clean %.3f, degraded %.3f right%n", clean.rightShare(), degraded.rightShare());
        assertThat(clean.rightShare()).as(clean.toString()).isGreaterThanOrEqualTo(CLEAN_SHARE);
        assertThat(degraded.rightShare()).as(degraded.toString()).isGreaterThanOrEqualTo(DEGRADED_SHARE);
        assertThat(clean.and(degraded).wrongShare()).isLessThanOrEqualTo(WRONG_SHARE);
    }
}
