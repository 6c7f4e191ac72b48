package zestbench.core.stock;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import zestbench.core.judgement.Grade;
import zestbench.core.quantity.Figures;
import zestbench.core.stock.Servings.Serving;

/**
 * Finds the best combinations of at least two pieces, at most three on each of one or two terminals, no piece used
 * twice and its sections put to one terminal each.
 *
 * <p>It goes by rising number of pieces and stops once no further piece can bring anything that is still wanted: more
 * pieces never make a better grade, and fewer pieces come first within one.
 */
public final class CombinationSearch<P> {
    /** Kept of each grade. */
    public static final int KEPT = 12;

    private static final int MOST_ON_TERMINAL = 3;
    /** The same pieces joined in another way may be found first in a worse grade: room for both. */
    private static final int HELD = 2 * KEPT;

    private final List<Servings<P>> servings = new ArrayList<>();
    private final Rules<P> rules;
    private final Budget budget = new Budget();
    private final Map<List<String>, Combination<P>> byIds = new HashMap<>();
    private final Comparator<Combination<P>> order = Combination.bestFirst();
    private final Map<Grade, TreeSet<Combination<P>>> best = new EnumMap<>(Grade.class);

    private CombinationSearch(List<Lot<P>> lots, List<Want> wants, Rules<P> rules) {
        this.rules = rules;
        for (int slot = 0; slot < wants.size(); slot++) {
            servings.add(new Servings<>(slot, wants.get(slot), lots, rules, budget));
        }
        for (Grade grade : Grade.values()) {
            best.put(grade, new TreeSet<>(order));
        }
    }

    /** The best twelve of each grade, best first; {@code wants} has one entry or two. */
    public static <P> List<Combination<P>> find(List<Lot<P>> lots, List<Want> wants, Rules<P> rules) {
        CombinationSearch<P> search = new CombinationSearch<>(lots, wants, rules);
        search.run();
        return search.result();
    }

    private void run() {
        int most = MOST_ON_TERMINAL * servings.size();
        for (int pieces = 2; pieces <= most; pieces++) {
            if (pieces > servings.size() && (!rules.makeUp().fits() || isSettled())) {
                return;
            }
            if (servings.size() == 1) {
                single(pieces);
            } else {
                dual(pieces);
            }
        }
    }

    /** Whether every grade that more pieces could still reach is full. */
    private boolean isSettled() {
        for (Grade grade : Grade.values()) {
            if (grade.fits() && grade.compareTo(rules.makeUp()) >= 0 && size(grade) < KEPT) {
                return false;
            }
        }
        return true;
    }

    private void single(int pieces) {
        for (Serving<P> serving : servings.get(0).ofSize(pieces)) {
            Grade grade = serving.grade().worst(rules.ofSeveral());
            if (!isBehind(grade, pieces, serving.error(), serving.cost())) {
                offer(grade, serving.error(), Joining.alone(serving.shares()));
            }
        }
    }

    private void dual(int pieces) {
        for (int first = 1; first <= MOST_ON_TERMINAL; first++) {
            for (int second = 1; second <= MOST_ON_TERMINAL; second++) {
                int shared = first + second - pieces;
                if (shared < 0 || shared > Math.min(first, second)) {
                    continue;
                }
                if ((first > 1 || second > 1) && !rules.makeUp().fits()) {
                    continue;
                }
                List<Serving<P>> firsts = servings.get(0).ofSize(first);
                List<Serving<P>> seconds = servings.get(1).ofSize(second);
                if (shared == 0) {
                    apart(firsts, seconds, pieces);
                } else {
                    sharing(firsts, seconds, pieces);
                }
            }
        }
    }

    /** Each terminal has pieces of its own: what they are worth together is known before they are joined. */
    private void apart(List<Serving<P>> firsts, List<Serving<P>> seconds, int pieces) {
        Map<Grade, List<Serving<P>>> byGrade = new EnumMap<>(Grade.class);
        for (Serving<P> second : seconds) {
            byGrade.computeIfAbsent(second.grade(), g -> new ArrayList<>()).add(second);
        }
        for (Serving<P> first : firsts) {
            byGrade.forEach((ofSecond, alike) -> {
                Grade grade = first.grade().worst(ofSecond).worst(rules.ofSeveral());
                for (Serving<P> second : alike) {
                    budget.spend();
                    double error = first.error() + second.error();
                    // the others of this grade are no nearer and no cheaper
                    if (isBehind(grade, pieces, error, first.cost() + second.cost())) {
                        break;
                    }
                    join(first, second, pieces);
                }
            });
        }
    }

    /** At least one piece serves both terminals. */
    private void sharing(List<Serving<P>> firsts, List<Serving<P>> seconds, int pieces) {
        Map<Lot<P>, List<Serving<P>>> byLot = byLot(seconds);
        for (Serving<P> first : firsts) {
            for (Serving<P> second : partners(first, byLot)) {
                budget.spend();
                join(first, second, pieces);
            }
        }
    }

    private void join(Serving<P> first, Serving<P> second, int pieces) {
        List<Combination.Piece<P>> joined = Joining.of(first.shares(), second.shares());
        if (joined.size() == pieces && Joining.isInStock(joined)) {
            Grade grade = first.grade().worst(second.grade()).worst(rules.ofSeveral());
            offer(grade, first.error() + second.error(), joined);
        }
    }

    private void offer(Grade grade, double error, List<Combination.Piece<P>> joined) {
        double cost = 0;
        for (Combination.Piece<P> piece : joined) {
            cost += piece.unit().cost();
        }
        if (grade.fits() && !isBehind(grade, joined.size(), error, cost)) {
            hold(Combination.of(joined, grade, Figures.tidy(error), Figures.tidy(cost)));
        }
    }

    /** Whether by its figures alone it comes after everything that is held of its grade. */
    private boolean isBehind(Grade grade, int pieces, double error, double cost) {
        if (size(grade) < HELD) {
            return false;
        }
        Combination<P> last = held(grade).last();
        int than = Integer.compare(pieces, last.pieces().size());
        than = than != 0 ? than : Double.compare(Figures.tidy(error), last.error());
        return (than != 0 ? than : Double.compare(Figures.tidy(cost), last.cost())) > 0;
    }

    /** Keeps {@code found} if it is among the best of its grade; of one set of pieces only the best joining. */
    private void hold(Combination<P> found) {
        TreeSet<Combination<P>> held = held(found.grade());
        if (held.size() >= HELD && order.compare(found, held.last()) >= 0) {
            return;
        }
        List<String> ids = found.ids();
        Combination<P> known = byIds.get(ids);
        if (known != null) {
            if (order.compare(known, found) <= 0) {
                return;
            }
            held(known.grade()).remove(known);
        }
        byIds.put(ids, found);
        held.add(found);
        if (held.size() > HELD) {
            byIds.remove(java.util.Objects.requireNonNull(held.pollLast()).ids());
        }
    }

    private List<Combination<P>> result() {
        List<Combination<P>> out = new ArrayList<>();
        for (Grade grade : Grade.values()) {
            int kept = 0;
            for (Combination<P> combination : held(grade)) {
                if (kept < KEPT) {
                    out.add(combination);
                    kept++;
                }
            }
        }
        return out;
    }

    private TreeSet<Combination<P>> held(Grade grade) {
        return java.util.Objects.requireNonNull(best.get(grade));
    }

    private int size(Grade grade) {
        return held(grade).size();
    }

    /** By the pieces in them that have more than one section: only these can serve two terminals. */
    private static <P> Map<Lot<P>, List<Serving<P>>> byLot(List<Serving<P>> all) {
        Map<Lot<P>, List<Serving<P>>> out = new IdentityHashMap<>();
        for (Serving<P> serving : all) {
            for (Share<P> share : serving.shares()) {
                if (share.lot().values().size() == 1) {
                    continue;
                }
                List<Serving<P>> list = out.computeIfAbsent(share.lot(), l -> new ArrayList<>());
                if (list.isEmpty() || list.get(list.size() - 1) != serving) {
                    list.add(serving);
                }
            }
        }
        return out;
    }

    private static <P> List<Serving<P>> partners(Serving<P> first, Map<Lot<P>, List<Serving<P>>> byLot) {
        Set<Serving<P>> out = java.util.Collections.newSetFromMap(new IdentityHashMap<>());
        List<Serving<P>> ordered = new ArrayList<>();
        for (Share<P> share : first.shares()) {
            for (Serving<P> serving : byLot.getOrDefault(share.lot(), List.of())) {
                if (out.add(serving)) {
                    ordered.add(serving);
                }
            }
        }
        ordered.sort(Comparator.comparingDouble(Serving::cost));
        return ordered;
    }
}
