package zestbench.core.tape;

import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import zestbench.core.family.HookupRequest;
import zestbench.core.quantity.InputProblem;
import zestbench.core.safety.Deadness;
import zestbench.core.wiring.Sheet;

/** Where a call stands: a fold over its tape. */
public final class CallState {
    private final Map<String, PartState> parts = new LinkedHashMap<>();
    private final Set<Long> struck;
    private final Deadness.Watch watch = new Deadness.Watch();
    private final int phase;
    private final double nominalVolts;
    private Entry.@Nullable CallEnded ended;

    private CallState(Set<Long> struck, int phase, double nominalVolts) {
        this.struck = struck;
        this.phase = phase;
        this.nominalVolts = nominalVolts;
    }

    /**
     * Adds up {@code tape}.
     *
     * @param phase of the unit's supply, 1 or 3
     * @param nominalVolts of the unit's supply, 0 where unknown
     */
    public static CallState of(List<Line> tape, int phase, double nominalVolts) {
        Set<Long> struck = new LinkedHashSet<>();
        for (Line line : tape) {
            if (line.entry() instanceof Entry.Struck strike) {
                struck.add(strike.line());
            }
        }
        CallState state = new CallState(struck, phase, nominalVolts);
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
        } else if (entry instanceof Entry.DeadRead dead) {
            watch.read(dead.place(), dead.pair(), dead.volts(), line.atMillis());
        } else if (entry instanceof Entry.CallEnded end) {
            ended = end;
        } else if (entry instanceof Entry.CallReopened) {
            ended = null;
        } else if (entry.part() != null) {
            PartState part = parts.get(entry.part());
            if (part != null) {
                part.take(line);
            }
        }
        if (isLive(entry)) {
            watch.alive();
        }
    }

    /** Amps and readings under load are taken with the power on. */
    private static boolean isLive(Entry entry) {
        return entry instanceof Entry.AmpsRead
                || (entry instanceof Entry.Measured measured && measured.method() == Entry.Method.UNDER_LOAD);
    }

    /** Only figures, labels and notes can be struck; what moved stock is undone by its own step. */
    public static boolean isStrikable(Entry entry) {
        return entry instanceof Entry.Measured
                || entry instanceof Entry.DeadRead
                || entry instanceof Entry.AmpsRead
                || entry instanceof Entry.LabelRead
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
        asked.put(Deadness.SUPPLY, Deadness.supplyPairs(phase, nominalVolts));
        for (PartState part : parts.values()) {
            if (part.closed() == null) {
                List<String> charged = part.family().charged().apply(part.spec());
                if (!charged.isEmpty()) {
                    asked.put(part.id(), charged);
                }
            }
        }
        return watch.of(asked);
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
