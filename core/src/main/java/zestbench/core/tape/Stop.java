package zestbench.core.tape;

import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import zestbench.core.family.Look;
import zestbench.core.family.Trait;
import zestbench.core.judgement.Demand;
import zestbench.core.judgement.Finding;
import zestbench.core.plate.PlatesTogether;
import zestbench.core.plate.UnitPlaces;
import zestbench.core.shop.ShopRules;
import zestbench.core.supply.SupplyPoint;
import zestbench.core.tape.NextThing.CallStep;

/**
 * A STOP that stands on a call: what it asks for is the next action, until it is done or somebody goes on past it by name.
 *
 * @param demand what it asks for
 * @param text why
 * @param part the part it stands on; null where it stands on the unit
 * @param step where on the part it is seen to; null where that is on the unit
 * @param callStep where on the unit it is seen to; null where that is on the part
 */
public record Stop(
        Demand demand,
        String text,
        @Nullable String part,
        @Nullable Step step,
        @Nullable CallStep callStep) {

    /** What is asked for, in words. */
    public String words() {
        return demand.words();
    }

    /** As what a tap that says so where it stands closes its part; null where a reading or another step settles it. */
    public Entry.@Nullable Outcome ends() {
        return demand == Demand.TAKE_OUT && step != null ? Entry.Outcome.TAKEN_OUT : null;
    }

    /** Those that stand, a part's before the unit's. */
    public static List<Stop> of(CallState call) {
        Map<String, Stop> out = new LinkedHashMap<>();
        for (PartState part : call.parts()) {
            if (part.closed() == null) {
                ofPart(call, part).forEach(stop -> out.putIfAbsent(part.id() + stop.demand(), stop));
            }
        }
        for (Stop stop : ofUnit(call)) {
            if (!call.overridden().contains(stop.demand())) {
                out.putIfAbsent(stop.demand().name(), stop);
            }
        }
        return List.copyOf(out.values());
    }

    /** The one that stands before anything else on {@code part}; null where none does. */
    public static @Nullable Stop on(CallState call, PartState part) {
        return of(call).stream()
                .filter(s -> part.id().equals(s.part()))
                .findFirst()
                .orElse(null);
    }

    private static List<Stop> ofPart(CallState call, PartState part) {
        List<Stop> out = new ArrayList<>();
        for (PartEntry.Looked looked : part.tests().looks().values()) {
            demand(part, looked).ifPresent(d -> out.add(ofPart(call, part, d, looked.meaning())));
        }
        List<Taken> all = new ArrayList<>(part.tests().readings().values());
        all.addAll(part.tests().amps().values());
        for (Taken taken : all) {
            stops(taken.findings()).forEach((demand, text) -> {
                if (!isSeenTo(call, demand, taken.line().number())) {
                    out.add(ofPart(call, part, demand, text));
                }
            });
        }
        boolean isCauseFound = part.tests().seen(Look.About.CAUSE) != null;
        out.removeIf(s -> part.overridden(s.demand()) != null || (s.demand() == Demand.FIND_CAUSE && isCauseFound));
        return out;
    }

    /** Where a STOP of a part is seen to; work on its wires comes after making safe. */
    private static Stop ofPart(CallState call, PartState part, Demand demand, String text) {
        Step step = switch (demand) {
            case LISTED -> Step.MATCH;
            case SHEAVE -> Step.PROVE;
            default -> Step.TEST;
        };
        boolean isWork = demand == Demand.TAKE_OUT || demand == Demand.PULL_DISCONNECT;
        boolean isDead = call.deadness().isDeadFor(part.id());
        if (demand == Demand.LOADS_TO_GROUND) {
            return new Stop(demand, text, part.id(), null, CallStep.WINDINGS);
        }
        return isWork && !isDead
                ? new Stop(demand, text, part.id(), null, CallStep.SAFE)
                : new Stop(demand, text, part.id(), step, null);
    }

    private static Optional<Demand> demand(PartState part, PartEntry.Looked looked) {
        return part.family().looks(ShopRules.DEFAULT).stream()
                .filter(l -> l.key().equals(looked.look()))
                .flatMap(l -> l.answer(looked.seen()).stream())
                .map(Look.Seen::demand)
                .filter(java.util.Objects::nonNull)
                .findFirst();
    }

    /** What the two plates say against each other: it holds up no electrical repair, and stands before the unit is proved. */
    public static Optional<Stop> onPlates(CallState call) {
        return stops(PlatesTogether.findings(
                        call.plates().outdoor(), call.plates().indoor()))
                .entrySet()
                .stream()
                .filter(e -> !call.overridden().contains(e.getKey()))
                .map(e -> new Stop(e.getKey(), e.getValue(), null, null, placeOf(e.getKey())))
                .findFirst();
    }

    private static List<Stop> ofUnit(CallState call) {
        List<Stop> out = new ArrayList<>();
        boolean isRepaired = call.parts().iterator().hasNext();
        for (PartState part : call.parts()) {
            isRepaired &= part.closed() != null;
        }
        if (isRepaired) {
            onPlates(call).ifPresent(out::add);
        }
        for (Line line : call.windings().values()) {
            add(out, call, line.number(), ((PartEntry.WindingsRead) line.entry()).findings());
        }
        for (Line line : call.amps().values()) {
            add(out, call, line.number(), ((PartEntry.AmpsRead) line.entry()).findings());
        }
        for (Line line : call.starts().values()) {
            add(out, call, line.number(), ((StartEntry.StartCaught) line.entry()).findings());
        }
        for (SupplyPoint point : SupplyPoint.values()) {
            long last = call.supply().at(point).values().stream()
                    .mapToLong(Line::number)
                    .max()
                    .orElse(0);
            if (!point.isControl()) {
                add(out, call, last, call.supplyFindings(point));
            }
        }
        Line kept = call.leave().kept();
        if (kept != null && kept.entry() instanceof LeaveEntry.ProofKept proof) {
            add(out, call, kept.number(), proof.everyFinding());
        }
        return out;
    }

    private static void add(List<Stop> out, CallState call, long line, List<Finding> findings) {
        stops(findings).forEach((demand, text) -> {
            if (!isSeenTo(call, demand, line)) {
                out.add(new Stop(demand, text, null, null, placeOf(demand)));
            }
        });
    }

    /** Where a STOP of the unit is seen to. */
    private static CallStep placeOf(Demand demand) {
        return switch (demand) {
            case PULL_DISCONNECT, STOP_MOTOR, START_PARTS, FUSES -> CallStep.SAFE;
            case LOADS_TO_GROUND -> CallStep.WINDINGS;
            case UPSTREAM, UNBALANCE -> CallStep.SUPPLY;
            case REFRIGERANT -> CallStep.PLATE;
            case LIQUID -> CallStep.PROOF;
            case FIND_CAUSE, PUMPING, SHEAVE, TAKE_OUT, LISTED -> CallStep.ASK;
        };
    }

    /** Whether what a STOP asked for was done after it: @param line the one it stands on. */
    private static boolean isSeenTo(CallState call, Demand demand, long line) {
        return switch (demand) {
            case PULL_DISCONNECT, STOP_MOTOR -> call.deadness().isSupplyDead();
            case START_PARTS -> isReadSince(call, line, EnumSet.of(Trait.HOLDS_CHARGE, Trait.STARTS));
            case FUSES -> isReadSince(call, line, EnumSet.of(Trait.PROTECTS));
            case UPSTREAM -> isReadUpstream(call, line);
            case LOADS_TO_GROUND -> areAllReadToGround(call);
            default -> false;
        };
    }

    /** Whether line volts were read since at a point that is nearer to the source; control volts come from elsewhere. */
    private static boolean isReadUpstream(CallState call, long line) {
        for (SupplyPoint point : SupplyPoint.values()) {
            Collection<Line> read = call.supply().at(point).values();
            if (point.isControl() || read.stream().anyMatch(l -> l.number() == line)) {
                return false;
            }
            if (read.stream().anyMatch(l -> l.number() > line)) {
                return true;
            }
        }
        return false;
    }

    private static boolean isReadSince(CallState call, long line, Set<Trait> traits) {
        for (PartState part : call.parts()) {
            boolean isMeant = traits.stream().anyMatch(part.family()::has);
            if (isMeant
                    && part.tests().readings().values().stream()
                            .anyMatch(t -> t.line().number() > line)) {
                return true;
            }
        }
        return false;
    }

    /** Whether every motor of the unit has a reading to ground by now. */
    private static boolean areAllReadToGround(CallState call) {
        return UnitPlaces.of(call.plates().outdoor()).stream()
                .filter(p -> p.kind().equals("compressor") || p.kind().equals("motor"))
                .allMatch(p -> call.isReadToGround(p.name()));
    }

    private static Map<Demand, String> stops(List<Finding> findings) {
        Map<Demand, String> out = new LinkedHashMap<>();
        for (Finding finding : findings) {
            if (finding.severity() == Finding.Severity.STOP && finding.demand() != null) {
                out.putIfAbsent(finding.demand(), finding.text());
            }
        }
        return out;
    }
}
