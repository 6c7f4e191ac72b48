package zestbench.core.circuit;

import java.util.Map;
import java.util.Optional;
import zestbench.core.judgement.Finding;
import zestbench.core.judgement.Mark;
import zestbench.core.judgement.Reckoning;
import zestbench.core.quantity.Figures;

/**
 * Copper wire by its gauge: what it carries in the 60 and the 75 °C column. For these units it is held against MCA, never
 * against the fuse. Local code decides. [NEC 310.16, 240.4(G), article 440]
 *
 * @param sixty amps in the 60 °C column, which NM cable uses
 * @param seventyFive amps in the 75 °C column, where both ends are so marked
 */
public record WireSize(int gauge, int sixty, int seventyFive) {
    /** [NEC 310.16, copper] */
    private static final Map<Integer, WireSize> SIZES = Map.of(
            14, new WireSize(14, 15, 20),
            12, new WireSize(12, 20, 25),
            10, new WireSize(10, 30, 35),
            8, new WireSize(8, 40, 50),
            6, new WireSize(6, 55, 65));

    public static final Mark MARK = Mark.standard("NEC 310.16, 240.4(G)");

    /** Empty for gauges that are not in the table. */
    public static Optional<WireSize> of(int gauge) {
        return Optional.ofNullable(SIZES.get(gauge));
    }

    /** Whether it carries a circuit of {@code minimumAmps}, with its working. @param isSeventyFive both ends so marked */
    public Reckoning against(double minimumAmps, boolean isSeventyFive) {
        return Reckoning.of(
                MARK,
                "{} AWG copper carries {} A in the {} °C column, the circuit's MCA is {} A: {}. The fuse is held against the "
                        + "plate, not against the wire; local code decides.",
                gauge,
                isSeventyFive ? seventyFive : sixty,
                isSeventyFive ? 75 : 60,
                Figures.plain(minimumAmps),
                holds(minimumAmps, isSeventyFive) ? "it holds" : "too thin");
    }

    public boolean holds(double minimumAmps, boolean isSeventyFive) {
        return minimumAmps <= (isSeventyFive ? seventyFive : sixty);
    }

    /** The same as something to be said before a match. */
    public Finding finding(double minimumAmps, boolean isSeventyFive) {
        String words = against(minimumAmps, isSeventyFive).text();
        return holds(minimumAmps, isSeventyFive)
                ? Finding.info("{}", words)
                : Finding.caution("{}", words).of(Finding.Kind.WIRE_TOO_THIN);
    }
}
