package zestbench.core.controlswitch;

import java.util.List;
import java.util.Optional;
import zestbench.core.controlchain.Link;
import zestbench.core.controlchain.Link.Stretch;
import zestbench.core.family.Spec;
import zestbench.core.suspect.Fact;

/** What a switch opens for. */
enum Acts {
    HIGH_PRESSURE("high pressure switch", "a pressure over its opening point", false),
    LOW_PRESSURE("low pressure switch", "a pressure under its opening point", false),
    AIRFLOW("airflow switch", "no air", true),
    FLOAT("float switch", "water in the pan", true),
    LIMIT("limit", "heat", false),
    FREEZE("freeze switch", "frost", false);

    private final String words;
    private final String cause;
    private final boolean isEasilyMade;

    Acts(String words, String cause, boolean isEasilyMade) {
        this.words = words;
        this.cause = cause;
        this.isEasilyMade = isEasilyMade;
    }

    static Optional<Acts> of(Spec spec) {
        return spec.text("acts").map(Acts::valueOf);
    }

    String words() {
        return words;
    }

    /** Behind "with". */
    String cause() {
        return cause;
    }

    /** The attributes that say at which point it acts; empty where it has none to set. */
    List<String> points() {
        return switch (this) {
            case HIGH_PRESSURE, LOW_PRESSURE -> List.of("opensPsig");
            case LIMIT, FREEZE -> List.of("opensFahrenheit");
            case AIRFLOW -> List.of("closesInchesOfWater", "opensInchesOfWater");
            case FLOAT -> List.of();
        };
    }

    /** Where it sits in the control circuit of a unit. [practice] */
    Link inSeries() {
        return switch (this) {
            case HIGH_PRESSURE, LOW_PRESSURE -> Link.behind(words, Stretch.OUTDOORS, Fact.SWITCH_OPEN);
            case FLOAT, FREEZE -> Link.behind(words, Stretch.INDOORS, Fact.FLOAT_OPEN);
            case LIMIT -> Link.behind(words, Stretch.BURNER, Fact.LIMIT_OPEN);
            case AIRFLOW -> Link.behind("draft switch", Stretch.BURNER, Fact.DRAFT_SWITCH_OPEN);
        };
    }

    /** Whether its cause can be made by hand, so that its opening is proved and not only its contact. */
    boolean isEasilyMade() {
        return isEasilyMade;
    }

    /** A safety switch that has to be reset by hand may be open with its cause long gone. */
    boolean mayHaveReset() {
        return this != FLOAT && this != AIRFLOW;
    }
}
