package zestbench.core.tape;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import zestbench.core.family.HookupRequest;
import zestbench.core.plate.PlateFacts;
import zestbench.core.plate.Plates;
import zestbench.core.quantity.InputProblem;
import zestbench.core.safety.Deadness;
import zestbench.core.safety.SafePeriod;
import zestbench.core.suspect.Fact;
import zestbench.core.suspect.Suspects;
import zestbench.core.wiring.Sheet;
import zestbench.core.wiring.Wire;

/** Where a call stands: a fold over its tape. */
public final class CallState {
    private final Map<String, PartState> parts = new LinkedHashMap<>();
    private final Set<Long> struck;
    private final SafePeriod safe = new SafePeriod();
    private final SupplyState supply = new SupplyState();
    private final Map<String, String> answers = new LinkedHashMap<>();
    private final Map<String, PlaceFound> places = new LinkedHashMap<>();
    private final Map<String, Line> windings = new LinkedHashMap<>();
    private final List<Line> windingsRead = new ArrayList<>();
    private final Map<Plates.Which, String> plateTexts = new EnumMap<>(Plates.Which.class);
    private Plates plates;
    private Entry.@Nullable CallEnded ended;

    /** What a place looked like before anything was moved. */
    public record PlaceFound(List<Wire> wires, List<String> photos) {
        private static final PlaceFound NOTHING = new PlaceFound(List.of(), List.of());
    }

    private CallState(Set<Long> struck, Plates plates) {
        this.struck = struck;
        this.plates = plates;
    }

    /**
     * Adds up {@code tape}.
     *
     * @param onRecord the unit's plates as its record has them; what was read on this call goes before them
     */
    public static CallState of(List<Line> tape, Plates onRecord) {
        Set<Long> struck = new LinkedHashSet<>();
        for (Line line : tape) {
            if (line.entry() instanceof Entry.Struck strike) {
                struck.add(strike.line());
            }
        }
        CallState state = new CallState(struck, onRecord);
        for (Line line : tape) {
            if (!struck.contains(line.number())) {
                state.take(line);
            }
        }
        return state;
    }

    private void take(Line line) {
        Entry entry = line.entry();
        if (entry instanceof Entry.PartAdded added) {
            parts.put(added.part(), new PartState(added));
        } else if (entry instanceof Entry.CallEnded end) {
            ended = end;
        } else if (entry instanceof Entry.CallReopened) {
            ended = null;
        } else if (entry.part() != null) {
            PartState part = parts.get(entry.part());
            if (part != null) {
                part.take(line);
            }
        } else {
            takeOfUnit(line);
        }
        takeSafety(line);
    }

    /** What belongs to the unit as a whole. */
    private void takeOfUnit(Line line) {
        Entry entry = line.entry();
        if (entry instanceof Entry.Answered answered) {
            answers.remove(answered.question());
            if (!answered.answer().isEmpty()) {
                answers.put(answered.question(), answered.answer());
            }
        } else if (entry instanceof Entry.PlateRead read) {
            plates = plates.with(read.which(), read.spec());
            plateTexts.put(read.which(), read.text());
        } else if (entry instanceof Entry.SupplyRead read) {
            supply.take(read.point(), read.judged().subject(), line);
        } else if (entry instanceof Entry.WindingsRead read) {
            windings.put(read.place(), line);
            windingsRead.add(line);
        } else if (entry instanceof Entry.PlaceWires found) {
            places.put(
                    found.place(),
                    new PlaceFound(found.wires(), place(found.place()).photos()));
        } else if (entry instanceof Entry.PlacePhoto photo) {
            PlaceFound before = place(photo.place());
            List<String> photos = new ArrayList<>(before.photos());
            photos.add(photo.photo());
            places.put(photo.place(), new PlaceFound(before.wires(), photos));
        }
    }

    private void takeSafety(Line line) {
        Entry entry = line.entry();
        if (entry instanceof Entry.DeadRead dead) {
            safe.read(dead.place(), dead.pair(), dead.volts(), line.atMillis());
        } else if (entry instanceof Entry.MeterProved) {
            safe.proved(line.atMillis());
        } else if (entry instanceof Entry.SafeTicked tick) {
            safe.tick(tick.key(), tick.on());
        } else if (isLive(entry)) {
            safe.alive();
        }
    }

    /** Amps, readings under load and volts of the supply are taken with the power on. */
    private static boolean isLive(Entry entry) {
        return entry instanceof Entry.PowerOn
                || entry instanceof Entry.AmpsRead
                || (entry instanceof Entry.SupplyRead read
                        && !read.point().isControl()
                        && read.judged().reading().value() >= Deadness.DEAD_VOLTS)
                || (entry instanceof Entry.Measured measured && measured.method() == Entry.Method.UNDER_LOAD);
    }

    /** Only figures, labels and notes can be struck; what moved stock is undone by its own step. */
    public static boolean isStrikable(Entry entry) {
        return entry instanceof Entry.Measured
                || entry instanceof Entry.DeadRead
                || entry instanceof Entry.AmpsRead
                || entry instanceof Entry.LabelRead
                || entry instanceof Entry.SupplyRead
                || entry instanceof Entry.WindingsRead
                || entry instanceof Entry.MeterProved
                || entry instanceof Entry.Answered
                || entry instanceof Entry.Noted;
    }

    public boolean isStruck(long number) {
        return struck.contains(number);
    }

    public Iterable<PartState> parts() {
        return parts.values();
    }

    /** The part named {@code id}; throws where there is none. */
    public PartState part(String id) {
        return Optional.ofNullable(parts.get(id))
                .orElseThrow(() -> InputProblem.of("part", id, "no such part on this call"));
    }

    public Entry.@Nullable CallEnded ended() {
        return ended;
    }

    /** Every pair that is asked for: the supply's, and those a capacitor in question can hold a charge across. */
    public Deadness deadness() {
        Map<String, List<String>> asked = new LinkedHashMap<>();
        asked.put(Deadness.SUPPLY, supplyPairs());
        for (PartState part : parts.values()) {
            if (part.closed() == null) {
                List<String> charged = part.family().charged().apply(part.spec());
                if (!charged.isEmpty()) {
                    asked.put(part.id(), charged);
                }
            }
        }
        return safe.deadness(asked);
    }

    /** The pairs that are read wherever line volts are read on this unit. */
    public List<String> supplyPairs() {
        PlateFacts facts = plates.facts();
        return Deadness.supplyPairs(facts.phase(), facts.nominalVolts());
    }

    /** What making safe asks for, and what of it is done since power was last on. */
    public List<SafePeriod.Step> safeSteps() {
        return safe.steps(deadness().isSupplyDead());
    }

    public Plates plates() {
        return plates;
    }

    /** The text a plate was read from on this call, its serial masked; empty where it was not. */
    public String plateText(Plates.Which which) {
        return plateTexts.getOrDefault(which, "");
    }

    public SupplyState supply() {
        return supply;
    }

    /** The latest reading of windings, by place. */
    public Map<String, Line> windings() {
        return windings;
    }

    /** Answers by question. */
    public Map<String, String> answers() {
        return answers;
    }

    /** What a place looked like; nothing where no one looked. */
    public PlaceFound place(String name) {
        return places.getOrDefault(name, PlaceFound.NOTHING);
    }

    /** The suspects by everything that is known so far. */
    public Suspects suspects() {
        return Suspects.of(evidence());
    }

    /** What is known for the suspects. */
    public Map<Fact, Boolean> evidence() {
        return Evidence.of(answers, plates.outdoor(), supply, windingsRead, parts.values());
    }

    /** Whether anything is known of the fault, beyond what the plate says of the unit. */
    public boolean isBegun() {
        return evidence().keySet().stream().anyMatch(fact -> fact != Fact.THREE_PHASE);
    }

    /** The hook-up sheet of a part whose replacement is chosen. */
    public static Optional<Sheet> sheet(PartState part) {
        Entry.Chosen chosen = part.chosen();
        if (chosen == null) {
            return Optional.empty();
        }
        return Optional.of(part.family()
                .hookup()
                .apply(new HookupRequest(
                        part.spec(),
                        chosen.pieces().stream().map(Entry.Piece::spec).toList(),
                        chosen.assignment(),
                        part.wires())));
    }

    public static Set<Step> filled(PartState part) {
        List<String> keys = sheet(part)
                .map(s -> s.steps().stream().map(Sheet.Step::key).toList())
                .orElse(List.of());
        return part.filled(keys);
    }
}
