package zestbench.server.vision;

import ai.onnxruntime.OrtException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import zestbench.server.vision.Finder.Found;
import zestbench.server.vision.PhotoText.Code;
import zestbench.server.vision.Recogniser.Piece;

/** From an upright photo to its text: which way it runs, where it stands, what it says, and how it lies in lines and columns. */
final class Recognition {
    private static final int PROBES = 3;
    /** Of a long line its beginning tells which way is up, in heights of its writing. */
    private static final double PROBE_LENGTH = 8;

    private static final double CLEARLY_UPRIGHT = .9;
    private static final double CLEARLY_BETTER = .02;
    private static final double LEAST_SURE = .5;

    private Recognition() {}

    /** What stands on a photo. */
    static PhotoText of(UprightPhoto given, Models models) {
        try {
            return recognised(given, models);
        } catch (OrtException problem) {
            throw new IllegalStateException(problem);
        }
    }

    private static PhotoText recognised(UprightPhoto given, Models models) throws OrtException {
        Raster picture = given.picture();
        int turned = given.turned();
        Found found = CloserLook.first(models.finder(), picture);
        if (Math.abs(found.direction()) > Math.PI / 4) {
            picture = picture.turned(90);
            turned += 90;
            found = CloserLook.first(models.finder(), picture);
        }
        Map<Box, Piece> read = new HashMap<>();
        Found nearer = CloserLook.nearer(models.finder(), picture, found);
        // the longest few tell which way is up, before the rest is read
        List<Piece> longest = pieces(picture, longest(nearer.boxes()), models.recogniser(), read);
        if (isUpsideDown(picture, longest, models.recogniser())) {
            picture = picture.turned(180);
            turned += 180;
            read.clear();
            nearer = CloserLook.nearer(models.finder(), picture, CloserLook.first(models.finder(), picture));
        }
        List<Piece> pieces = pieces(picture, nearer.boxes(), models.recogniser(), read);
        pieces.removeIf(p -> p.text().isBlank() || p.sure() < LEAST_SURE);
        List<Code> codes = Codes.of(picture, given.scale());
        CodedWords coded = new CodedWords(codes);
        Whole whole = new Whole(picture, given.scale(), turned % 360, codes);
        List<PhotoText> heaps = Apart.heaps(pieces).stream()
                .map(heap -> whole.text(Layout.of(heap, given.scale(), coded), List.of()))
                .toList();
        return whole.text(Layout.of(pieces, given.scale(), coded), heaps.size() < 2 ? List.of() : heaps);
    }

    /** The picture that all the writing stands on. */
    private record Whole(Raster picture, double scale, int turned, List<Code> codes) {
        PhotoText text(Layout layout, List<PhotoText> heaps) {
            int width = (int) Math.round(picture.width() * scale);
            int height = (int) Math.round(picture.height() * scale);
            return new PhotoText(layout.text(), width, height, turned, layout.lines(), codes, heaps);
        }
    }

    /** @param read what was read already, by its box */
    private static List<Piece> pieces(Raster picture, List<Box> boxes, Recogniser recogniser, Map<Box, Piece> read)
            throws OrtException {
        List<Piece> out = new ArrayList<>();
        for (Box box : boxes) {
            Piece piece = read.get(box);
            if (piece == null) {
                piece = recogniser.read(picture, box);
                read.put(box, piece);
            }
            out.add(piece);
        }
        return out;
    }

    private static List<Box> longest(List<Box> boxes) {
        return boxes.stream()
                .sorted(Comparator.comparingDouble((Box b) -> b.along() / b.across())
                        .reversed())
                .limit(PROBES)
                .toList();
    }

    /** Whether the longest pieces read clearly better the other way up; what reads clearly as it is is not tried. */
    private static boolean isUpsideDown(Raster picture, List<Piece> longest, Recogniser recogniser)
            throws OrtException {
        double upright = sure(longest);
        if (upright > CLEARLY_UPRIGHT) {
            return false;
        }
        List<Piece> over = new ArrayList<>();
        for (Piece piece : longest) {
            Box box = piece.box();
            Box beginning = box.part(0, Math.min(1, PROBE_LENGTH * box.across() / box.along()));
            over.add(recogniser.read(picture, beginning.upsideDown()));
        }
        return sure(over) > upright + CLEARLY_BETTER;
    }

    /** Mean over the signs of all. */
    private static double sure(List<Piece> pieces) {
        return pieces.stream()
                .flatMap(p -> p.signs().stream())
                .mapToDouble(Sign::sure)
                .average()
                .orElse(0);
    }
}
