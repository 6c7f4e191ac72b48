package zestbench.benchmark;

import java.util.List;
import org.chocosolver.solver.Model;
import org.chocosolver.solver.variables.IntVar;

/** The same question put to a general constraint solver: fewest pieces, then least cost, for both terminals at once. */
final class Solver {
    private static final int MOST_ON_TERMINAL = 3;
    private static final int TENTHS = 10;
    /** Weighs one piece more above any difference in cost. */
    private static final int PIECE = 100_000;

    /** The best it found. @param proven whether it is sure that there is none better */
    record Answer(int pieces, int cents, double millis, boolean proven) {}

    private Solver() {}

    static Answer solve(List<Bench.Line> lines, double herm, double fan, double seconds) {
        long from = System.nanoTime();
        Model model = new Model();
        int count = lines.size();
        IntVar[] onHerm = new IntVar[count];
        IntVar[] onFan = new IntVar[count];
        int[] tenths = new int[count];
        int[] weights = new int[2 * count];
        IntVar[] all = new IntVar[2 * count];
        for (int i = 0; i < count; i++) {
            Bench.Line line = lines.get(i);
            int most = Math.min(MOST_ON_TERMINAL, line.quantity());
            onHerm[i] = model.intVar(0, most);
            onFan[i] = model.intVar(0, most);
            model.arithm(onHerm[i], "+", onFan[i], "<=", line.quantity()).post();
            tenths[i] = (int) Math.round(line.microfarads() * TENTHS);
            all[i] = onHerm[i];
            all[count + i] = onFan[i];
            weights[i] = PIECE + line.cents();
            weights[count + i] = PIECE + line.cents();
        }
        model.scalar(onHerm, tenths, "=", (int) Math.round(herm * TENTHS)).post();
        model.scalar(onFan, tenths, "=", (int) Math.round(fan * TENTHS)).post();
        model.sum(onHerm, "<=", MOST_ON_TERMINAL).post();
        model.sum(onFan, "<=", MOST_ON_TERMINAL).post();
        IntVar cost = model.intVar(0, 2 * MOST_ON_TERMINAL * (PIECE + 5_000));
        model.scalar(all, weights, "=", cost).post();
        model.setObjective(Model.MINIMIZE, cost);
        model.getSolver().limitTime((long) (seconds * 1_000));
        int best = -1;
        while (model.getSolver().solve()) {
            best = cost.getValue();
        }
        boolean proven = !model.getSolver().isStopCriterionMet();
        double millis = (System.nanoTime() - from) / 1e6;
        return best < 0 ? new Answer(0, 0, millis, proven) : new Answer(best / PIECE, best % PIECE, millis, proven);
    }
}
