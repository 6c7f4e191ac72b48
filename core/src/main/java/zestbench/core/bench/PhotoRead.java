package zestbench.core.bench;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import zestbench.core.Families;
import zestbench.core.family.Attribute;
import zestbench.core.family.Spec;
import zestbench.core.label.LabelRead;
import zestbench.core.label.LabelRead.Piece;
import zestbench.core.label.SeenText;
import zestbench.core.label.SeenText.Rival;
import zestbench.core.plate.PlateAttributes;
import zestbench.core.plate.PlateChecks;
import zestbench.core.plate.PlateLabel;
import zestbench.core.plate.Serial;

/** What a photo of a label says, for one look before it is kept. */
public final class PhotoRead {
    private PhotoRead() {}

    /**
     * @param what it was taken for, as it is called on screen
     * @param shown the piece as it is shown; a serial but for its end is nobody else's business
     * @param isPrivate whether it is one
     * @param start its offset in the text
     * @param doubt what else it may be; null where nothing comes near
     */
    public record SeenPieceView(
            String what,
            String text,
            String shown,
            boolean isPrivate,
            int start,
            int end,
            @Nullable DoubtfulView doubt) {}

    /**
     * @param other the piece as it may be instead
     * @param open the piece with its doubted sign left open
     * @param settled what the plate's own arithmetic says of it; empty where that says nothing
     */
    public record DoubtfulView(String other, String open, String settled) {}

    /**
     * @param kind of part, or unit-plate; empty where it is not told
     * @param title of that kind
     * @param pieces that were understood, the doubted ones first
     * @param hint what to do for a better picture; empty where something was read
     */
    public record PhotoReadView(
            String kind, String title, String text, List<SeenPieceView> pieces, List<String> unread, String hint) {}

    /** Of text that a camera saw, read as a label of {@code kind}. */
    public static PhotoReadView of(String kind, SeenText seen) {
        SeenText.Seen read = seen.read(text -> Families.read(kind, text));
        LabelRead label = read.label();
        String of = label.kind() == null ? "" : label.kind();
        boolean isPlate = of.equals(PlateLabel.KIND);
        return new PhotoReadView(
                of,
                isPlate ? "Unit plate" : Families.find(of).map(f -> f.title()).orElse(""),
                seen.text(),
                pieces(label, read.rivals(), of, isPlate ? seen.text() : ""),
                label.unread(),
                hint(seen, label));
    }

    private static String hint(SeenText seen, LabelRead label) {
        if (seen.text().isBlank()) {
            return "No text was found: go nearer, keep the glare off, hold the label level.";
        }
        return label.reads().isEmpty()
                ? "Text was found, but nothing of a label that is known: crop it, or go nearer."
                : "";
    }

    /** A piece that says several things is one. */
    private static List<SeenPieceView> pieces(LabelRead label, List<Rival> rivals, String kind, String plate) {
        Map<Integer, SeenPieceView> out = new LinkedHashMap<>();
        Optional<String> serial = new Spec(label.fields()).text(Serial.FIELD);
        List<Piece> all = new ArrayList<>(label.reads());
        rivals.stream()
                .map(Rival::piece)
                .filter(p -> all.stream().noneMatch(a -> a.start() == p.start()))
                .forEach(all::add);
        all.sort(Comparator.comparingInt(Piece::start));
        for (Piece piece : all) {
            String what = title(kind, piece.field());
            SeenPieceView before = out.get(piece.start());
            String already = before == null ? "" : before.what();
            boolean isPrivate = piece.field().equals(Serial.FIELD);
            DoubtfulView doubt = rivals.stream()
                    .filter(r -> r.piece().start() == piece.start())
                    .findFirst()
                    .map(r -> new DoubtfulView(r.other(), r.open(), settled(r, plate)))
                    .orElse(null);
            out.put(
                    piece.start(),
                    new SeenPieceView(
                            already.isEmpty() ? what : already.contains(what) ? already : already + ", " + what,
                            piece.text(),
                            isPrivate ? Serial.maskedIn(piece.text(), serial) : piece.text(),
                            isPrivate,
                            piece.start(),
                            piece.end(),
                            doubt));
        }
        return out.values().stream()
                .sorted(Comparator.comparing(p -> p.doubt() == null))
                .toList();
    }

    /** Where the plate's figures go together with one of the two and not with the other. */
    private static String settled(Rival rival, String plate) {
        if (plate.isEmpty()) {
            return "";
        }
        Piece piece = rival.piece();
        String instead = plate.substring(0, piece.start()) + rival.other() + plate.substring(piece.end());
        Set<String> agreeing = agreeing(plate);
        Set<String> agreeingInstead = agreeing(instead);
        Optional<String> forIt =
                agreeing.stream().filter(c -> !agreeingInstead.contains(c)).findFirst();
        Optional<String> against =
                agreeingInstead.stream().filter(c -> !agreeing.contains(c)).findFirst();
        if (forIt.isPresent() == against.isPresent()) {
            return "";
        }
        return forIt.map(check -> check + " of this plate goes with " + piece.text())
                .or(() -> against.map(check -> check + " of this plate goes with " + rival.other()))
                .orElse("");
    }

    private static Set<String> agreeing(String plate) {
        return PlateChecks.of(new Spec(PlateLabel.read(plate).fields())).stream()
                .filter(PlateChecks.Check::agrees)
                .map(PlateChecks.Check::name)
                .collect(Collectors.toCollection(LinkedHashSet::new));
    }

    private static String title(String kind, String field) {
        String attribute = field.replaceAll("[\\[.].*", "");
        String row = field.contains(".") ? field.substring(field.lastIndexOf('.') + 1) : "";
        List<Attribute> all = kind.equals(PlateLabel.KIND)
                ? PlateAttributes.ALL
                : Families.find(kind).map(f -> f.attributes()).orElse(List.of());
        return all.stream()
                .filter(a -> a.name().equals(attribute))
                .findFirst()
                .map(a -> a.rows().stream()
                        .filter(r -> r.name().equals(row))
                        .findFirst()
                        .map(r -> a.label() + ", " + r.label())
                        .orElse(a.label()))
                .orElse(attribute);
    }
}
