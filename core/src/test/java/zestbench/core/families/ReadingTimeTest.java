package zestbench.core.families;

import static org.assertj.core.api.Assertions.assertThat;

import java.lang.management.ManagementFactory;
import java.lang.management.ThreadMXBean;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import zestbench.core.Families;
import zestbench.core.plate.PlateLabel;

/** A text of any form is read in a time that grows with its length alone, so that nobody can stop a bench with one. */
class ReadingTimeTest {
    private static final int LONGEST = 20_000;
    private static final double TELLS_MILLIS = 250;
    private static final String[] PIECES = {
        "1,",
        "1/",
        "1.",
        ",",
        "..",
        "l",
        "o0",
        "x1",
        "1x",
        "5µF ",
        "45+5 MFD 440V ",
        "FLA 3.2 LRA 12 ",
        "a/b-",
        "T1-T4 ",
        "\n",
        "( ",
        "208/230V ",
        "?_",
        "4 5 . 6 ",
        "one point two ",
        "one hundred and ",
        "w-",
        "PH 1 ",
        "H.P. ",
        "± ",
        "HP 1/2 FLA 3.4 RPM 1075 VOLTS 208/230 ",
        "MODEL A1 SERIAL 12345 ",
        "24 V COIL ",
        "1-2-",
        "+5",
        "@ ",
        "2P ",
        ": ",
        "FLA ",
        "LRA:",
        "MFD ",
        "to ",
        "CW ",
        "°",
        "a a ",
        "FLA 40/40/35 LRA 240/200/160 240/480/600V "
    };

    /** Twice the text may take three times as long, not four; what takes less than 250 ms tells nothing. */
    @Test
    void twiceTheTextTakesTwiceTheTime() {
        Random random = new Random(7);
        List<String> patterns = new ArrayList<>(List.of(PIECES));
        for (int i = 0; i < 10; i++) {
            StringBuilder pattern = new StringBuilder();
            for (int j = 0; j < 2 + random.nextInt(3); j++) {
                pattern.append(PIECES[random.nextInt(PIECES.length)]);
            }
            patterns.add(pattern.toString());
        }
        for (String pattern : patterns) {
            // by itself a text is read as every kind; the plate is the longest of them
            for (String kind : List.of(Families.AUTO, PlateLabel.KIND)) {
                double whole = millis(kind, text(pattern, LONGEST));
                if (whole < TELLS_MILLIS) {
                    continue;
                }
                double half = millis(kind, text(pattern, LONGEST / 2));
                // a pause of the machine is over when it is read again; a text that takes too long takes too long each
                // time
                for (int again = 0; again < 4 && whole >= Math.max(TELLS_MILLIS, 3 * half); again++) {
                    whole = Math.min(whole, millis(kind, text(pattern, LONGEST)));
                }
                assertThat(whole)
                        .as("%s of \"%s\" over and over, half of it in %s ms", kind, pattern.replace("\n", "\\n"), half)
                        .isLessThan(Math.max(TELLS_MILLIS, 3 * half));
            }
        }
    }

    private static String text(String pattern, int length) {
        return pattern.repeat(length / pattern.length() + 1).substring(0, length);
    }

    private static final ThreadMXBean THREADS = ManagementFactory.getThreadMXBean();

    /** The quicker of two, in time of its own, since others work on this machine too. */
    private static double millis(String kind, String text) {
        double best = Double.MAX_VALUE;
        for (int i = 0; i < 2; i++) {
            long start = THREADS.getCurrentThreadCpuTime();
            Families.read(kind, text);
            best = Math.min(best, (THREADS.getCurrentThreadCpuTime() - start) / 1e6);
        }
        return best;
    }
}
