package zestbench.core.proof;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import zestbench.core.judgement.Finding;
import zestbench.core.quantity.Figures;

/**
 * A coil that evaporates under 32 °F grows frost. Too little air gives a low superheat and a high split, too little charge a
 * high superheat, a low split and a low subcooling. [practice]
 */
final class Frost {
    private static final double FREEZING_SPLIT = 22;
    private static final double LOW_SPLIT = 16;
    private static final double LOW_SUBCOOLING = 4;
    private static final double LEAST_AIR = 350;
    private static final double USUAL_SUPERHEAT = 12;
    private static final double APART = 5;

    private Frost() {}

    /** @param target superheat that is wanted, °F; null where that is not known */
    static Finding at(double evaporating, Map<ProofFigure, Double> figures, @Nullable Double target) {
        List<String> air = new ArrayList<>();
        List<String> charge = new ArrayList<>();
        Double superheat = figures.get(ProofFigure.SUPERHEAT);
        double wanted = target == null ? USUAL_SUPERHEAT : target;
        if (superheat != null && Math.abs(superheat - wanted) > APART) {
            (superheat < wanted ? air : charge).add("superheat " + Figures.plain(superheat) + " °F");
        }
        Double split = figures.get(ProofFigure.SPLIT);
        if (split != null && (split > FREEZING_SPLIT || split < LOW_SPLIT)) {
            (split > FREEZING_SPLIT ? air : charge).add("split " + Figures.plain(split) + " °F");
        }
        Double subcooling = figures.get(ProofFigure.SUBCOOLING);
        if (subcooling != null && subcooling < LOW_SUBCOOLING) {
            charge.add("subcooling " + Figures.plain(subcooling) + " °F");
        }
        Double cfm = figures.get(ProofFigure.AIRFLOW_PER_TON);
        if (cfm != null && cfm < LEAST_AIR) {
            air.add(Figures.plain(cfm) + " cfm a ton");
        }
        return Finding.caution(
                "Evaporating at {} °F, under 32: the coil frosts. For too little air: {}. For too little charge: {}. Air comes first.",
                evaporating,
                words(air),
                words(charge));
    }

    private static String words(List<String> found) {
        return found.isEmpty() ? "nothing read yet" : String.join(", ", found);
    }
}
