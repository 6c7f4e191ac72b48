package zestbench.core.capacitor;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import zestbench.core.family.HookupRequest;
import zestbench.core.family.MatchAnswer.Assignment;
import zestbench.core.family.Sections;
import zestbench.core.wiring.Graph;
import zestbench.core.wiring.Graph.Device;
import zestbench.core.wiring.Graph.Jumper;
import zestbench.core.wiring.Graph.Lead;
import zestbench.core.wiring.Graph.Spot;
import zestbench.core.wiring.Sheet;
import zestbench.core.wiring.Sheet.Step;
import zestbench.core.wiring.Wire;

/**
 * Where each wire goes when a capacitor is replaced. Each section sits between its motor's start lead and the common,
 * which is on the leg that feeds the motors' run windings.
 */
public final class CapacitorHookup {
    /** The stud that joins both sections. */
    private static final String COMMON = "C";
    /** The two studs of a single capacitor; a is the line side. */
    private static final String LINE_SIDE = "a";

    private static final String START_SIDE = "b";

    private final CapacitorRating old;
    private final List<CapacitorRating> pieces;
    private final List<Assignment> assignment;
    private final List<Wire> wires;
    private final List<Step> steps = new ArrayList<>();

    private CapacitorHookup(HookupRequest request) {
        this.old = CapacitorRating.from(request.old());
        this.pieces = request.pieces().stream().map(CapacitorRating::from).toList();
        this.assignment = request.assignment();
        this.wires = request.wires().isEmpty() ? unnamed(old) : request.wires();
    }

    /** The sheet for putting the chosen pieces in the place of the old capacitor. */
    public static Sheet sheet(HookupRequest request) {
        CapacitorHookup hookup = new CapacitorHookup(request);
        Graph found = hookup.found();
        return new Sheet(found, hookup.left(), hookup.steps);
    }

    private static List<Wire> unnamed(CapacitorRating old) {
        return terminals(old).stream()
                .map(t -> new Wire(t, "", null, "wires found on " + t))
                .toList();
    }

    static List<String> terminals(CapacitorRating rating) {
        if (rating.isDual()) {
            return List.of(Sections.FAN, COMMON, Sections.HERM);
        }
        if (rating.sections().size() <= 1) {
            return List.of(LINE_SIDE, START_SIDE);
        }
        List<String> out = new ArrayList<>(List.of(COMMON));
        out.addAll(rating.subjects());
        return out;
    }

    private Graph found() {
        List<Lead> leads = wires.stream()
                .map(w -> new Lead(w, new Spot(0, w.terminal()), false))
                .toList();
        return new Graph(List.of(device(old)), leads, List.of(), List.of());
    }

    private static Device device(CapacitorRating rating) {
        return new Device(rating.voltsText(), terminals(rating));
    }

    private Graph left() {
        List<Device> devices = pieces.stream().map(CapacitorHookup::device).toList();
        List<Jumper> jumpers = new ArrayList<>();
        for (int piece = 1; piece < pieces.size(); piece++) {
            Spot from = new Spot(0, commonOf(pieces.get(0)));
            Spot to = new Spot(piece, commonOf(pieces.get(piece)));
            jumpers.add(new Jumper(from, to, jumperStep(jumpers.size() + 1, from, to)));
        }
        for (@Nullable String slot : slots()) {
            List<Spot> spots = spotsFor(slot);
            for (int i = 1; i < spots.size(); i++) {
                Spot from = spots.get(i - 1);
                Spot to = spots.get(i);
                jumpers.add(new Jumper(from, to, jumperStep(jumpers.size() + 1, from, to)));
            }
        }
        List<Lead> leads = new ArrayList<>();
        for (int i = 0; i < wires.size(); i++) {
            leads.add(lead(wires.get(i), i));
        }
        return new Graph(devices, leads, jumpers, insulated());
    }

    /** The key of its step. */
    private String jumperStep(int number, Spot from, Spot to) {
        String key = "jumper-" + number;
        steps.add(new Step(key, "black", "", "New jumper, " + place(from) + " to " + place(to) + ", pushed on hard"));
        return key;
    }

    private Lead lead(Wire wire, int index) {
        boolean common = isCommon(wire.terminal());
        Spot spot = common
                ? new Spot(0, commonOf(pieces.get(0)))
                : spotsFor(slotOf(wire.terminal())).get(0);
        boolean moved = !common && !spot.terminal().equals(wire.terminal());
        String what = wire.text();
        String text;
        if (moved) {
            text = what + ": from " + wire.terminal() + " to " + place(spot);
        } else if (common && !spot.terminal().equals(wire.terminal())) {
            text = what + ": stays common, on " + place(spot);
        } else {
            text = what + ": back on " + place(spot);
        }
        String tracer = wire.tracer() == null ? "" : wire.tracer();
        boolean stays = pieces.size() == 1 && spot.terminal().equals(wire.terminal());
        String key = "wire-" + (index + 1);
        steps.add(new Step(key, wire.colour(), tracer, text, stays));
        return new Lead(wire, spot, moved, key);
    }

    private List<Spot> insulated() {
        List<Spot> out = new ArrayList<>();
        for (int piece = 0; piece < pieces.size(); piece++) {
            CapacitorRating rating = pieces.get(piece);
            for (int section = 0;
                    rating.sections().size() > 1 && section < rating.sections().size();
                    section++) {
                if (!isUsed(piece, section)) {
                    Spot spot = new Spot(piece, rating.sections().get(section).label(section));
                    out.add(spot);
                    steps.add(new Step(
                            "cap-" + (piece + 1) + "-" + spot.terminal(),
                            "",
                            "",
                            "Insulate " + place(spot) + ", no wire on it"));
                }
            }
        }
        return out;
    }

    private boolean isUsed(int piece, int section) {
        return assignment.stream()
                .anyMatch(a -> a.piece() == piece && a.sections().contains(section));
    }

    private List<@Nullable String> slots() {
        List<@Nullable String> out = new ArrayList<>();
        for (Assignment a : assignment) {
            if (!out.contains(a.terminal())) {
                out.add(a.terminal());
            }
        }
        return out;
    }

    private @Nullable String slotOf(String terminal) {
        return old.isDual() ? terminal : null;
    }

    private List<Spot> spotsFor(@Nullable String slot) {
        List<Spot> out = new ArrayList<>();
        for (Assignment a : assignment) {
            if (Objects.equals(a.terminal(), slot)) {
                CapacitorRating rating = pieces.get(a.piece());
                for (int section : a.sections()) {
                    String stud = rating.sections().size() == 1
                            ? START_SIDE
                            : rating.sections().get(section).label(section);
                    out.add(new Spot(a.piece(), stud));
                }
            }
        }
        return out.isEmpty() ? List.of(new Spot(0, START_SIDE)) : out;
    }

    private String place(Spot spot) {
        String of = pieces.size() > 1 ? " of the " + pieces.get(spot.device()).valueText() : "";
        return spot.terminal() + of;
    }

    private static String commonOf(CapacitorRating rating) {
        return rating.sections().size() == 1 ? LINE_SIDE : COMMON;
    }

    private static boolean isCommon(String terminal) {
        return terminal.equals(COMMON) || terminal.equals(LINE_SIDE);
    }
}
