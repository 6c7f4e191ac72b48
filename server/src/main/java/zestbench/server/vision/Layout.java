package zestbench.server.vision;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import zestbench.core.label.SeenText.Alternative;
import zestbench.server.vision.PhotoText.Line;
import zestbench.server.vision.PhotoText.Span;
import zestbench.server.vision.Recogniser.Piece;

/** Puts pieces of text into lines, and keeps what stands in columns apart as on a typewriter. */
final class Layout {
    /** Two cells of a table stand this many usual signs apart at least. */
    private static final double APART = 1.6;

    private final StringBuilder text = new StringBuilder();
    private final List<Line> lines = new ArrayList<>();

    private final CodedWords coded;

    private Layout(CodedWords coded) {
        this.coded = coded;
    }

    /** @param scale from pixels of the pieces to those of the picture that was given */
    static Layout of(List<Piece> pieces, double scale, CodedWords coded) {
        Layout out = new Layout(coded);
        double usual = usualSign(pieces);
        for (List<Piece> row : rows(pieces)) {
            if (out.text.length() > 0) {
                out.text.append('\n');
            }
            Piece before = null;
            for (Piece piece : row) {
                if (before != null) {
                    double gap = left(piece) - right(before);
                    out.text.append(gap > APART * usual ? "   " : " ");
                }
                out.put(piece, scale);
                before = piece;
            }
        }
        return out;
    }

    String text() {
        return text.toString();
    }

    List<Line> lines() {
        return lines;
    }

    private void put(Piece piece, double scale) {
        List<Sign> signs = coded.settled(Lookalikes.settled(piece.signs()));
        StringBuilder said = new StringBuilder();
        List<Alternative> others = new ArrayList<>();
        for (Sign sign : signs) {
            if (sign.other() != null && sign.sign() != ' ') {
                others.add(new Alternative(text.length() + said.length(), sign.other(), sign.otherSure()));
            }
            said.append(sign.sign());
        }
        double sure = Math.round(piece.sure() * 1000) / 1000.0;
        lines.add(new Line(
                said.toString(),
                text.length(),
                sure,
                piece.box().scaled(scale, scale).corners(),
                others,
                signs.stream().map(g -> new Span(g.from(), g.to())).toList()));
        text.append(said);
    }

    private static double usualSign(List<Piece> pieces) {
        double[] all = pieces.stream()
                .mapToDouble(p -> p.box().along() / Math.max(1, p.signs().size()))
                .sorted()
                .toArray();
        return all.length == 0 ? 1 : all[all.length / 2];
    }

    private static double left(Piece piece) {
        return along(piece.box()) - piece.box().along() / 2;
    }

    private static double right(Piece piece) {
        return along(piece.box()) + piece.box().along() / 2;
    }

    private static double along(Box box) {
        return box.x() * Math.cos(box.angle()) + box.y() * Math.sin(box.angle());
    }

    /**
     * Pieces one behind the other: each is put to the row whose last piece, going on in its own direction, meets its middle;
     * so that rows of a can or of a picture taken aslant stay rows.
     */
    private static List<List<Piece>> rows(List<Piece> pieces) {
        List<Piece> sorted = new ArrayList<>(pieces);
        sorted.sort(Comparator.comparingDouble(p -> along(p.box())));
        List<List<Piece>> rows = new ArrayList<>();
        for (Piece piece : sorted) {
            List<Piece> best = null;
            double nearest = Double.MAX_VALUE;
            for (List<Piece> row : rows) {
                Box last = row.get(row.size() - 1).box();
                double off = off(last, piece.box());
                if (off < .5 * Math.min(piece.box().across(), last.across()) && off < nearest) {
                    nearest = off;
                    best = row;
                }
            }
            if (best == null) {
                best = new ArrayList<>();
                rows.add(best);
            }
            best.add(piece);
        }
        rows.sort(Comparator.comparingDouble(Layout::height));
        return rows;
    }

    /** How far beside the other's line a box lies; beyond all where it does not stand behind it. */
    private static double off(Box last, Box box) {
        double angle = (last.along() * last.angle() + box.along() * box.angle()) / (last.along() + box.along());
        double dx = box.x() - last.x();
        double dy = box.y() - last.y();
        double behind = dx * Math.cos(angle) + dy * Math.sin(angle);
        return behind < .3 * (box.along() + last.along()) / 2
                ? Double.MAX_VALUE
                : Math.abs(-dx * Math.sin(angle) + dy * Math.cos(angle));
    }

    private static double height(List<Piece> row) {
        double sum = 0;
        double weight = 0;
        for (Piece piece : row) {
            Box box = piece.box();
            sum += (-box.x() * Math.sin(box.angle()) + box.y() * Math.cos(box.angle())) * box.along();
            weight += box.along();
        }
        return sum / weight;
    }
}
