package zestbench.server.vision;

import java.util.ArrayList;
import java.util.List;
import zestbench.server.vision.Recogniser.Piece;

/** Writing that lies far apart on a picture, as that of several labels does. */
final class Apart {
    /** Lines of one label lie no further apart than so many heights of their writing. */
    private static final double BELOW = 3;
    /** Nor do its columns beside each other. */
    private static final double BESIDE = 8;

    private Apart() {}

    /** The pieces in heaps; a picture of one label is one heap. */
    static List<List<Piece>> heaps(List<Piece> pieces) {
        List<List<Piece>> heaps = new ArrayList<>();
        for (Piece piece : pieces) {
            List<Piece> joined = new ArrayList<>(List.of(piece));
            heaps.removeIf(heap -> {
                boolean isNear = heap.stream().anyMatch(p -> isNear(p.box(), piece.box()));
                if (isNear) {
                    joined.addAll(heap);
                }
                return isNear;
            });
            heaps.add(joined);
        }
        return heaps;
    }

    private static boolean isNear(Box a, Box b) {
        double height = Math.max(a.across(), b.across());
        double dx = b.x() - a.x();
        double dy = b.y() - a.y();
        double along = Math.abs(dx * Math.cos(a.angle()) + dy * Math.sin(a.angle()));
        double across = Math.abs(-dx * Math.sin(a.angle()) + dy * Math.cos(a.angle()));
        return along - (a.along() + b.along()) / 2 < BESIDE * height
                && across - (a.across() + b.across()) / 2 < BELOW * height;
    }
}
