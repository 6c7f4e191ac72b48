package zestbench.core.family;

import java.util.List;
import java.util.Optional;
import zestbench.core.wiring.Wire;

/** What a part that turns says by its label of running on the line. */
public interface Turning {
    /** The name under which windings count as a test. */
    String WINDINGS = "WINDINGS";

    /** Names of its speed taps, fastest first; one empty name for a single speed. */
    List<String> taps(Spec spec);

    /** How many of its speed taps the wires as found are on. */
    int usedTaps(Spec spec, List<Wire> wires);

    /**
     * The amps its label allows; empty where the label does not say.
     *
     * @param lineVolts empty where they were not read
     * @param speed which of {@link #taps}, from 0; below 0 for the highest
     */
    Optional<Double> ratedAmps(Spec spec, Optional<Double> lineVolts, int speed);

    /** Volts of the connection that serves {@code lineVolts}, or the only one; empty where it is not known which. */
    List<Double> connectionVolts(Spec spec, Optional<Double> lineVolts);

    /** What its label says of the run capacitor it wants, in a capacitor's or in its own fields; empty where it says nothing. */
    Spec capacitor(Spec spec);

    /** What its label allows above full load, as a factor of at least 1; 1 where it says nothing. */
    double serviceFactor(Spec spec);
}
