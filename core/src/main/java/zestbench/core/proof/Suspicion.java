package zestbench.core.proof;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import zestbench.core.judgement.Finding;
import zestbench.core.judgement.Judged;
import zestbench.core.judgement.Verdict;
import zestbench.core.quantity.Limits;

/** What figures that are out say together, and in which order to look: air and dirt first, charge last. [practice] */
final class Suspicion {
    static final String ORDER =
            "Look in this order: filter, blower and indoor coil; outdoor coil and fan; metering and "
                    + "filter drier; charge last.";

    /** Where a figure lies. */
    private enum Side {
        LOW,
        IN,
        HIGH
    }

    private Suspicion() {}

    static List<Finding> of(List<Judged> verdicts) {
        List<Finding> out = new ArrayList<>();
        if (verdicts.stream().noneMatch(v -> v.verdict() == Verdict.FAILED)) {
            return out;
        }
        Side air = side(verdicts, ProofFigure.AIRFLOW_PER_TON);
        Side split = side(verdicts, ProofFigure.SPLIT);
        Side condensing = side(verdicts, ProofFigure.CONDENSING_OVER_AMBIENT);
        Side superheat = side(verdicts, ProofFigure.SUPERHEAT);
        Side subcooling = side(verdicts, ProofFigure.SUBCOOLING);
        if (air == Side.LOW || split == Side.HIGH) {
            out.add(Finding.caution("Too little air over the indoor coil: filter, blower, coil, registers. "
                    + "Refrigerant figures mean little until it is right."));
        }
        if (condensing == Side.HIGH) {
            out.add(Finding.caution("Condensing far over the outdoor air: dirty coil, fan or hot air drawn in again. "
                    + "Charge comes last."));
        }
        boolean airIsRight = out.isEmpty();
        if (superheat == Side.HIGH && subcooling == Side.LOW && airIsRight) {
            out.add(Finding.caution(
                    "High superheat with low subcooling: the pattern of too little charge. Find the leak "
                            + "before adding any."));
        }
        if (superheat == Side.HIGH && subcooling == Side.HIGH && airIsRight) {
            out.add(Finding.caution(
                    "High superheat with high subcooling: a restriction, such as the filter drier or the metering."));
        }
        if (superheat == Side.LOW && subcooling == Side.HIGH && airIsRight) {
            out.add(Finding.caution("Low superheat with high subcooling: the pattern of too much charge."));
        }
        if (superheat == Side.LOW && subcooling != Side.HIGH && airIsRight) {
            out.add(Finding.caution("Low superheat: metering that feeds too much, or too little heat at the coil."));
        }
        out.add(Finding.info(ORDER));
        return out;
    }

    private static Side side(List<Judged> verdicts, ProofFigure figure) {
        Optional<Judged> found = verdicts.stream()
                .filter(v -> v.subject().equals(figure.name()) && v.verdict() == Verdict.FAILED)
                .findFirst();
        Limits limits = found.map(Judged::limits).orElse(null);
        if (found.isEmpty() || limits == null) {
            return Side.IN;
        }
        return found.get().reading().value() < limits.low() ? Side.LOW : Side.HIGH;
    }
}
