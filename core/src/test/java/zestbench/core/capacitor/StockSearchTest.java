package zestbench.core.capacitor;

import static org.assertj.core.api.Assertions.assertThat;

import java.lang.management.ManagementFactory;
import java.lang.management.ThreadMXBean;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import zestbench.core.family.MatchAnswer.Match;
import zestbench.core.family.MatchRequest;
import zestbench.core.family.MatchRequest.Circuit;
import zestbench.core.family.MatchRequest.StockLine;
import zestbench.core.judgement.Grade;
import zestbench.core.shop.ShopRules;

/**
 * The search against a brute force that shares nothing with it: every way to give each physical piece's sections to
 * HERM, FAN or nothing, kept where the sums come out.
 */
class StockSearchTest {
    /** What the processor spent, whatever else it had to do. */
    private static final ThreadMXBean THREADS = ManagementFactory.getThreadMXBean();

    private static final double[] VALUES = {2.5, 5, 7.5, 10, 15, 20, 25, 30};

    /** One physical piece. */
    private record Piece(String id, double[] sections, boolean universal, double percent) {}

    @ParameterizedTest(name = "random truck {0}")
    @ValueSource(ints = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15, 16, 17, 18, 19, 20})
    void findsWhatABruteForceFinds(int seed) {
        Random random = new Random(seed);
        List<Piece> pieces = new ArrayList<>();
        List<StockLine> stock = new ArrayList<>();
        for (int i = 0; i < 6; i++) {
            addLine(random, i, random.nextInt(5), pieces, stock);
        }
        boolean dual = seed % 2 == 0;
        double herm = VALUES[4 + random.nextInt(4)];
        double fan = dual ? VALUES[random.nextInt(4)] : 0;
        Map<String, Grade> expected = bruteForce(pieces, herm, fan, Integer.MAX_VALUE);
        MatchRequest request = new MatchRequest(
                Parts.spec(herm, fan, 440, 6), List.of(), Circuit.UNKNOWN, List.of(), stock, ShopRules.DEFAULT);
        List<Match> found = CapacitorMatch.of(request).matches().stream()
                .filter(m -> m.grade().fits())
                .toList();

        Map<Grade, Integer> wanted = new TreeMap<>();
        expected.values().forEach(g -> wanted.merge(g, 1, (a, b) -> Math.min(12, a + b)));
        Map<Grade, Integer> counted = new TreeMap<>();
        found.forEach(m -> counted.merge(m.grade(), 1, Integer::sum));
        assertThat(counted).as("%s+%s from %s: %s", herm, fan, pieces, expected).isEqualTo(wanted);
        for (Match match : found) {
            String key = String.join(",", match.offer().stream().sorted().toList());
            assertThat(expected).as("%s of %s", match.title(), pieces).containsEntry(key, match.grade());
        }
        assertFewestPiecesFirst(expected, found);
        assertThat(CapacitorMatch.of(request).matches())
                .as("the same answer twice")
                .isEqualTo(CapacitorMatch.of(request).matches());
    }

    /** A full van: seventeen lines of singles and duals, and three cans of six sections each. */
    @ParameterizedTest(name = "van {0}, {1}+{2}")
    @CsvSource({"1, 45, 5", "2, 60, 7.5", "3, 35, 0", "4, 40, 10", "5, 62.5, 12.5"})
    void aVanWithThreeCansOfSixSectionsIsSearchedWithinATenthOfASecond(int seed, double herm, double fan) {
        Random random = new Random(seed);
        List<Piece> pieces = new ArrayList<>();
        List<StockLine> stock = new ArrayList<>();
        for (int i = 0; i < 17; i++) {
            addLine(random, i, 1 + random.nextInt(4), pieces, stock);
        }
        for (int i = 17; i < 20; i++) {
            double[] sections = {
                2.5, 2.5 * (1 + random.nextInt(2)), 5, 5 + 5 * random.nextInt(2), 10, 20 + 5 * random.nextInt(2)
            };
            add("p" + i, 2, sections, true, 1 + i * 0.5, pieces, stock);
        }
        MatchRequest request = new MatchRequest(
                Parts.spec(herm, fan, 440, 12), List.of(), Circuit.UNKNOWN, List.of(), stock, ShopRules.DEFAULT);
        List<Match> found = List.of();
        long best = Long.MAX_VALUE;
        for (int round = 0; round < 12; round++) {
            long start = THREADS.getCurrentThreadCpuTime();
            found = CapacitorMatch.of(request).matches();
            best = Math.min(best, THREADS.getCurrentThreadCpuTime() - start);
        }
        assertThat(best / 1e6).as("ms, warm").isLessThan(100);
        Map<String, Grade> expected = bruteForce(pieces, herm, fan, 2);
        for (Grade grade : List.of(Grade.LIKE_FOR_LIKE, Grade.SUITABLE, Grade.NEEDS_CHANGE)) {
            long wanted =
                    expected.values().stream().filter(g -> g == grade).limit(12).count();
            assertThat(found)
                    .filteredOn(m -> m.grade() == grade && m.offer().size() <= 2)
                    .as("%s of one or two pieces", grade)
                    .hasSize((int) wanted)
                    .allSatisfy(m -> assertThat(expected)
                            .containsEntry(
                                    String.join(",", m.offer().stream().sorted().toList()), grade));
        }
    }

    private static void assertFewestPiecesFirst(Map<String, Grade> expected, List<Match> found) {
        for (Grade grade : Grade.values()) {
            List<Integer> sizes = expected.entrySet().stream()
                    .filter(e -> e.getValue() == grade)
                    .map(e -> e.getKey().split(",").length)
                    .sorted()
                    .limit(12)
                    .toList();
            assertThat(found)
                    .filteredOn(m -> m.grade() == grade)
                    .extracting(m -> m.offer().size())
                    .isEqualTo(sizes);
        }
    }

    private static void addLine(Random random, int i, int kind, List<Piece> pieces, List<StockLine> stock) {
        double a = VALUES[random.nextInt(VALUES.length)];
        double b = VALUES[random.nextInt(4)];
        double[] sections =
                kind == 0 ? new double[] {5, 5, b} : kind == 1 ? new double[] {a + 10, b} : new double[] {a};
        // every line has a rating of its own, so that a set of ids is a set of ratings
        add("p" + i, 1 + random.nextInt(2), sections, kind == 0, 1 + i * 0.5, pieces, stock);
    }

    private static void add(
            String id,
            int quantity,
            double[] sections,
            boolean universal,
            double percent,
            List<Piece> pieces,
            List<StockLine> stock) {
        var spec = universal
                ? Parts.universal(440, percent, sections)
                : Parts.spec(sections[0], sections.length > 1 ? sections[1] : 0, 440, percent);
        stock.add(Parts.line(id, quantity, spec));
        for (int n = 0; n < quantity; n++) {
            pieces.add(new Piece(id, sections, universal, percent));
        }
    }

    /** Best grade for each set of ids; only sets none of whose pieces could be left out by sharing. */
    private static Map<String, Grade> bruteForce(List<Piece> pieces, double herm, double fan, int most) {
        Map<String, Grade> best = new HashMap<>();
        extend(pieces, 0, most, herm, fan, new ArrayList<>(), new ArrayList<>(), best);
        return best;
    }

    private static void extend(
            List<Piece> pieces,
            int at,
            int most,
            double herm,
            double fan,
            List<Piece> used,
            List<int[]> uses,
            Map<String, Grade> best) {
        double left = herm - sum(used, uses, 1);
        double leftFan = fan - sum(used, uses, 2);
        if (left < -1e-9 || leftFan < -1e-9) {
            return;
        }
        if (Math.abs(left) < 1e-9 && Math.abs(leftFan) < 1e-9) {
            keep(used, uses, fan > 0, best);
            return;
        }
        if (at == pieces.size() || used.size() == most) {
            return;
        }
        Piece piece = pieces.get(at);
        int ways = (int) Math.pow(3, piece.sections().length);
        for (int way = 0; way < ways; way++) {
            int[] use = new int[piece.sections().length];
            int rest = way;
            for (int s = 0; s < use.length; s++) {
                use[s] = rest % 3;
                rest /= 3;
            }
            boolean idle = Arrays.stream(use).allMatch(u -> u == 0);
            if (!idle) {
                used.add(piece);
                uses.add(use);
            }
            extend(pieces, at + 1, most, herm, fan, used, uses, best);
            if (!idle) {
                used.remove(used.size() - 1);
                uses.remove(uses.size() - 1);
            }
        }
    }

    private static double sum(List<Piece> used, List<int[]> uses, int terminal) {
        double sum = 0;
        for (int i = 0; i < used.size(); i++) {
            for (int s = 0; s < uses.get(i).length; s++) {
                sum += uses.get(i)[s] == terminal ? used.get(i).sections()[s] : 0;
            }
        }
        return sum;
    }

    private static void keep(List<Piece> used, List<int[]> uses, boolean dual, Map<String, Grade> best) {
        Grade grade = Grade.LIKE_FOR_LIKE;
        for (int terminal = 1; terminal <= (dual ? 2 : 1); terminal++) {
            int onTerminal = 0;
            for (int[] use : uses) {
                int t = terminal;
                onTerminal += Arrays.stream(use).anyMatch(u -> u == t) ? 1 : 0;
            }
            if (onTerminal > 3) {
                return;
            }
            grade = onTerminal > 1 ? grade.worst(Grade.STOPGAP) : grade;
        }
        grade = used.size() > 1 ? grade.worst(Grade.NEEDS_CHANGE) : grade.worst(alone(used.get(0), dual));
        for (int i = 0; i < used.size(); i++) {
            grade = grade.worst(joined(used.get(i), uses.get(i), dual));
        }
        String key = String.join(",", used.stream().map(Piece::id).sorted().toList());
        best.merge(key, grade, (a, b) -> a.compareTo(b) <= 0 ? a : b);
    }

    private static Grade alone(Piece piece, boolean dual) {
        boolean exact = !piece.universal() && (piece.sections().length == 2) == dual;
        return exact ? Grade.LIKE_FOR_LIKE : Grade.SUITABLE;
    }

    private static Grade joined(Piece piece, int[] use, boolean dual) {
        for (int terminal = 1; terminal <= 2; terminal++) {
            int t = terminal;
            if (Arrays.stream(use).filter(u -> u == t).count() > 1) {
                return piece.universal() ? Grade.NEEDS_CHANGE : Grade.STOPGAP;
            }
        }
        boolean crossed = dual && piece.sections().length == 2 && !piece.universal() && (use[0] == 2 || use[1] == 1);
        return crossed ? Grade.NEEDS_CHANGE : Grade.LIKE_FOR_LIKE;
    }
}
