package zestbench.core.suspect;

import static zestbench.core.suspect.Likelihood.ALWAYS;
import static zestbench.core.suspect.Likelihood.NEVER;
import static zestbench.core.suspect.Likelihood.OFTEN;
import static zestbench.core.suspect.Likelihood.SELDOM;

/**
 * Something that can be asked, seen or measured, and is so or is not. It carries how likely it is under a fault that has
 * nothing to do with it, and what finding out costs: minutes, and more where it is done live. [practice]
 */
public enum Fact {
    INDOOR_RUNS("indoor blower runs", "indoor blower silent", ALWAYS, 1, Danger.NONE),
    OUTDOOR_FAN_RUNS("outdoor fan runs", "outdoor fan silent", ALWAYS, 1, Danger.NONE),
    COMPRESSOR_RUNS("compressor runs", "compressor does not run", ALWAYS, 1, Danger.NONE),
    COMPRESSOR_HUMS("compressor hums and drops out", "compressor does not hum", SELDOM, 1, Danger.NONE),
    BREAKER_OPENS("breaker or fuse opened", "breaker and fuses hold", SELDOM, 1, Danger.NONE),
    WEAK_AIR("little air at the registers", "usual air at the registers", SELDOM, 1, Danger.NONE),
    ICE("ice on the lines", "no ice", SELDOM, 1, Danger.NONE),
    RUNS_WITHOUT_CALL("runs with no call", "stops with the call", NEVER, 1, Danger.NONE),
    GROWLS("growls", "sounds as usual", SELDOM, 1, Danger.NONE),
    THERMOSTAT_LIT("thermostat lit", "thermostat dark", ALWAYS, 1, Danger.NONE),
    SUDDEN("stopped suddenly", "came on slowly", OFTEN, 1, Danger.NONE),
    AFTER_STORM("after a storm", "no storm before it", SELDOM, 1, Danger.NONE),
    AFTER_WORK("after someone worked on it", "no one worked on it", SELDOM, 1, Danger.NONE),
    SHORT_CYCLES("starts and stops within minutes", "runs through", SELDOM, 1, Danger.NONE),
    WATER_IN_PAN("water stands in the pan", "pan dry", SELDOM, 1, Danger.NONE),
    THREE_PHASE("three-phase unit", "single-phase unit", OFTEN, 1, Danger.NONE),
    CONTACTOR_IN("contactor in", "contactor out", ALWAYS, 1, Danger.OPEN_PANEL),
    CONTACTOR_STAYS_IN("stays in with the coil wire off", "drops out with the coil wire off", NEVER, 3, Danger.LIVE),
    COIL_VOLTS("24 V at the coil", "no 24 V at the coil", ALWAYS, 2, Danger.LIVE),
    SECONDARY_VOLTS("24 V at the transformer", "no 24 V at the transformer", ALWAYS, 3, Danger.LIVE),
    LINE_VOLTS("volts on the contactor's line side", "a pair dead on the line side", ALWAYS, 2, Danger.LIVE),
    LOAD_VOLTS("volts on the contactor's load side", "a pair dead on the load side", ALWAYS, 2, Danger.LIVE),
    LEG_LOST("one leg lost", "no leg lost", SELDOM, 2, Danger.LIVE),
    HERM_OUT("HERM section out", "HERM section good", SELDOM, 5, Danger.OPEN_PANEL),
    FAN_OUT("FAN section out", "FAN section good", SELDOM, 5, Danger.OPEN_PANEL),
    SHELL_HOT("compressor shell hot", "compressor shell cool", SELDOM, 1, Danger.OPEN_PANEL),
    WINDING_OPEN("a compressor winding open to C", "compressor windings closed", NEVER, 8, Danger.OPEN_PANEL),
    GROUNDED("a winding to ground", "no winding to ground", NEVER, 8, Danger.OPEN_PANEL),
    LEAD_BURNT("lead or plug burnt", "leads and plug sound", SELDOM, 5, Danger.OPEN_PANEL),
    FAN_TURNS_FREE("blade turns freely", "blade bound", ALWAYS, 2, Danger.OPEN_PANEL),
    FUSE_OPEN("a fuse open by ohms", "fuses whole by ohms", SELDOM, 4, Danger.OPEN_PANEL),
    COIL_OPEN("contactor coil open by ohms", "contactor coil closed by ohms", NEVER, 3, Danger.OPEN_PANEL),
    SWITCH_OPEN("a pressure switch open", "pressure switches closed", SELDOM, 4, Danger.OPEN_PANEL),
    FLOAT_OPEN("float or proving switch open", "float and proving switch closed", SELDOM, 3, Danger.OPEN_PANEL),
    CONTROL_FUSE_OPEN("control fuse open", "control fuse whole", SELDOM, 2, Danger.OPEN_PANEL),
    COIL_DIRTY("condenser coil matted", "condenser coil clean", SELDOM, 1, Danger.NONE),
    FILTER_CHOKED("filter or wheel choked", "filter and wheel clean", SELDOM, 2, Danger.NONE),
    TWO_START_DEVICES("two start devices", "one start device or none", NEVER, 2, Danger.OPEN_PANEL),
    WIRE_RUBBED("a wire rubbed bare", "no wire rubbed", SELDOM, 8, Danger.OPEN_PANEL),
    AMPS_HIGH("compressor amps high", "compressor amps usual", SELDOM, 2, Danger.LIVE),
    NOT_PUMPING("low amps, near-equal pressures", "amps and pressures as usual", NEVER, 6, Danger.LIVE),
    BLOWER_HOT("blower motor too hot to touch", "blower motor cool", SELDOM, 3, Danger.OPEN_PANEL),
    BLOWER_CAPACITOR_OUT("blower capacitor out", "blower capacitor good", SELDOM, 6, Danger.OPEN_PANEL);

    /** What finding out exposes one to, as the minutes it weighs like. [practice] */
    enum Danger {
        NONE(0),
        OPEN_PANEL(2),
        LIVE(5);

        private final int minutes;

        Danger(int minutes) {
            this.minutes = minutes;
        }
    }

    private final String yes;
    private final String no;
    private final Likelihood usual;
    private final int minutes;
    private final Danger danger;

    Fact(String yes, String no, Likelihood usual, int minutes, Danger danger) {
        this.yes = yes;
        this.no = no;
        this.usual = usual;
        this.minutes = minutes;
        this.danger = danger;
    }

    /** In words, as it is or is not so. */
    public String words(boolean isSo) {
        return isSo ? yes : no;
    }

    Likelihood usual() {
        return usual;
    }

    public int minutes() {
        return minutes;
    }

    public boolean isLive() {
        return danger == Danger.LIVE;
    }

    /** Minutes, and what the danger weighs like in minutes. */
    public int effort() {
        return minutes + danger.minutes;
    }
}
