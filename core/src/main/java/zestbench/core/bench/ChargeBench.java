package zestbench.core.bench;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import zestbench.core.bench.LeaveViews.ChargeCircuitView;
import zestbench.core.bench.LeaveViews.ChargeView;
import zestbench.core.bench.LeaveViews.MovedView;
import zestbench.core.proof.ProofFigure;
import zestbench.core.proof.ProofSetup;
import zestbench.core.quantity.Figures;
import zestbench.core.quantity.Letters;
import zestbench.core.tape.CallState;
import zestbench.core.tape.ChargeEntry;
import zestbench.core.tape.LeaveEntry.CircuitProved;
import zestbench.core.tape.LeaveState.FigureAt;
import zestbench.core.tape.Line;

/** What was weighed in and out, with what the figures of its circuit were before it and after. */
final class ChargeBench {
    /** What a charge moves. */
    private static final List<ProofFigure> MOVED =
            List.of(ProofFigure.SUPERHEAT, ProofFigure.SUBCOOLING, ProofFigure.CONDENSING_OVER_AMBIENT);

    private ChargeBench() {}

    static List<ChargeView> views(CallState state, ProofSetup setup) {
        List<ChargeView> out = new ArrayList<>();
        boolean isEmptied = false;
        for (Line line : state.charge().moved()) {
            ChargeEntry.ChargeMoved moved = (ChargeEntry.ChargeMoved) line.entry();
            isEmptied |= moved.way() == ChargeEntry.Way.RECOVERED;
            List<MovedView> figures = figures(state, setup, line);
            out.add(new ChargeView(moved.words() + moved.of(), figures, missing(moved, figures, isEmptied)));
        }
        return out;
    }

    /** What a charge moved, as {@code , superheat 34 to 13 °F}; empty where nothing was read on both sides of it. */
    static String words(CallState state, ProofSetup setup, Line charge) {
        StringBuilder out = new StringBuilder();
        for (MovedView moved : figures(state, setup, charge)) {
            if (moved.before() != null && moved.after() != null) {
                out.append(", ")
                        .append(Letters.inSentence(moved.title()))
                        .append(" ")
                        .append(moved.before());
                out.append(" to ").append(moved.after()).append(" ").append(moved.unit());
            }
        }
        return out.toString();
    }

    private static List<MovedView> figures(CallState state, ProofSetup setup, Line charge) {
        String circuit = named((ChargeEntry.ChargeMoved) charge.entry());
        long next = state.charge().moved().stream()
                .filter(l -> l.number() > charge.number()
                        && named((ChargeEntry.ChargeMoved) l.entry()).equals(circuit))
                .mapToLong(Line::number)
                .findFirst()
                .orElse(Long.MAX_VALUE);
        return moved(state.leave().figures(setup, circuit), charge.number(), next);
    }

    /** Circuits it can be weighed into, with what is read of each. */
    static List<ChargeCircuitView> circuits(CallState state, ProofSetup setup) {
        List<ChargeCircuitView> out = new ArrayList<>();
        for (int circuit = 1; circuit <= state.plates().circuits(); circuit++) {
            String name = String.valueOf(circuit);
            List<FigureAt> read = state.leave().figures(setup, name);
            List<String> now = new ArrayList<>();
            for (ProofFigure figure : MOVED) {
                Double last = last(read, figure, 0, Long.MAX_VALUE);
                if (last != null) {
                    now.add(Letters.inSentence(figure.title()) + " " + Figures.plain(last) + " "
                            + figure.quantity().unit());
                }
            }
            out.add(new ChargeCircuitView(
                    name,
                    "Circuit " + name,
                    now.isEmpty()
                            ? "Nothing is read of it: pressures and lines first, where it holds any charge."
                            : "Read: " + String.join(", ", now) + "."));
        }
        return out;
    }

    private static List<MovedView> moved(List<FigureAt> read, long at, long next) {
        List<MovedView> out = new ArrayList<>();
        for (ProofFigure figure : MOVED) {
            Double before = last(read, figure, 0, at);
            Double after = last(read, figure, at, next);
            if (before != null || after != null) {
                out.add(new MovedView(
                        figure.title(),
                        before == null ? null : Figures.plain(before),
                        after == null ? null : Figures.plain(after),
                        figure.quantity().unit()));
            }
        }
        return out;
    }

    private static @Nullable Double last(List<FigureAt> read, ProofFigure figure, long after, long before) {
        Double out = null;
        for (FigureAt at : read) {
            if (at.figure() == figure && at.line() > after && at.line() < before) {
                out = at.value();
            }
        }
        return out;
    }

    /** What nobody read of it. @param isAnew whether a circuit was emptied before */
    private static String missing(ChargeEntry.ChargeMoved moved, List<MovedView> figures, boolean isAnew) {
        if (moved.way() == ChargeEntry.Way.RECOVERED) {
            return "";
        }
        boolean isBefore = figures.stream().anyMatch(f -> f.before() != null);
        boolean isAfter = figures.stream().anyMatch(f -> f.after() != null);
        if (!isAfter) {
            return "Not read since: what it did is not known.";
        }
        return isBefore || isAnew ? "" : "Not read before it: how far it moved is not known.";
    }

    private static String named(ChargeEntry.ChargeMoved moved) {
        return moved.circuit().isEmpty() ? CircuitProved.FIRST : moved.circuit();
    }
}
