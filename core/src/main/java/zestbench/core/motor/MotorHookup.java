package zestbench.core.motor;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import zestbench.core.family.HookupRequest;
import zestbench.core.family.Spec;
import zestbench.core.quantity.Figures;
import zestbench.core.shop.ShopRules;
import zestbench.core.wiring.Graph;
import zestbench.core.wiring.Graph.Device;
import zestbench.core.wiring.Graph.Jumper;
import zestbench.core.wiring.Graph.Lead;
import zestbench.core.wiring.Graph.Spot;
import zestbench.core.wiring.Sheet;
import zestbench.core.wiring.Sheet.Step;
import zestbench.core.wiring.Wire;

/** Where each lead of a new motor goes: by what it is for, never by its colour. */
final class MotorHookup {
    /** The stud of a dual capacitor that a fan motor hangs on. */
    private static final String FAN = "FAN";

    private final HookupRequest request;
    private final MotorRating old;
    private final MotorRating now;
    private final MotorPair pair;
    private final List<Wire> wires;
    private final List<Step> steps = new ArrayList<>();
    private final List<Lead> leads = new ArrayList<>();
    private final List<String> terminals;

    private MotorHookup(HookupRequest request) {
        this.request = request;
        this.old = MotorRating.from(request.old());
        this.now = MotorRating.from(request.pieces().get(0));
        this.pair = new MotorPair(old, now, request.site().circuit(), ShopRules.DEFAULT);
        this.wires = request.wires().isEmpty() ? unnamed(old) : request.wires();
        this.terminals = new ArrayList<>(MotorTerminals.of(now));
        request.site().leads().stream()
                .map(Wire::terminal)
                .filter(t -> !terminals.contains(t))
                .forEach(terminals::add);
    }

    /** The sheet for putting the chosen motor in the place of the old one. */
    static Sheet sheet(HookupRequest request) {
        return new MotorHookup(request).run();
    }

    /** Speed taps of the new motor that the wires as found ask for, fastest first; empty for a single speed. */
    static List<String> usedTaps(HookupRequest request) {
        MotorHookup hookup = new MotorHookup(request);
        List<String> taps = MotorTerminals.taps(hookup.now);
        return taps.stream()
                .filter(t ->
                        hookup.wires.stream().anyMatch(w -> hookup.servedBy(w).equals(t)))
                .toList();
    }

    /** How many speed taps the wires as found are on; 1 where nothing is known. */
    static int usedTaps(MotorRating motor, List<Wire> wires) {
        List<String> taps = MotorTerminals.taps(motor);
        long used = wires.stream()
                .map(Wire::terminal)
                .filter(taps::contains)
                .distinct()
                .count();
        return (int) Math.max(1, used);
    }

    private static List<Wire> unnamed(MotorRating old) {
        List<String> taps = MotorTerminals.taps(old);
        return MotorTerminals.of(old).stream()
                .filter(t -> !t.equals(MotorTerminals.REVERSING))
                .filter(t -> !taps.contains(t) || t.equals(taps.get(0)))
                .map(t -> new Wire(t, "", null, "what was on " + t))
                .toList();
    }

    private Sheet run() {
        Device was = new Device(old.shortText(), foundTerminals(), false);
        Graph found = new Graph(
                List.of(was),
                wires.stream()
                        .map(w -> new Lead(w, new Spot(0, w.terminal()), false))
                        .toList(),
                List.of(),
                List.of());
        for (int i = 0; i < wires.size(); i++) {
            lead(wires.get(i), i);
        }
        List<Jumper> jumpers = connection();
        turning();
        capacitor();
        List<Spot> capped = unused(jumpers);
        mechanics();
        Device is = new Device(now.shortText(), terminals, false);
        return new Sheet(found, new Graph(List.of(is), leads, jumpers, capped), steps);
    }

    private List<String> foundTerminals() {
        List<String> out = new ArrayList<>(MotorTerminals.of(old));
        wires.stream().map(Wire::terminal).filter(t -> !out.contains(t)).forEach(out::add);
        return out;
    }

    private String servedBy(Wire wire) {
        String terminal = MotorTerminals.servedBy(wire.terminal(), old, now);
        return terminal.isEmpty() && terminals.contains(wire.terminal()) ? wire.terminal() : terminal;
    }

    private void lead(Wire wire, int index) {
        String key = "wire-" + (index + 1);
        String where = wire.name().isBlank() ? "where " + wire.text() + " was" : wire.name();
        String terminal = servedBy(wire);
        if (terminal.isEmpty()) {
            step(key, wire, "Cap " + where + ": this motor has no " + wire.terminal());
            return;
        }
        Wire printed = printed(terminal);
        boolean moved = !terminal.equals(wire.terminal());
        if (terminal.equals(MotorTerminals.CAPACITOR) && startStud() != null) {
            where = startStud();
        }
        leads.add(new Lead(
                new Wire(terminal, printed.colour(), printed.tracer(), where), new Spot(0, terminal), moved, key));
        step(key, printed, terminal + " to " + where + (moved ? ", which was on " + wire.terminal() : ""));
    }

    /** The new motor's own lead, by its label; plain where the label was not typed. */
    private Wire printed(String terminal) {
        return request.site().leads().stream()
                .filter(w -> w.terminal().equals(terminal))
                .findFirst()
                .orElse(new Wire(terminal, "", null, ""));
    }

    private List<Jumper> connection() {
        if (now.volts().size() < 2) {
            return List.of();
        }
        Connection connection = Connection.of(
                now, pair.connection(now), pair.lineVolts(), request.site().connection());
        steps.add(new Step("connection", "", "", connection.text()));
        return connection.jumpers();
    }

    private void turning() {
        Optional<String> hand = old.leadEndRotation();
        if (now.isReversible() && MotorPair.phaseOf(now).orElse(1) == 1) {
            steps.add(new Step(
                    "turning",
                    "",
                    "",
                    hand.map(h -> "Reversing leads for " + turning(h) + ", as its label draws them")
                            .orElse("Reversing leads for the way the old motor turned, as its label draws them")));
        }
    }

    /** {@code CW seen from the leads, CCW from the shaft}. */
    static String turning(String leadEnd) {
        return leadEnd + " seen from the leads, " + (leadEnd.equals("CW") ? "CCW" : "CW") + " from the shaft";
    }

    private void capacitor() {
        if (!MotorTerminals.wantsCapacitor(now) || now.microfarads().isEmpty()) {
            return;
        }
        String wanted = LoadRules.capacitorText(now);
        Sheet beside = request.site().capacitor();
        steps.add(new Step(
                "capacitor",
                "",
                "",
                beside == null
                        ? "Run capacitor for this motor: " + wanted + ". Choose it on its own board"
                        : "Run capacitor for this motor: " + wanted + ", by its own sheet"));
        if (beside == null) {
            return;
        }
        for (Spot spot : beside.left().freedSince(beside.found())) {
            steps.add(new Step(
                    "freed-" + spot.terminal(),
                    "",
                    "",
                    spot.terminal() + " of the "
                            + beside.left().devices().get(spot.device()).caption() + " stays bare: insulate it"));
        }
    }

    /** Where the motor's own section of the capacitor is once that is replaced; null where it stays or is not known. */
    private @Nullable String startStud() {
        Sheet beside = request.site().capacitor();
        if (beside == null) {
            return null;
        }
        List<Lead> moved = beside.left().leads().stream().filter(Lead::moved).toList();
        return moved.stream()
                .filter(l -> l.wire().terminal().equals(FAN) || moved.size() == 1)
                .map(l -> l.at().terminal() + " of the "
                        + beside.left().devices().get(l.at().device()).caption() + ", no longer "
                        + l.wire().terminal())
                .findFirst()
                .orElse(null);
    }

    /** Leads that nothing is on: taps are live, so each is capped by itself. */
    private List<Spot> unused(List<Jumper> jumpers) {
        Graph sofar = new Graph(List.of(), leads, jumpers, List.of());
        List<String> taps = MotorTerminals.taps(now);
        List<Spot> out = new ArrayList<>();
        for (String terminal : terminals) {
            Spot spot = new Spot(0, terminal);
            boolean isTap = taps.contains(terminal);
            boolean isPrinted =
                    request.site().leads().stream().anyMatch(w -> w.terminal().equals(terminal));
            boolean isReversing = terminal.startsWith(MotorTerminals.REVERSING);
            if (sofar.isUsed(spot) || isReversing || !(isTap || isPrinted)) {
                continue;
            }
            out.add(spot);
            String what = isTap
                    ? ": an unused tap is live, capped by itself, never joined"
                    : ": nothing goes on it here, capped by itself unless its label says otherwise";
            step("cap-" + terminal, printed(terminal), "Cap " + terminal + what);
        }
        return out;
    }

    private void step(String key, Wire wire, String text) {
        String colour = wire.colour().isBlank() ? "" : wire.text().split(":", 2)[0] + ": ";
        steps.add(
                new Step(key, wire.colour(), Optional.ofNullable(wire.tracer()).orElse(""), colour + text));
    }

    private void mechanics() {
        Spec was = request.old();
        steps.add(new Step(
                "blade-depth",
                "",
                "",
                was.number("bladeDepthInches")
                        .map(d -> "Blade back " + Figures.plain(d) + " in deep in its ring"
                                + was.number("bladeDiameterInches")
                                        .map(b -> ", " + Figures.plain(b) + " in blade")
                                        .orElse("")
                                + ", set screw on the flat")
                        .orElse("Blade back at the depth it had: measure that before it comes off")));
        band();
        String enclosure = now.text("enclosure").orElse("");
        if (enclosure.equals("TEAO") || enclosure.equals("TENV")) {
            steps.add(new Step("drain", "", "", "Drain plug out at the lowest point, the others in"));
        }
        steps.add(new Step("routing", "", "", "Wires in a drip loop, tied clear of blade and shell"));
    }

    private void band() {
        Optional<Double> oldBody = old.number("bodyDiameterInches");
        Optional<Double> body = now.number("bodyDiameterInches");
        boolean isOther = oldBody.isPresent()
                && body.isPresent()
                && Math.abs(oldBody.get() - body.get()) > MotorLimits.BAND_WITHIN_INCHES;
        Optional<Double> shaft = now.number("shaftDiameterInches");
        String on = shaft.map(s -> "; hub on its " + Figures.plain(s) + " in shaft without force")
                .orElse("; hub on the shaft without force");
        steps.add(new Step(
                "band",
                "",
                "",
                (isOther ? "Another belly band, for " + MotorPair.worded(body, "in") : "Mount or belly band tight")
                        + on));
    }
}
