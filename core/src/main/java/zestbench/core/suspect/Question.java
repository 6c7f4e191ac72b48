package zestbench.core.suspect;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import zestbench.core.quantity.Letters;

/**
 * What is asked in taps: a few words and the answers to choose from, each of which settles one or more facts.
 *
 * @param asked whether the customer can answer it; else it is looked at or measured at the unit
 */
public record Question(String key, String words, boolean asked, List<Answer> answers) {
    /** One answer. @param facts what it settles */
    public record Answer(String key, String words, Map<Fact, Boolean> facts) {}

    private static final Pattern NO_HEAT = Pattern.compile(
            "\\b(no|not|won't|doesn't|isn't|without|never|little|weak) heat(s|ing)?\\b|\\bheat(ing)? (is )?(out|off|gone|fails)\\b");

    /** The answer that it heats with a heat pump. */
    public static final String PUMP = "pump";

    /** In the order they are asked. */
    public static final List<Question> ALL = questions();

    private static List<Question> questions() {
        List<Question> out = new ArrayList<>();
        out.add(plain(Fact.HEATING, true, "Called for", "heat", "cooling"));
        out.add(new Question(
                Fact.GAS_HEAT.name(),
                "Heats with",
                true,
                List.of(
                        new Answer("yes", "gas", facts(Fact.GAS_HEAT, true, Fact.HEAT_PUMP, false)),
                        new Answer("no", "electric heat", facts(Fact.GAS_HEAT, false, Fact.HEAT_PUMP, false)),
                        new Answer(PUMP, "a heat pump", facts(Fact.GAS_HEAT, false, Fact.HEAT_PUMP, true)))));
        out.add(plain(Fact.INDOOR_RUNS, true, "Indoor blower", "runs", "silent"));
        out.add(plain(Fact.OUTDOOR_FAN_RUNS, true, "Outdoor fan", "runs", "silent"));
        out.add(new Question(
                "compressor",
                "Compressor",
                true,
                List.of(
                        new Answer("runs", "runs", facts(Fact.COMPRESSOR_RUNS, true, Fact.COMPRESSOR_HUMS, false)),
                        new Answer(
                                "hums",
                                "hums, clicks off",
                                facts(Fact.COMPRESSOR_RUNS, false, Fact.COMPRESSOR_HUMS, true)),
                        new Answer(
                                "silent", "silent", facts(Fact.COMPRESSOR_RUNS, false, Fact.COMPRESSOR_HUMS, false)))));
        out.add(plain(Fact.BLOWS_COLD, true, "It blows", "cold", "warm"));
        out.add(plain(Fact.FROST_THICK, true, "Outdoor coil", "iced over", "clear or thin frost"));
        out.add(plain(Fact.AUXILIARY_RUNS, true, "Auxiliary heat", "comes on", "stays off"));
        out.add(plain(Fact.DRAFT_FAN_RUNS, true, "Draft inducer", "runs", "silent"));
        out.add(plain(Fact.BURNER_LIGHTS, true, "Burner", "lights", "stays dark"));
        out.add(plain(Fact.FLAME_STAYS, true, "Once lit, the flame", "stays", "goes out"));
        out.add(plain(Fact.WEAK_AIR, true, "Air at the registers", "little", "as usual"));
        out.add(plain(Fact.BREAKER_OPENS, true, "Breaker or fuse", "opened", "holds"));
        out.add(plain(Fact.ICE, true, "Ice on the lines", "yes", "no"));
        out.add(plain(Fact.GROWLS, true, "Sound", "hums or buzzes", "as usual"));
        out.add(plain(Fact.THERMOSTAT_LIT, true, "Thermostat", "lit", "dark"));
        out.add(plain(Fact.RUNS_WITHOUT_CALL, true, "Runs with no call", "yes", "no"));
        out.add(plain(Fact.SHORT_CYCLES, true, "Starts and stops", "yes", "no"));
        out.add(plain(Fact.SUDDEN, true, "Since when", "all at once", "bit by bit"));
        out.add(plain(Fact.COMES_AND_GOES, true, "Comes and goes", "yes", "no"));
        out.add(plain(Fact.AFTER_STORM, true, "Recent storm", "yes", "no"));
        out.add(plain(Fact.AFTER_WORK, true, "Worked on lately", "yes", "no"));
        out.add(plain(Fact.WATER_IN_PAN, true, "Water in the pan", "yes", "no"));
        out.add(plain(Fact.PACKAGED, true, "Unit", "packaged", "split"));
        out.add(plain(Fact.BOARD_LIT, false, "Light on the board", "lit", "dark"));
        out.add(new Question(
                "code",
                "It blinks, by the unit's own chart",
                false,
                List.of(
                        new Answer(
                                "locked-rotor",
                                "locked rotor",
                                facts(Fact.BOARD_LIT, true, Fact.CODE_LOCKED_ROTOR, true)),
                        new Answer(
                                "pressure", "pressure switch", facts(Fact.BOARD_LIT, true, Fact.CODE_PRESSURE, true)),
                        new Answer(
                                "none",
                                "no such code",
                                facts(Fact.CODE_LOCKED_ROTOR, false, Fact.CODE_PRESSURE, false)))));
        out.add(plain(Fact.CODE_FLAME, false, "It blinks: ignition, flame", "yes", "no"));
        out.add(plain(Fact.CODE_LIMIT, false, "It blinks: limit, rollout", "yes", "no"));
        out.add(plain(Fact.VENT_BLOCKED, false, "Vent, intake, condensate drain", "blocked", "clear"));
        out.add(plain(Fact.IGNITER_GLOWS, false, "Igniter", "glows or sparks", "dark"));
        out.add(plain(Fact.IGNITER_OPEN, false, "Igniter by ohms, cold", "open", "closed"));
        out.add(plain(Fact.DRAFT_SWITCH_OPEN, false, "Draft switch, inducer at speed", "stays open", "closes"));
        out.add(plain(Fact.LIMIT_OPEN, false, "Limits, cold", "one open", "closed"));
        out.add(plain(Fact.ROLLOUT_TRIPPED, false, "Rollout switch", "tripped", "set"));
        out.add(plain(Fact.FLAME_SIGNAL_LOW, false, "Flame signal, by the board's sheet", "low", "as it should be"));
        out.add(plain(Fact.HEAT_VOLTS, false, "24 V on W at the board", "there", "not there"));
        out.add(plain(Fact.GAS_VALVE_VOLTS, false, "24 V at the gas valve", "there", "not there"));
        out.add(plain(Fact.ELEMENT_OPEN, false, "Heater elements by ohms", "one open", "closed"));
        out.add(plain(Fact.ELEMENT_VOLTS, false, "At the heater element", "live", "dead"));
        out.add(plain(
                Fact.VALVE_COIL_RIGHT, false, "Reversing valve's coil, by its diagram", "fed as heat asks", "not so"));
        out.add(plain(
                Fact.VALVE_LEAKS, false, "Its four lines, to the hand", "not as its coil asks", "as its coil asks"));
        out.add(plain(Fact.DEFROST_RUNS, false, "A forced defrost", "runs", "does not"));
        out.add(plain(Fact.DEFROST_SENSOR_OUT, false, "Defrost sensor, by its chart", "out", "good"));
        out.add(plain(Fact.CONTACTOR_IN, false, "Contactor", "in", "out"));
        out.add(plain(Fact.SHELL_HOT, false, "Compressor shell", "hot", "cool"));
        out.add(plain(Fact.FAN_TURNS_FREE, false, "Fan blade by hand", "turns", "bound"));
        out.add(plain(Fact.COIL_DIRTY, false, "Condenser coil", "matted", "clean"));
        out.add(plain(Fact.FILTER_CHOKED, false, "Filter and wheel", "choked", "clean"));
        out.add(plain(Fact.LEAD_BURNT, false, "Leads and plug", "burnt", "sound"));
        out.add(plain(Fact.WIRE_RUBBED, false, "Wire rubbed bare", "found", "none"));
        out.add(plain(Fact.FUSE_OPEN, false, "Fuses by ohms", "one open", "whole"));
        out.add(plain(Fact.CONTROL_FUSE_OPEN, false, "Control fuse", "open", "whole"));
        out.add(plain(Fact.SWITCH_OPEN, false, "Pressure switches", "one open", "closed"));
        out.add(plain(Fact.FLOAT_OPEN, false, "Float, proving switch", "open", "closed"));
        out.add(plain(Fact.COIL_OPEN, false, "Contactor coil by ohms", "open", "closed"));
        out.add(plain(Fact.CONTACTOR_STAYS_IN, false, "Coil wire off", "stays in", "drops out"));
        out.add(plain(Fact.WINDING_OPEN, false, "Compressor windings", "one open to C", "closed"));
        out.add(plain(Fact.GROUNDED, false, "Windings to ground", "grounded", "clear"));
        out.add(plain(Fact.TWO_START_DEVICES, false, "Start devices", "two", "one or none"));
        out.add(plain(Fact.AMPS_HIGH, false, "Compressor amps", "high", "as usual"));
        out.add(plain(Fact.START_AMPS_STAY, false, "Amps at the start", "stay near LRA", "fall"));
        out.add(plain(Fact.LOW_VOLTS, false, "Volts at the start", "fall far", "hold"));
        out.add(plain(Fact.NOT_PUMPING, false, "Pressures while it runs", "near-equal", "part"));
        out.add(plain(Fact.PHASES_REVERSED, false, "Phase order", "reversed", "right"));
        out.add(plain(Fact.SUPERHEAT_HIGH, false, "Superheat", "high", "as it should be"));
        out.add(plain(Fact.SUBCOOLING_LOW, false, "Subcooling", "low", "as it should be"));
        out.add(plain(Fact.START_DEVICE_BAD, false, "Start device alone, cold", "open or burst", "sound"));
        out.add(plain(Fact.BLOWER_HOT, false, "Blower motor", "too hot to touch", "cool"));
        out.add(plain(Fact.BLOWER_TURNS_FREE, false, "Blower wheel by hand", "turns", "bound"));
        out.add(plain(Fact.BLOWER_CAPACITOR_OUT, false, "Blower capacitor", "out", "good"));
        out.add(plain(Fact.HERM_OUT, false, "HERM section", "out", "good"));
        out.add(plain(Fact.FAN_OUT, false, "FAN section", "out", "good"));
        out.add(plain(Fact.READING_DOUBTFUL, false, "Reads 0, its motor turns", "yes", "no"));
        out.add(plain(Fact.DISCONNECT_VOLTS, false, "At the disconnect", "all pairs live", "a pair dead"));
        out.add(plain(Fact.COMPRESSOR_VOLTS, false, "At the compressor's terminals", "live", "dead"));
        out.add(plain(Fact.FAN_VOLTS, false, "At the outdoor fan's leads", "live", "dead"));
        out.add(plain(Fact.INDOOR_VOLTS, false, "At the indoor unit", "live", "dead"));
        out.add(plain(Fact.BLOWER_VOLTS, false, "At the blower's leads", "live", "dead"));
        out.add(plain(Fact.BACK_FED, false, "A dead leg fed back", "yes", "no"));
        out.add(plain(Fact.LINE_VOLTS, false, "Contactor line side", "all pairs live", "a pair dead"));
        out.add(plain(Fact.LOAD_VOLTS, false, "Contactor load side", "all pairs live", "a pair dead"));
        out.add(plain(Fact.LEG_LOST, false, "Leg to leg", "one leg lost", "all there"));
        out.add(plain(Fact.CALL_VOLTS, false, "24 V on Y at the thermostat", "there", "not there"));
        out.add(plain(Fact.COIL_VOLTS, false, "24 V at the coil", "there", "not there"));
        out.add(plain(Fact.SECONDARY_VOLTS, false, "24 V at the transformer", "there", "not there"));
        out.add(plain(Fact.THREE_PHASE, false, "Supply", "three-phase", "single-phase"));
        return List.copyOf(out);
    }

    private static Question plain(Fact fact, boolean asked, String words, String yes, String no) {
        return new Question(
                fact.name(),
                words,
                asked,
                List.of(new Answer("yes", yes, Map.of(fact, true)), new Answer("no", no, Map.of(fact, false))));
    }

    private static Map<Fact, Boolean> facts(Fact one, boolean first, Fact two, boolean second) {
        Map<Fact, Boolean> out = new EnumMap<>(Fact.class);
        out.put(one, first);
        out.put(two, second);
        return out;
    }

    /** What is worth asking where {@code known} is known: a heating call has other questions than a cooling one. */
    public static List<Question> of(Map<Fact, Boolean> known) {
        Set<Fact> asked = Suspects.asked(known);
        return ALL.stream()
                .filter(q -> q.answers().stream()
                        .anyMatch(a -> a.facts().keySet().stream().anyMatch(asked::contains)))
                .toList();
    }

    /** What a complaint says by itself: that heat is called for. Keys of answers by keys of questions. */
    public static Map<String, String> answersIn(String complaint) {
        String said = Letters.small(complaint);
        if (!NO_HEAT.matcher(said).find()) {
            return Map.of();
        }
        return said.contains("heat pump")
                ? Map.of(Fact.HEATING.name(), "yes", Fact.GAS_HEAT.name(), PUMP)
                : Map.of(Fact.HEATING.name(), "yes");
    }

    public static Optional<Question> named(String key) {
        return ALL.stream().filter(q -> q.key().equals(key)).findFirst();
    }

    /** What answers settle. @param answers keys of answers by keys of questions */
    public static Map<Fact, Boolean> facts(Map<String, String> answers) {
        Map<Fact, Boolean> out = new EnumMap<>(Fact.class);
        answers.forEach((question, answer) ->
                named(question).flatMap(q -> q.answer(answer)).ifPresent(a -> out.putAll(a.facts())));
        return out;
    }

    /** The question that settles {@code fact}. */
    public static Question about(Fact fact) {
        return ALL.stream()
                .filter(q -> q.answers().stream().anyMatch(a -> a.facts().containsKey(fact)))
                .findFirst()
                .orElseThrow();
    }

    public Optional<Answer> answer(String answerKey) {
        return answers.stream().filter(a -> a.key().equals(answerKey)).findFirst();
    }
}
