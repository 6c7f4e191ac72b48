package zestbench.benchmark;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.function.Supplier;
import zestbench.core.Families;
import zestbench.core.capacitor.CapacitorMatch;
import zestbench.core.capacitor.Shelf;
import zestbench.core.family.MatchAnswer.Match;
import zestbench.core.family.MatchRequest;
import zestbench.core.family.MatchRequest.Circuit;
import zestbench.core.family.MatchRequest.StockLine;
import zestbench.core.family.Spec;
import zestbench.core.shop.ShopRules;

/**
 * Prints the time to read a label and to search trucks of 100, 1,000 and 10,000 lines for a 55+7.5, up to three pieces
 * on a terminal, warm, the median of many runs, beside a plain enumeration of the best; and, where it is asked for, what a
 * constraint solver takes for it.
 */
public final class Bench {
    /** One line of the truck: single capacitors of one value. @param cents cost of a piece, all different */
    record Line(String id, int quantity, double microfarads, int cents) {}

    private static final double[] VALUES = {2, 2.5, 3, 4, 5, 6, 7, 10, 12.5, 15, 17.5, 20, 25, 30, 35, 40, 45, 50, 60};
    /** Until the machine's compiler is done with it: a search is more code than an enumeration, and takes longer to warm up. */
    private static final double WARM_UP_SECONDS = 0.3;

    private static final int SEARCH_WARM_UP = 5;
    private static final int LABELS_WARM_UP = 120;
    private static final int[] SIZES = {100, 1_000, 10_000};
    private static final int RUNS = 101;
    private static final int LONGEST = 20_000;
    private static final double SOLVER_SECONDS = 20;
    private static final long SEED = 20_240_517;

    /** A usual label of each kind. */
    private static final Map<String, String> LABELS = new TreeMap<>(Map.of(
            "capacitor", "55/7.5 MFD 440VAC ±6% 50/60HZ -40/+70C SH-1 ROUND",
            "motor", "HP 1/4 VOLTS 208-230 PH 1 HZ 60 RPM 1075 FLA 1.9 ROT CCW CAP 7.5/370",
            "contactor", "2 POLE 30 FLA 180 LRA 240 V COIL 24 V 50/60 HZ",
            "relay", "SPDT COIL 24 VAC 50/60 HZ 12 A 277 VAC RES 8 FLA 240 VAC",
            "fuse", "CLASS RK5 30 A 250 V TIME DELAY I.R. 200 KA",
            "transformer", "40 VA PRI 120/208/240 V BLK/RED/ORG COM WHT SEC 24 V BLU/YEL 50/60 HZ",
            "start-device", "HARD START KIT 88-108 MFD 330 V POTENTIAL RELAY 1 TO 5 TON",
            "unit-plate",
                    "MODEL KAC036B SERIAL 1806G21990\nVOLTS 208/230 PH 1 HZ 60\nCOMPRESSOR 17.9 RLA 104 LRA\n"
                            + "FAN MTR 1.4 FLA 1/4 HP\nMCA 23.8 MAX FUSE 40 MAX HACR BRKR 40\nR-410A 6 LB 8 OZ\n"
                            + "DESIGN PRESSURE HIGH 450 LOW 250"));

    private Bench() {}

    public static void main(String[] arguments) {
        for (int lines : SIZES) {
            MatchRequest request = request(lines(lines));
            Shelf shelf = Shelf.of(request.stock());
            for (int i = 0; i < SEARCH_WARM_UP; i++) {
                warmUp(() -> CapacitorMatch.onShelf(request, shelf).size());
            }
        }
        for (int lines : SIZES) {
            truck(lines, arguments.length > 0 && arguments[0].equals("solver"));
        }
        System.out.println();
        labels();
        String long20 = "FLA 3.2 LRA 12 ".repeat(LONGEST / "FLA 3.2 LRA 12 ".length());
        print(
                "20,000 signs read",
                median(() -> Families.read("contactor", long20).reads().size()));
    }

    /** As a bench that has run for a while reads them: all kinds in turn until the machine's compiler is done with them. */
    private static void labels() {
        for (int i = 0; i < LABELS_WARM_UP; i++) {
            LABELS.forEach(Families::read);
            LABELS.values().forEach(label -> Families.read(Families.AUTO, label));
        }
        System.out.printf(Locale.ROOT, "%-14s %16s %16s%n", "a label read", "kind given", "told by itself");
        LABELS.forEach((kind, label) -> System.out.printf(
                Locale.ROOT,
                "%-14s %13.2f ms %13.2f ms%n",
                kind,
                median(() -> Families.read(kind, label).reads().size()),
                median(() -> Families.read(Families.AUTO, label).reads().size())));
    }

    private static void truck(int size, boolean isSolved) {
        List<Line> lines = lines(size);
        MatchRequest request = request(lines);
        Shelf shelf = Shelf.of(request.stock());
        Match best = CapacitorMatch.onShelf(request, shelf).stream()
                .filter(m -> m.grade().fits())
                .findFirst()
                .orElseThrow();
        System.out.printf(Locale.ROOT, "%n%,d lines%n", size);
        print("  shelf sorted once", median(() -> Shelf.of(request.stock()).hashCode()));
        double[][] both = inTurn(
                () -> CapacitorMatch.piecesOnShelf(request, shelf).size(),
                () -> Enumeration.best(lines, 55, 7.5).cents());
        double search = median(both[0]);
        print("  search", search);
        print(
                "  search, worded",
                median(() -> CapacitorMatch.onShelf(request, shelf).size()));
        double[] ratios = new double[RUNS];
        Arrays.setAll(ratios, i -> both[0][i] / both[1][i]);
        System.out.printf(
                Locale.ROOT,
                "  %-20s %10.3f ms, the search takes %.1f times that%n",
                "plain enumeration",
                median(both[1]),
                median(ratios));
        System.out.printf(
                Locale.ROOT,
                "  best: %s, %d pieces, %.2f%n",
                best.title(),
                best.offer().size(),
                cents(best, lines) / 100.0);
        Enumeration.Best expected = Enumeration.best(lines, 55, 7.5);
        same(expected.pieces() == best.offer().size() && expected.cents() == cents(best, lines), "plain enumeration");
        if (isSolved) {
            solve(lines, best, search);
        }
    }

    private static void solve(List<Line> lines, Match best, double search) {
        Solver.Answer whole = Solver.solve(lines, 55, 7.5, SOLVER_SECONDS);
        print("  solver", whole, search);
        // where it does not come to an end on the whole truck, its answer is taken from the pieces that can matter
        Solver.Answer answer =
                whole.proven() ? whole : Solver.solve(cheapestOfEachValue(lines), 55, 7.5, 10 * SOLVER_SECONDS);
        if (!whole.proven()) {
            print("  solver, few lines", answer, search);
        }
        if (answer.proven()) {
            same(answer.pieces() == best.offer().size() && answer.cents() == cents(best, lines), "solver");
        } else {
            System.out.println("  not proven, not compared");
        }
    }

    private static void same(boolean isSame, String as) {
        System.out.println(isSame ? "  same answer as the " + as : "  ANSWERS DIFFER from the " + as);
        if (!isSame) {
            throw new IllegalStateException("the search and the " + as + " disagree");
        }
    }

    private static void print(String what, Solver.Answer answer, double search) {
        System.out.printf(
                Locale.ROOT,
                "%-20s %,10.1f ms, %s; %,.0f times the search%n",
                what,
                answer.millis(),
                answer.proven() ? "proven best" : "stopped unproven",
                answer.millis() / search);
    }

    /** Six pieces of a value are all that a combination can use. */
    private static List<Line> cheapestOfEachValue(List<Line> lines) {
        List<Line> out = new ArrayList<>();
        for (double value : VALUES) {
            lines.stream()
                    .filter(l -> l.microfarads() == value)
                    .sorted(java.util.Comparator.comparingInt(Line::cents))
                    .limit(6)
                    .forEach(out::add);
        }
        return out;
    }

    private static int cents(Match match, List<Line> lines) {
        return match.offer().stream()
                .mapToInt(id -> lines.get(Integer.parseInt(id.substring(1))).cents())
                .sum();
    }

    /** No 55 and no 7.5 among them, so that both have to be made up; every cost is another, so that one answer is best. */
    private static List<Line> lines(int size) {
        Random random = new Random(SEED);
        List<Line> out = new ArrayList<>();
        for (int i = 0; i < size; i++) {
            double value = VALUES[random.nextInt(VALUES.length)];
            out.add(new Line("L" + i, 1 + random.nextInt(3), value, 500 + random.nextInt(4_000)));
        }
        return out;
    }

    private static MatchRequest request(List<Line> lines) {
        List<StockLine> stock = lines.stream()
                .map(l -> new StockLine(
                        l.id(), l.quantity(), spec(l.microfarads() + " MFD 440 VAC ±6%"), l.cents() / 100.0))
                .toList();
        ShopRules d = ShopRules.DEFAULT;
        ShopRules rules = new ShopRules(
                d.capacitorOut(),
                d.otherNominalWithinTolerance(),
                ShopRules.MakeUp.PERMANENT,
                d.universalCapacitor(),
                d.newCapacitorWithMotor(),
                d.motorPowerStep(),
                d.wholeFuseSet(),
                d.replacePittedContactor(),
                d.shuntToTwoPole(),
                d.smallerTransformer(),
                d.discharge(),
                d.temperatureSplitLow(),
                d.temperatureSplitHigh());
        return new MatchRequest(spec("55+7.5 MFD 440 VAC ±6%"), List.of(), Circuit.UNKNOWN, List.of(), stock, rules);
    }

    private static Spec spec(String label) {
        return new Spec(Families.read("capacitor", label).fields());
    }

    private static double median(Supplier<Integer> work) {
        return median(inTurn(List.of(work))[0]);
    }

    private static double median(double[] figures) {
        double[] sorted = figures.clone();
        Arrays.sort(sorted);
        return sorted[sorted.length / 2];
    }

    private static double[][] inTurn(Supplier<Integer> one, Supplier<Integer> other) {
        return inTurn(List.of(one, other));
    }

    private static long warmUp(Supplier<Integer> work) {
        long sink = 0;
        long began = System.nanoTime();
        while (System.nanoTime() - began < WARM_UP_SECONDS * 1e9) {
            sink += work.get();
        }
        return sink;
    }

    /** Milliseconds of each, in turn, so that what else the machine does touches them alike. */
    private static double[][] inTurn(List<Supplier<Integer>> works) {
        long sink = 0;
        for (Supplier<Integer> work : works) {
            sink += warmUp(work);
        }
        double[][] millis = new double[works.size()][RUNS];
        for (int i = 0; i < RUNS; i++) {
            for (int w = 0; w < works.size(); w++) {
                long from = System.nanoTime();
                sink += works.get(w).get();
                millis[w][i] = (System.nanoTime() - from) / 1e6;
            }
        }
        if (sink == Long.MIN_VALUE) {
            throw new IllegalStateException("never; keeps the work from being left out");
        }
        return millis;
    }

    private static void print(String what, double millis) {
        System.out.printf(Locale.ROOT, "%-22s %10.3f ms%n", what, millis);
    }
}
