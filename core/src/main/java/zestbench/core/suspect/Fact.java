package zestbench.core.suspect;

import static zestbench.core.suspect.Likelihood.ALWAYS;
import static zestbench.core.suspect.Likelihood.NEVER;
import static zestbench.core.suspect.Likelihood.OFTEN;
import static zestbench.core.suspect.Likelihood.PLAIN;
import static zestbench.core.suspect.Likelihood.RARE;
import static zestbench.core.suspect.Likelihood.SELDOM;
import static zestbench.core.suspect.Likelihood.SOMETIMES;

import java.util.Map;

/**
 * Something that can be asked, seen or measured, and is so or is not. It carries how likely it is where no fault has to do
 * with it, and what finding out costs: minutes, and more where it is done live. [practice]
 */
public enum Fact {
    INDOOR_RUNS("indoor blower runs", "indoor blower silent", ALWAYS, 1, Danger.NONE),
    OUTDOOR_FAN_RUNS("outdoor fan runs", "outdoor fan silent", ALWAYS, 1, Danger.NONE),
    COMPRESSOR_RUNS("compressor runs", "compressor does not run", ALWAYS, 1, Danger.NONE),
    COMPRESSOR_HUMS("compressor hums and drops out", "compressor does not hum", RARE, 1, Danger.NONE),
    BREAKER_OPENS("breaker or fuse opened", "breaker and fuses hold", RARE, 4, Danger.NONE),
    WEAK_AIR("little air at the registers", "usual air at the registers", SELDOM, 1, Danger.NONE),
    ICE("ice on the lines", "no ice", RARE, 1, Danger.NONE),
    RUNS_WITHOUT_CALL("runs with no call", "stops with the call", NEVER, 4, Danger.NONE),
    GROWLS("hums or buzzes loudly", "sounds as usual", SELDOM, 1, Danger.NONE),
    THERMOSTAT_LIT("thermostat lit", "thermostat dark", ALWAYS, 1, Danger.NONE),
    SUDDEN("stopped suddenly", "came on slowly", OFTEN, 1, Danger.NONE),
    COMES_AND_GOES("comes and goes", "all the time", SELDOM, 1, Danger.NONE),
    AFTER_STORM("after a storm", "no recent storm", SELDOM, 1, Danger.NONE),
    AFTER_WORK("worked on lately", "no one worked on it", SELDOM, 1, Danger.NONE),
    SHORT_CYCLES("starts and stops within minutes", "runs through", SELDOM, 3, Danger.NONE),
    WATER_IN_PAN("water stands in the pan", "pan dry", RARE, 3, Danger.NONE),
    THREE_PHASE("three-phase unit", "single-phase unit", SOMETIMES, 1, Danger.NONE),
    PACKAGED("packaged unit", "split system", OFTEN, 1, Danger.NONE),
    BOARD_LIT("the board's light is lit", "the board is dark", OFTEN, 2, Danger.OPEN_PANEL),
    CODE_LOCKED_ROTOR("the board blinks: locked rotor", "no locked-rotor code", NEVER, 2, Danger.NONE),
    CODE_PRESSURE("the board blinks: pressure switch", "no pressure code", NEVER, 2, Danger.NONE),
    CONTACTOR_IN("contactor in", "contactor out", ALWAYS, 1, Danger.OPEN_PANEL),
    CONTACTOR_STAYS_IN("stays in with the coil wire off", "drops out with the coil wire off", NEVER, 3, Danger.LIVE),
    COIL_VOLTS("24 V at the coil", "no 24 V at the coil", PLAIN, 1, Danger.OPEN_PANEL),
    CALL_VOLTS("24 V on Y at the thermostat", "no 24 V on Y at the thermostat", PLAIN, 1, Danger.NONE),
    SECONDARY_VOLTS("24 V at the transformer", "no 24 V at the transformer", PLAIN, 3, Danger.OPEN_PANEL),
    DISCONNECT_VOLTS("line volts at the disconnect", "a pair dead at the disconnect", PLAIN, 1, Danger.LIVE),
    LINE_VOLTS("volts on the contactor's line side", "a pair dead on the line side", PLAIN, 1, Danger.LIVE),
    LOAD_VOLTS("volts on the contactor's load side", "a pair dead on the load side", PLAIN, 1, Danger.LIVE),
    COMPRESSOR_VOLTS("volts at the compressor", "no volts at the compressor", PLAIN, 4, Danger.LIVE),
    FAN_VOLTS("volts at the outdoor fan", "no volts at the outdoor fan", PLAIN, 4, Danger.LIVE),
    INDOOR_VOLTS("volts at the indoor unit", "no volts at the indoor unit", PLAIN, 2, Danger.LIVE),
    BLOWER_VOLTS("volts at the blower", "no volts at the blower", PLAIN, 3, Danger.LIVE),
    LOW_VOLTS("volts fall far at the start", "volts hold at the start", RARE, 1, Danger.LIVE),
    LEG_LOST("one leg lost", "no leg lost", RARE, 2, Danger.LIVE),
    BACK_FED("a dead leg fed back through a motor", "no leg fed back", NEVER, 3, Danger.LIVE),
    HERM_OUT("HERM section out", "HERM section good", NEVER, 5, Danger.OPEN_PANEL),
    FAN_OUT("FAN section out", "FAN section good", NEVER, 5, Danger.OPEN_PANEL),
    READING_DOUBTFUL(
            "a section reads 0 though its motor turns", "readings go with what turns", NEVER, 3, Danger.OPEN_PANEL),
    SHELL_HOT("compressor shell hot", "compressor shell cool", SELDOM, 1, Danger.OPEN_PANEL),
    WINDING_OPEN("a compressor winding open to C", "compressor windings closed", NEVER, 4, Danger.OPEN_PANEL),
    GROUNDED("a winding to ground", "no winding to ground", NEVER, 5, Danger.OPEN_PANEL),
    LEAD_BURNT("lead or plug burnt", "leads and plug sound", RARE, 3, Danger.OPEN_PANEL),
    FAN_TURNS_FREE("blade turns freely", "blade bound", ALWAYS, 2, Danger.OPEN_PANEL),
    FUSE_OPEN("a fuse open by ohms", "fuses whole by ohms", NEVER, 5, Danger.OPEN_PANEL),
    COIL_OPEN("contactor coil open by ohms", "contactor coil closed by ohms", NEVER, 3, Danger.OPEN_PANEL),
    SWITCH_OPEN("a pressure switch open", "pressure switches closed", NEVER, 5, Danger.OPEN_PANEL),
    FLOAT_OPEN("float or proving switch open", "float and proving switch closed", NEVER, 3, Danger.OPEN_PANEL),
    CONTROL_FUSE_OPEN("control fuse open", "control fuse whole", NEVER, 2, Danger.OPEN_PANEL),
    COIL_DIRTY("condenser coil matted", "condenser coil clean", SELDOM, 1, Danger.NONE),
    FILTER_CHOKED("filter or wheel choked", "filter and wheel clean", SELDOM, 2, Danger.NONE),
    TWO_START_DEVICES("two start devices", "one start device or none", NEVER, 2, Danger.OPEN_PANEL),
    START_DEVICE_BAD("start device open or burst", "start device sound", NEVER, 5, Danger.OPEN_PANEL),
    WIRE_RUBBED("a wire rubbed bare", "no wire rubbed", NEVER, 8, Danger.OPEN_PANEL),
    AMPS_HIGH("compressor amps high", "compressor amps usual", SELDOM, 2, Danger.LIVE),
    START_AMPS_STAY("amps stay near LRA at the start", "amps fall after the start", RARE, 3, Danger.LIVE),
    NOT_PUMPING("near-equal pressures while it runs", "pressures part while it runs", NEVER, 6, Danger.LIVE),
    PHASES_REVERSED("phase order reversed", "phase order right", NEVER, 3, Danger.LIVE),
    SUPERHEAT_HIGH("superheat high", "superheat as it should be", RARE, 4, Danger.LIVE),
    SUBCOOLING_LOW("subcooling low", "subcooling as it should be", RARE, 4, Danger.LIVE),
    BLOWER_HOT("blower motor too hot to touch", "blower motor cool", RARE, 3, Danger.OPEN_PANEL),
    BLOWER_TURNS_FREE("blower wheel turns freely", "blower wheel bound", ALWAYS, 3, Danger.OPEN_PANEL),
    BLOWER_CAPACITOR_OUT("blower capacitor out", "blower capacitor good", NEVER, 6, Danger.OPEN_PANEL),
    HEATING("heat is called for", "cooling is called for", SOMETIMES, 1, Danger.NONE),
    GAS_HEAT("burns gas", "electric heat", OFTEN, 1, Danger.NONE),
    HEAT_PUMP("a heat pump", "no heat pump", SELDOM, 1, Danger.NONE),
    BLOWS_COLD("blows cold", "blows warm", RARE, 1, Danger.NONE),
    AUXILIARY_RUNS("auxiliary heat comes on", "no auxiliary heat", OFTEN, 3, Danger.NONE),
    FROST_THICK("outdoor coil iced over", "outdoor coil clear, or thin frost", RARE, 1, Danger.NONE),
    DEFROST_RUNS("defrosts when it is forced", "no defrost when it is forced", ALWAYS, 6, Danger.OPEN_PANEL),
    DEFROST_SENSOR_OUT("defrost sensor out by its chart", "defrost sensor by its chart", NEVER, 5, Danger.OPEN_PANEL),
    VALVE_COIL_RIGHT(
            "reversing valve's coil fed as heat asks",
            "reversing valve's coil not fed as heat asks",
            ALWAYS,
            4,
            Danger.OPEN_PANEL),
    VALVE_LEAKS(
            "the valve's lines not as its coil asks",
            "the valve's lines as its coil asks",
            NEVER,
            4,
            Danger.OPEN_PANEL),
    DRAFT_FAN_RUNS("draft inducer runs", "draft inducer silent", ALWAYS, 1, Danger.NONE),
    BURNER_LIGHTS("burner lights", "burner does not light", ALWAYS, 2, Danger.NONE),
    FLAME_STAYS("flame stays", "flame goes out within seconds", ALWAYS, 2, Danger.NONE),
    CODE_FLAME("the board blinks: ignition or flame", "no ignition code", NEVER, 2, Danger.NONE),
    CODE_LIMIT("the board blinks: limit or rollout", "no limit code", NEVER, 2, Danger.NONE),
    VENT_BLOCKED("vent, intake or drain blocked", "vent, intake and drain clear", NEVER, 4, Danger.NONE),
    IGNITER_GLOWS("igniter glows or sparks", "igniter dark", ALWAYS, 3, Danger.OPEN_PANEL),
    IGNITER_OPEN("igniter open by ohms", "igniter closed by ohms", NEVER, 4, Danger.OPEN_PANEL),
    DRAFT_SWITCH_OPEN("draft switch stays open", "draft switch closes", RARE, 4, Danger.LIVE),
    LIMIT_OPEN("a limit open", "limits closed", NEVER, 4, Danger.OPEN_PANEL),
    ROLLOUT_TRIPPED("rollout switch tripped", "rollout switch set", NEVER, 2, Danger.OPEN_PANEL),
    FLAME_SIGNAL_LOW("flame signal low", "flame signal by its sheet", NEVER, 6, Danger.LIVE),
    HEAT_VOLTS("24 V on W at the board", "no 24 V on W at the board", PLAIN, 2, Danger.OPEN_PANEL),
    GAS_VALVE_VOLTS("24 V at the gas valve", "no 24 V at the gas valve", PLAIN, 4, Danger.LIVE),
    ELEMENT_OPEN("a heater element open", "heater elements closed", NEVER, 5, Danger.OPEN_PANEL),
    ELEMENT_VOLTS("volts at the heater element", "no volts at the heater element", PLAIN, 4, Danger.LIVE);

    /** What finding out exposes one to, as the minutes it weighs like. [practice] */
    enum Danger {
        NONE(0),
        OPEN_PANEL(2),
        LIVE(3);

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

    /** Minutes, and what the danger weighs like in minutes: less once the panel is open, or the meter on live parts. */
    public int effort(Map<Fact, Boolean> known) {
        boolean isOpen = known.keySet().stream().anyMatch(f -> f.danger == Danger.OPEN_PANEL || f.isLive());
        boolean isMeasuring = known.keySet().stream().anyMatch(Fact::isLive);
        return minutes
                + switch (danger) {
                    case NONE -> 0;
                    case OPEN_PANEL -> isOpen ? 0 : danger.minutes;
                    case LIVE -> isMeasuring ? 1 : isOpen ? 2 : danger.minutes;
                };
    }

    /**
     * Whether what is known leaves nothing to find out about it: with the breaker open nothing runs and nothing is reset, a dark
     * thermostat has no 24 V, what runs is fed, a hot shell was called for.
     */
    boolean isIdle(Map<Fact, Boolean> known) {
        boolean isOff = is(BREAKER_OPENS, known) || is(FUSE_OPEN, known) || isNot(LINE_VOLTS, known);
        boolean isWorking = is(COMPRESSOR_RUNS, known)
                || is(RUNS_WITHOUT_CALL, known)
                || known.containsKey(SUBCOOLING_LOW)
                || known.containsKey(SUPERHEAT_HIGH);
        return switch (this) {
            case WEAK_AIR -> isNot(INDOOR_RUNS, known);
            case CALL_VOLTS -> isNot(THERMOSTAT_LIT, known) || isWorking || is(SHELL_HOT, known);
            case OUTDOOR_FAN_RUNS, COMPRESSOR_RUNS -> isOff || isWorking;
            case CONTACTOR_IN, COIL_VOLTS -> isOff || isWorking || is(SHELL_HOT, known);
            case COMPRESSOR_HUMS, COMPRESSOR_VOLTS, LOAD_VOLTS -> isOff || isWorking;
            case WINDING_OPEN, SWITCH_OPEN, COIL_OPEN, GROUNDED, LEAD_BURNT -> isWorking;
            case DISCONNECT_VOLTS, LINE_VOLTS -> isWorking || is(BREAKER_OPENS, known);
            case LEG_LOST, PHASES_REVERSED, BACK_FED -> isNot(THREE_PHASE, known);
            case FLAME_STAYS -> isNot(BURNER_LIGHTS, known) || isNot(GAS_HEAT, known);
            case BURNER_LIGHTS, IGNITER_GLOWS, DRAFT_SWITCH_OPEN, GAS_VALVE_VOLTS ->
                isNot(DRAFT_FAN_RUNS, known) || isNot(GAS_HEAT, known) || is(FLAME_STAYS, known);
            case FLAME_SIGNAL_LOW -> isNot(BURNER_LIGHTS, known) || isNot(GAS_HEAT, known);
            case IGNITER_OPEN -> is(BURNER_LIGHTS, known) || isNot(GAS_HEAT, known);
            case DRAFT_FAN_RUNS, CODE_FLAME, VENT_BLOCKED, ROLLOUT_TRIPPED -> isNot(GAS_HEAT, known);
            case ELEMENT_OPEN, ELEMENT_VOLTS -> is(GAS_HEAT, known);
            case BLOWS_COLD, VALVE_COIL_RIGHT, VALVE_LEAKS, DEFROST_RUNS -> isNot(COMPRESSOR_RUNS, known);
            case NOT_PUMPING, SUPERHEAT_HIGH, SUBCOOLING_LOW -> isNot(COMPRESSOR_RUNS, known);
            default -> false;
        };
    }

    private static boolean is(Fact fact, Map<Fact, Boolean> known) {
        return Boolean.TRUE.equals(known.get(fact));
    }

    private static boolean isNot(Fact fact, Map<Fact, Boolean> known) {
        return Boolean.FALSE.equals(known.get(fact));
    }
}
