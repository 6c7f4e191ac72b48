package zestbench.core.label;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import zestbench.core.label.LabelRead.Piece;
import zestbench.core.value.Value;

/** Reads a text as a label of one grammar: cuts it, lays it out, and takes the cheapest reading of the whole. */
public final class LabelReader {
    /** So many characters tell what a text is a label of; no label has as many. */
    private static final int LOOKED_AT = 450;

    /** What has more items is no table of a label: it is read as it stands. */
    private static final int LONGEST_TABLE = 1_000;

    private static final int ENOUGH = 2;
    /** So few readings side by side tell which kinds are worth reading a text as. */
    private static final int SKETCHED = 8;
    /** What a kind may cost more in a sketch than the cheapest and still be the one. */
    private static final double LIKELY = 2;

    private static final double NAMED = 1.2;
    private static final double NAMED_AGAIN = 0.3;
    private static final int MOST_NAMES = 3;
    /** A figure that one kind of label has no field for speaks for another kind. */
    private static final double LEFT_OUT = 0.6;

    private static final double UNUSUAL = 1;
    /** What it costs to read blanks within numbers. */
    private static final double SPACED = 0.3;

    private static final double SILENT = 0.15;
    /** So many of the cheapest readings are held against physics. */
    private static final int JUDGED = 40;
    /** Digits with a blank between them, which may be one number. */
    private static final Pattern SPLIT =
            Pattern.compile("[0-9.,] +[0-9.,]|[0-9] +[oilszb](?![a-z])|(?<![a-z])[oilszb] +[0-9]");

    private static final double CLOSE = 0.6;
    /** A name so near its figure is cited along with it, in signs. */
    private static final int NEAR = 3;

    private static final double CLEAR = 0.99;
    private static final double CONFUSED = 0.8;

    private final LabelGrammar grammar;
    private final String text;
    private final String plain;
    private final Map<Boolean, List<List<Item>>> orders = new HashMap<>();

    private LabelReader(LabelGrammar grammar, String text) {
        this.grammar = grammar;
        this.text = text;
        this.plain = Letterforms.plain(text);
    }

    /** A reading, what it cost, and how much in it speaks for its kind. */
    private record Scored(LabelRead read, double cost, int evidence) {}

    /** Never fails: what it cannot read is left over. */
    public static LabelRead read(LabelGrammar grammar, String text) {
        return new LabelReader(grammar, text).run().read();
    }

    /** The reading of the grammar that explains most of a text; empty where none does, or too little speaks for it. */
    public static Optional<LabelRead> told(List<LabelGrammar> grammars, String text) {
        String looks = text.length() > LOOKED_AT ? text.substring(0, LOOKED_AT) : text;
        LabelGrammar kind = null;
        Scored best = null;
        for (LabelReader reader : likely(grammars, looks)) {
            Scored scored = reader.run();
            if (scored.evidence() >= ENOUGH && (best == null || scored.cost() < best.cost())) {
                best = scored;
                kind = reader.grammar;
            }
        }
        if (best == null || kind == null) {
            return Optional.empty();
        }
        return Optional.of(looks.length() == text.length() ? best.read() : read(kind, text));
    }

    /** By the grammars that may explain a text best, as few readings side by side tell. */
    private static List<LabelReader> likely(List<LabelGrammar> grammars, String text) {
        Map<LabelReader, Double> sketched = new LinkedHashMap<>();
        double cheapest = Double.MAX_VALUE;
        for (LabelGrammar grammar : grammars) {
            LabelReader reader = new LabelReader(grammar, text);
            Ranked sketch = reader.ranked(SKETCHED);
            if (sketch.evidence() >= ENOUGH - 1) {
                sketched.put(reader, sketch.cost());
                cheapest = Math.min(cheapest, sketch.cost());
            }
        }
        double most = cheapest + LIKELY;
        return sketched.entrySet().stream()
                .filter(e -> e.getValue() <= most)
                .map(Map.Entry::getKey)
                .toList();
    }

    private record Whole(List<Item> items, Hypothesis state, double cost, double against) {
        double ranked() {
            return cost + against;
        }

        /** How many figures it leaves unread. */
        long left() {
            Set<Integer> figures = new HashSet<>();
            for (Taken at = state.taken; at != null; at = at.before()) {
                figures.add(at.figure());
            }
            return items.stream().filter(Item::isFigure).count()
                    - figures.stream().filter(f -> items.get(f).isFigure()).count();
        }
    }

    /** The orders of its items, cut once. @param isSpaced whether blanks may stand between the digits of one number */
    private List<List<Item>> orders(boolean isSpaced) {
        return orders.computeIfAbsent(isSpaced, spaced -> {
            List<Item> items = Joiner.items(Cutter.cut(plain, grammar.vocabulary(), spaced), plain);
            return items.size() > LONGEST_TABLE ? List.of(items) : Layouts.of(items);
        });
    }

    private void readings(boolean isSpaced, int widest, List<Whole> out) {
        for (List<Item> order : orders(isSpaced)) {
            double cut = order.stream().mapToDouble(Item::cost).sum() / 2 + (isSpaced ? SPACED : 0);
            for (Hypothesis state : Assignment.readings(grammar, order, text, widest)) {
                out.add(new Whole(order, state, state.cost + cut, 0));
            }
        }
    }

    /** The readings that were held against physics, the best first. @param cost of the best as it is held against other kinds' */
    private record Ranked(List<Whole> all, double cost, int evidence) {}

    private Scored run() {
        Ranked ranked = ranked(Assignment.WIDEST);
        LabelRead read = answer(ranked.all());
        return new Scored(read, ranked.cost(), read.fields().fields().isEmpty() ? 0 : ranked.evidence());
    }

    private Ranked ranked(int widest) {
        List<Whole> all = new ArrayList<>();
        readings(false, widest, all);
        // a blank within a number leaves digits over: where every figure is taken, none is looked for
        if (SPLIT.matcher(plain).find()
                && Collections.min(all, Comparator.comparingDouble(Whole::cost)).left() > 0) {
            readings(true, widest, all);
        }
        all.sort(Comparator.comparingDouble(Whole::cost));
        double most = Double.MAX_VALUE;
        for (int i = 0; i < Math.min(JUDGED, all.size()) && all.get(i).cost() <= most; i++) {
            Whole whole = all.get(i);
            double against = grammar.against(inOrder(whole.state().taken));
            all.set(i, new Whole(whole.items(), whole.state(), whole.cost(), against));
            // what is dearer by itself can come no nearer to the best
            most = Math.min(most, whole.cost() + against + CLOSE);
        }
        all.sort(Comparator.comparingDouble(Whole::ranked));
        Whole best = all.get(0);
        long named =
                best.items().stream().filter(i -> i.means(Meaning.Kind.TELLS)).count();
        double bonus = named > 0 ? NAMED + Math.min(MOST_NAMES, named - 1) * NAMED_AGAIN : 0;
        Set<Integer> figures = new HashSet<>();
        Set<String> paths = new HashSet<>();
        for (Taken at = best.state().taken; at != null; at = at.before()) {
            figures.add(at.figure());
            paths.add(at.path());
        }
        return new Ranked(
                all,
                best.cost() - bonus + best.left() * LEFT_OUT + (grammar.isUsual(paths) ? 0 : UNUSUAL),
                grammar.isTold(paths) ? Math.max(figures.size(), paths.size() - 1) + (named > 0 ? 1 : 0) : 0);
    }

    private LabelRead answer(List<Whole> all) {
        Whole best = all.get(0);
        List<Taken> taken = inOrder(best.state().taken);
        Taking taking = new Taking(taken);
        Map<String, Double> margins = margins(all, taken);
        List<Piece> pieces = new ArrayList<>();
        ReadDoubts doubts = new ReadDoubts(grammar, text, best.items());
        for (Taken each : taken) {
            if (each.value() != null) {
                pieces.add(piece(best, doubts, each, margins.getOrDefault(each.key(), CLEAR)));
            }
        }
        grammar.finishing().finish(taking);
        doubts.of(all.stream().map(Whole::state).toList(), taken, margins, taking, pieces);
        pieces.replaceAll(p -> new Piece(taking.pathOf(p.field()), p.text(), p.start(), p.end(), p.sure()));
        pieces.sort(Comparator.comparingInt(Piece::start));
        double sure = pieces.stream().mapToDouble(Piece::sure).min().orElse(0);
        return new LabelRead(
                taking.fields().isEmpty() ? null : grammar.kind(),
                sure,
                new Value.Fields(taking.fields()),
                pieces.stream().filter(p -> !p.field().isEmpty()).toList(),
                List.copyOf(taking.doubts()),
                unread(best, pieces));
    }

    private static List<Taken> inOrder(@Nullable Taken last) {
        List<Taken> out = new ArrayList<>();
        for (Taken at = last; at != null; at = at.before()) {
            out.add(at);
        }
        Collections.reverse(out);
        return out;
    }

    /** For each field, how much dearer the cheapest reading is that says something else of it. */
    private static Map<String, Double> margins(List<Whole> all, List<Taken> taken) {
        Map<String, Double> out = new LinkedHashMap<>();
        double best = all.get(0).ranked();
        for (Whole other : all) {
            if (other.ranked() > best + CLOSE) {
                break;
            }
            for (Taken each : taken) {
                Value value = other.state().saidOf(each);
                if (!Objects.equals(value, each.value())) {
                    // a reading that leaves it out says nothing else of it
                    double more = other.ranked() - best + (value == null ? SILENT : 0);
                    out.merge(each.key(), more, Math::min);
                }
            }
        }
        out.replaceAll((key, margin) -> Math.min(CLEAR, 0.5 + 0.49 * Math.min(1, margin / CLOSE)));
        return out;
    }

    private Piece piece(Whole best, ReadDoubts doubts, Taken each, double sure) {
        Item figure = best.items().get(each.figure());
        int start = figure.start();
        Item last = best.items().get(each.last());
        int end = last.start() >= figure.start() ? last.end() : figure.end();
        double clear = sure;
        if (doubts.isConfused(figure)) {
            clear = Math.min(clear, CONFUSED);
        }
        Item name = each.name() < 0 ? null : best.items().get(each.name());
        boolean isBeside =
                name != null && (Math.abs(figure.start() - name.end()) <= NEAR || Math.abs(name.start() - end) <= NEAR);
        if (name != null && isBeside && !figure.isTied()) {
            start = Math.min(start, name.start());
            end = Math.max(end, name.end());
        }
        return new Piece(each.key(), text.substring(start, end), start, end, Math.max(0, Math.min(1, clear)));
    }

    private List<String> unread(Whole best, List<Piece> pieces) {
        boolean[] isKnown = new boolean[text.length()];
        for (Item item : best.items()) {
            if (item.isFiller() || item.means(Meaning.Kind.ABOUT)) {
                Arrays.fill(isKnown, item.start(), item.end(), true);
            }
        }
        for (Piece piece : pieces) {
            Arrays.fill(isKnown, piece.start(), piece.end(), true);
        }
        List<String> out = new ArrayList<>();
        int from = -1;
        for (int i = 0; i <= text.length(); i++) {
            boolean isFree = i < text.length() && !Character.isWhitespace(text.charAt(i)) && !isKnown[i];
            if (isFree && from < 0) {
                from = i;
            } else if (!isFree && from >= 0) {
                String piece = text.substring(from, i);
                if (piece.codePoints().anyMatch(Character::isLetterOrDigit)) {
                    out.add(piece);
                }
                from = -1;
            }
        }
        return out;
    }
}
