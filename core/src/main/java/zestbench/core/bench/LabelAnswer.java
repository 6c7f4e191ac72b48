package zestbench.core.bench;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import zestbench.core.Families;
import zestbench.core.bench.MatchViews.Lying;
import zestbench.core.bench.MatchViews.MatchesView;
import zestbench.core.bench.PartViews.JudgedView;
import zestbench.core.family.Family;
import zestbench.core.family.MatchRequest;
import zestbench.core.family.MatchRequest.Circuit;
import zestbench.core.family.MatchRequest.StockLine;
import zestbench.core.family.Spec;
import zestbench.core.family.TestRequest;
import zestbench.core.label.LabelRead;
import zestbench.core.plate.PlateFacts;
import zestbench.core.quantity.Meter;
import zestbench.core.quantity.Quantity;
import zestbench.core.quick.QuickLine;
import zestbench.core.shop.ShopRules;

/** What a label says, with or without readings behind a colon, before any call exists. */
public final class LabelAnswer {
    private final QuickLine line;

    /** @param what a piece of the text was taken for, as it is called on screen */
    public record LabelPieceView(String text, int start, int end, String what) {}

    /**
     * @param kind of part, or unit-plate; empty where it is not told
     * @param title of that kind
     * @param rating in short; empty where nothing is read
     * @param pieces of the text that were understood, in its order
     * @param found what the truck has in its place; null where nothing was looked for
     * @param unit what a plate says of its unit; null for the label of a part
     * @param problem what is wrong, and what would be right; null where all was understood
     */
    public record LabelAnswerView(
            String kind,
            String title,
            String rating,
            List<LabelPieceView> pieces,
            List<String> unread,
            List<String> doubts,
            List<JudgedView> verdicts,
            @Nullable MatchesView found,
            PlateFacts.@Nullable UnitSaid unit,
            @Nullable String problem) {}

    private LabelAnswer(QuickLine line) {
        this.line = line;
    }

    /** Reads {@code text}; what can be had in its place is asked with {@link #answer}. */
    public static LabelAnswer read(String text) {
        return new LabelAnswer(QuickLine.of(text, List.of()));
    }

    /** The family it is of; empty where that is not told, and for a unit's plate. */
    public Optional<Family> family() {
        LabelRead label = line.label();
        return label == null || label.kind() == null || line.isPlate()
                ? Optional.empty()
                : Optional.of(Families.named(label.kind()));
    }

    /**
     * The answer.
     *
     * @param stock what the truck has of its family
     * @param lying each of it by its id
     */
    public LabelAnswerView answer(
            List<StockLine> stock, Map<String, Lying> lying, ShopRules rules, Map<Quantity, Meter> meters) {
        LabelRead label = line.label();
        Family family = family().orElse(null);
        if (label == null || family == null) {
            return unmatched(label);
        }
        Spec spec = new Spec(label.fields());
        return new LabelAnswerView(
                family.kind(),
                family.title(),
                spec.isEmpty() ? "" : family.shortText(spec),
                pieces(label, family),
                label.unread(),
                doubts(label),
                verdicts(family, spec, rules, meters),
                family.isEnough(spec) ? found(family, spec, label, stock, lying, rules) : null,
                null,
                line.problem());
    }

    private LabelAnswerView unmatched(@Nullable LabelRead label) {
        boolean isPlate = line.isPlate() && label != null;
        return new LabelAnswerView(
                label == null || label.kind() == null ? "" : label.kind(),
                isPlate ? "Unit plate" : "",
                isPlate && label != null
                        ? PlateFacts.of(new Spec(label.fields())).line()
                        : "",
                List.of(),
                label == null ? List.of() : label.unread(),
                label == null ? List.of() : doubts(label),
                List.of(),
                null,
                isPlate && label != null ? PlateFacts.UnitSaid.of(new Spec(label.fields())) : null,
                line.problem());
    }

    private List<JudgedView> verdicts(Family family, Spec spec, ShopRules rules, Map<Quantity, Meter> meters) {
        if (line.problem() != null || line.readings().isEmpty()) {
            return List.of();
        }
        Quantity read = line.readings().get(0).reading().quantity();
        return family
                .judge(new TestRequest(spec, line.readings(), meters.getOrDefault(read, Meter.USUAL), rules))
                .verdicts()
                .stream()
                .map(JudgedView::of)
                .toList();
    }

    private static MatchesView found(
            Family family,
            Spec spec,
            LabelRead label,
            List<StockLine> stock,
            Map<String, Lying> lying,
            ShopRules rules) {
        Set<String> doubted =
                label.doubts().stream().map(LabelRead.Doubt::attribute).collect(Collectors.toSet());
        return MatchesView.of(
                family,
                family.match(new MatchRequest(
                        spec,
                        List.of(),
                        Circuit.UNKNOWN,
                        List.of(),
                        stock,
                        rules,
                        new MatchRequest.Doubted(doubted, Map.of()))),
                lying);
    }

    /** In the text's order; a piece that says several things is one. */
    private static List<LabelPieceView> pieces(LabelRead label, Family family) {
        Map<Integer, LabelPieceView> out = new TreeMap<>();
        for (LabelRead.Piece piece : label.reads()) {
            String what = family.titleOf(attribute(piece.field()));
            LabelPieceView before = out.get(piece.start());
            boolean isSaid = before != null && before.what().contains(what);
            out.put(
                    piece.start(),
                    before == null
                            ? new LabelPieceView(piece.text(), piece.start(), piece.end(), what)
                            : new LabelPieceView(
                                    before.text(),
                                    before.start(),
                                    before.end(),
                                    isSaid ? before.what() : before.what() + ", " + what));
        }
        return List.copyOf(out.values());
    }

    /** The attribute a field is of: sections[0].microfarads is of sections. */
    private static String attribute(String field) {
        return field.replaceAll("[\\[.].*", "");
    }

    private static List<String> doubts(LabelRead label) {
        return label.doubts().stream().map(LabelRead.Doubt::why).distinct().toList();
    }
}
