package zestbench.server.vision;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import zestbench.core.label.LabelsApart;
import zestbench.core.label.SeenText;
import zestbench.core.label.SeenText.Alternative;

/**
 * What stands on a photo.
 *
 * @param text the lines, top to bottom, columns kept apart by spaces
 * @param width of the upright picture, px
 * @param height of it, px
 * @param turned degrees clockwise by which the picture was turned upright, what the camera noted included
 * @param heaps the same writing by what lies far apart, each as if it were alone; empty where nothing does
 */
public record PhotoText(
        String text, int width, int height, int turned, List<Line> lines, List<Code> codes, List<PhotoText> heaps) {
    /** A piece of a line. @param start its offset in the text @param sure 0 to 1 @param box four corners, clockwise, each x and y in px @param spans one for each of its characters */
    public record Line(
            String text,
            int start,
            double sure,
            List<List<Integer>> box,
            List<Alternative> alternatives,
            List<Span> spans) {
        public int end() {
            return start + text.length();
        }
    }

    /** Where a character begins and ends along its line, 0 to 1. */
    public record Span(double from, double to) {}

    /** A bar code or QR code. @param format as the ecosystem names it */
    public record Code(String format, String text, List<List<Integer>> box) {}

    /** What was read of a picture that may show several labels. @param label the one that says most @param others those beside it */
    public record Labels(PhotoText label, List<PhotoText> others) {}

    /** The labels on it, one of {@code kind} first: most pictures show one. */
    public Labels labels(String kind) {
        List<Integer> apart =
                LabelsApart.of(kind, heaps.stream().map(PhotoText::seen).toList());
        if (apart.isEmpty()) {
            return new Labels(this, List.of());
        }
        List<PhotoText> all = apart.stream().map(heaps::get).toList();
        return new Labels(all.get(0), all.subList(1, all.size()));
    }

    /** The box about all of it; null where there is none. */
    public @Nullable List<List<Integer>> box() {
        return around(lines.stream().flatMap(l -> l.box().stream()).toList());
    }

    /** The text with what its signs may be instead. */
    public SeenText seen() {
        return new SeenText(
                text, lines.stream().flatMap(l -> l.alternatives().stream()).toList());
    }

    /** The box about the text between two offsets; null where none was recognised there. */
    public @Nullable List<List<Integer>> box(int start, int end) {
        List<List<Integer>> all = new ArrayList<>();
        for (Line line : lines) {
            int from = Math.max(start, line.start());
            int to = Math.min(end, line.end());
            if (from < to) {
                all.addAll(part(
                        line.box(),
                        line.spans().get(from - line.start()).from(),
                        line.spans().get(to - line.start() - 1).to()));
            }
        }
        return all.size() == 4 ? List.copyOf(all) : around(all);
    }

    /** The upright box about several; what spans lines is one box. */
    private static @Nullable List<List<Integer>> around(List<List<Integer>> points) {
        if (points.isEmpty()) {
            return null;
        }
        int left = points.stream().mapToInt(p -> p.get(0)).min().orElseThrow();
        int right = points.stream().mapToInt(p -> p.get(0)).max().orElseThrow();
        int top = points.stream().mapToInt(p -> p.get(1)).min().orElseThrow();
        int bottom = points.stream().mapToInt(p -> p.get(1)).max().orElseThrow();
        return List.of(List.of(left, top), List.of(right, top), List.of(right, bottom), List.of(left, bottom));
    }

    private static List<List<Integer>> part(List<List<Integer>> corners, double from, double to) {
        return List.of(
                between(corners.get(0), corners.get(1), from),
                between(corners.get(0), corners.get(1), to),
                between(corners.get(3), corners.get(2), to),
                between(corners.get(3), corners.get(2), from));
    }

    private static List<Integer> between(List<Integer> a, List<Integer> b, double share) {
        return List.of((int) Math.round(a.get(0) + (b.get(0) - a.get(0)) * share), (int)
                Math.round(a.get(1) + (b.get(1) - a.get(1)) * share));
    }
}
