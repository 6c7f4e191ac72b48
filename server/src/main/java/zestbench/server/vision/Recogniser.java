package zestbench.server.vision;

import ai.onnxruntime.OnnxTensor;
import ai.onnxruntime.OrtEnvironment;
import ai.onnxruntime.OrtException;
import ai.onnxruntime.OrtSession;
import java.nio.FloatBuffer;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** Reads a piece of text: the recognition model gives each step along it the chance of each sign. */
final class Recogniser {
    private static final int HIGH = 48;
    private static final int SHORTEST = 160;
    private static final int LONGEST = 3200;
    private static final double LEAST_OTHER = .02;
    /** Bare ground between two cells of a table, in usual distances of two signs. */
    private static final double COLUMN = 1.9;

    private final OrtEnvironment environment;
    private final OrtSession session;
    private final Alphabet alphabet;

    Recogniser(OrtEnvironment environment, OrtSession session, Alphabet alphabet) {
        this.environment = environment;
        this.session = session;
        this.alphabet = alphabet;
    }

    Piece read(Raster picture, Box box) throws OrtException {
        int wide = (int) Math.max(16, Math.ceil(HIGH * box.along() / Math.max(1, box.across())));
        wide = Math.min(wide, LONGEST);
        int padded = Math.max(SHORTEST, (wide + 7) / 8 * 8);
        float[] cut = Cut.of(picture, box, wide, padded, HIGH);
        Ink ink = Ink.of(cut, wide, padded, HIGH);
        Cut.stretch(cut, wide, padded, HIGH);
        long[] shape = {1, 3, HIGH, padded};
        try (OnnxTensor tensor = OnnxTensor.createTensor(environment, FloatBuffer.wrap(cut), shape);
                OrtSession.Result result =
                        session.run(Map.of(session.getInputNames().iterator().next(), tensor))) {
            OnnxTensor out = (OnnxTensor) result.get(0);
            long[] size = out.getInfo().getShape();
            float[] chances = new float[(int) (size[1] * size[2])];
            out.getFloatBuffer().get(chances);
            Steps steps = new Steps(chances, (int) size[1], (int) size[2], padded / (double) size[1]);
            return new Piece(box, steps.signs(ink, wide));
        }
    }

    /** The chances of each sign at each step. @param pixels that a step is wide */
    private final class Steps {
        private final float[] chances;
        private final int count;
        private final int classes;
        private final double pixels;

        Steps(float[] chances, int count, int classes, double pixels) {
            this.chances = chances;
            this.count = count;
            this.classes = classes;
            this.pixels = pixels;
        }

        List<Sign> signs(Ink ink, int wide) {
            // where spaces are is told by all that lies between two signs, the model's own among it
            List<Run> runs =
                    runs().stream().filter(r -> r.sign != alphabet.space()).toList();
            double usual = usualDistance(runs);
            List<Sign> out = new ArrayList<>();
            for (int i = 0; i < runs.size(); i++) {
                if (i > 0 && isApart(runs, i, ink, usual)) {
                    Run before = runs.get(i - 1);
                    double bare = ink.bare(before.middle() * pixels, runs.get(i).middle() * pixels);
                    // a gap of a column stays one; a point leaves bare ground beside it
                    boolean isPoint = ".,".indexOf(alphabet.sign(before.sign)) >= 0;
                    for (int space = !isPoint && bare > COLUMN * usual * pixels ? 3 : 1; space > 0; space--) {
                        double from = place(before.to + 1, wide);
                        out.add(new Sign(' ', 1, null, 0, from, place(runs.get(i).from, wide)));
                    }
                }
                out.add(sign(runs, i, usual, wide));
            }
            return out;
        }

        /** A sign peaks at its middle: it reaches halfway to the next, and half a usual distance where none is near. */
        private Sign sign(List<Run> runs, int index, double usual, int wide) {
            Run run = runs.get(index);
            double before =
                    index == 0 ? usual : run.middle() - runs.get(index - 1).middle();
            double after =
                    index == runs.size() - 1 ? usual : runs.get(index + 1).middle() - run.middle();
            String other =
                    run.other < 0 ? null : run.other == Alphabet.BLANK ? "" : String.valueOf(alphabet.sign(run.other));
            return new Sign(
                    alphabet.sign(run.sign),
                    run.sure,
                    other,
                    run.otherSure,
                    place(run.middle() - Math.min(before, usual) / 2, wide),
                    place(run.middle() + Math.min(after, usual) / 2, wide));
        }

        private double place(double step, int wide) {
            return Math.max(0, Math.min(1, step * pixels / wide));
        }

        /** Steps that show the same sign, blanks left out. */
        private List<Run> runs() {
            List<Run> out = new ArrayList<>();
            int[] best = new int[count];
            for (int step = 0; step < count; step++) {
                best[step] = best(step, -1);
            }
            for (int from = 0; from < count; ) {
                int to = from;
                int peak = from;
                while (to + 1 < count && best[to + 1] == best[from]) {
                    to++;
                    peak = at(to, best[from]) > at(peak, best[from]) ? to : peak;
                }
                if (best[from] != Alphabet.BLANK) {
                    int other = best(peak, best[from]);
                    double otherSure = at(peak, other);
                    boolean isNear = otherSure >= LEAST_OTHER;
                    out.add(new Run(
                            best[from], at(peak, best[from]), isNear ? other : -1, isNear ? otherSure : 0, from, to));
                }
                from = to + 1;
            }
            return out;
        }

        private int best(int step, int without) {
            int best = -1;
            for (int sign : alphabet.ofLabels()) {
                if (sign != without && (best < 0 || at(step, sign) > at(step, best))) {
                    best = sign;
                }
            }
            return best;
        }

        private double at(int step, int sign) {
            return chances[step * classes + sign];
        }

        private double usualDistance(List<Run> runs) {
            double[] all = new double[Math.max(0, runs.size() - 1)];
            for (int i = 0; i < all.length; i++) {
                all[i] = runs.get(i + 1).middle() - runs.get(i).middle();
            }
            java.util.Arrays.sort(all);
            return all.length == 0 ? Double.MAX_VALUE : all[all.length / 2];
        }

        /**
         * Whether a space stands between two signs: by the model's chance of one and the bare ground between them, which
         * together find what the model alone drops; weighed on pictures of labels.
         */
        private boolean isApart(List<Run> runs, int index, Ink ink, double usual) {
            Run left = runs.get(index - 1);
            Run right = runs.get(index);
            double chance = 0;
            for (int step = left.to; step <= right.from; step++) {
                chance = Math.max(chance, at(step, alphabet.space()));
            }
            if (index > 1 && isInFigure(runs.get(index - 2), left, right)) {
                // no figure of its own begins with a nought: 50,000 is one
                boolean isNought = ',' == alphabet.sign(left.sign) && "0O".indexOf(alphabet.sign(right.sign)) >= 0;
                return chance > .5 && !isNought;
            }
            double bare = ink.bare(left.middle() * pixels, right.middle() * pixels);
            boolean isWide = bare >= 28 && right.middle() - left.middle() > 1.9 * usual;
            return Math.log10(chance + 1e-4) + 4 + .1 * Math.min(bare, 30) > 4 || isWide;
        }
    }

    /** Behind the comma or point of a figure the ground is bare, and no space is. */
    private boolean isInFigure(Run first, Run point, Run second) {
        char sign = alphabet.sign(point.sign);
        return (sign == ',' || sign == '.') && isFigure(first) && isFigure(second);
    }

    private boolean isFigure(Run run) {
        char sign = alphabet.sign(run.sign);
        return Character.isDigit(sign) || sign == 'O';
    }

    private record Run(int sign, double sure, int other, double otherSure, int from, int to) {
        double middle() {
            return (from + to + 1) / 2.0;
        }
    }

    /** A piece of text with its place. */
    record Piece(Box box, List<Sign> signs) {
        String text() {
            StringBuilder out = new StringBuilder();
            signs.forEach(s -> out.append(s.sign()));
            return out.toString();
        }

        /** Mean of its signs. */
        double sure() {
            return signs.stream().mapToDouble(Sign::sure).average().orElse(0);
        }
    }
}
