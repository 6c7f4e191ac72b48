package zestbench.core.winding;

import java.util.ArrayList;
import java.util.List;

/** How the three terminals of a winding are marked, and what is read at them. */
public enum TerminalMarking {
    NUMBERS("not marked", List.of("1", "2", "3")),
    CRS("C R S", List.of("C", "R", "S")),
    T("T1 T2 T3", List.of("T1", "T2", "T3"));

    private static final String OHMS = "Ω";
    private static final String MEGOHMS = "MΩ";

    private final String words;
    private final List<String> terminals;

    TerminalMarking(String words, List<String> terminals) {
        this.words = words;
        this.terminals = terminals;
    }

    /**
     * What is read at one pair.
     *
     * @param pair such as C-R
     * @param unit that it is typed in: Ω between terminals, MΩ to ground
     * @param set what is read together: a set that was begun says nothing before all of it is read
     */
    public record Asked(String pair, String unit, String set) {}

    /** As it is said to whoever reads. */
    public String words() {
        return words;
    }

    /** The three pairs, and one terminal to ground, which speaks for all of them while the winding is whole. [physics] */
    public List<Asked> asked() {
        List<Asked> out = new ArrayList<>();
        for (int one = 0; one < terminals.size(); one++) {
            for (int two = one + 1; two < terminals.size(); two++) {
                out.add(new Asked(terminals.get(one) + "-" + terminals.get(two), OHMS, "three pairs"));
            }
        }
        out.add(new Asked(terminals.get(0) + "-" + PairOhms.GROUND, MEGOHMS, "one to ground"));
        return out;
    }
}
