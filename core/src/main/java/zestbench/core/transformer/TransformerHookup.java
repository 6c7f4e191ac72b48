package zestbench.core.transformer;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import zestbench.core.family.HookupRequest;
import zestbench.core.family.MatchRequest.Circuit;
import zestbench.core.family.Spec;
import zestbench.core.quantity.Figures;
import zestbench.core.quantity.Letters;
import zestbench.core.wiring.Graph;
import zestbench.core.wiring.Graph.Device;
import zestbench.core.wiring.Graph.Lead;
import zestbench.core.wiring.Graph.Spot;
import zestbench.core.wiring.Sheet;
import zestbench.core.wiring.Sheet.Step;
import zestbench.core.wiring.Wire;

/** Which two primary leads take the line, which are capped one by one, and where the secondary goes. */
final class TransformerHookup {
    private static final String COMMON = "PRI COM";
    private static final String SECONDARY_R = "SEC R";
    private static final String SECONDARY_C = "SEC C";

    private TransformerHookup() {}

    /** Terminals by what they are for: the common, each tap, the secondary. */
    static List<String> terminals(Spec spec) {
        List<String> out = new ArrayList<>(List.of(COMMON));
        TransformerMatch.taps(spec).forEach(v -> out.add(tap(v)));
        out.add(SECONDARY_R);
        out.add(SECONDARY_C);
        return out;
    }

    /** The leads that its label names by colour, each on what it is for. */
    static List<Wire> printed(Spec spec) {
        return Primary.of(spec).leads().stream()
                .map(lead -> new Wire(
                        lead.volts() == 0 ? COMMON : tap(lead.volts()), Letters.small(lead.colour()), null, ""))
                .toList();
    }

    private static String tap(double volts) {
        return "PRI " + Figures.plain(volts);
    }

    /** The two leads for the line that was measured; empty where line or leads are not known. */
    static Optional<Primary.Pair> intended(Spec offered, Circuit circuit) {
        Double line = circuit.lineVolts();
        Primary primary = Primary.of(offered);
        if (line == null || primary.common().isEmpty()) {
            return Optional.empty();
        }
        double rated = offered.number("secondaryVolts").orElse(24.0);
        return primary.named(line).map(tap -> Primary.pair(primary.common().get(), tap, line, rated));
    }

    static Sheet sheet(HookupRequest request) {
        Spec now = request.pieces().get(0);
        Double line = request.site().circuit().lineVolts();
        List<Step> steps = new ArrayList<>();
        List<Lead> leads = new ArrayList<>();
        List<Spot> capped = new ArrayList<>();
        List<String> oldTerminals = new ArrayList<>(terminals(request.old()));
        List<Wire> wires = request.wires();
        wires.stream()
                .map(Wire::terminal)
                .filter(t -> !oldTerminals.contains(t))
                .forEach(oldTerminals::add);
        Graph found = new Graph(
                List.of(new Device(TransformerFamily.FAMILY.shortText(request.old()), oldTerminals, false)),
                wires.stream()
                        .map(w -> new Lead(w, new Spot(0, w.terminal()), false))
                        .toList(),
                List.of(),
                List.of());
        Primary primary = Primary.of(now);
        Optional<Primary.Pair> pair = intended(now, request.site().circuit());
        if (line == null) {
            steps.add(new Step("measure", "", "", "Measure the line before a tap is chosen, and put it on the tape"));
        } else if (pair.isEmpty()) {
            steps.add(new Step(
                    "leads",
                    "",
                    "",
                    "Take the two leads its own label names for " + Figures.plain(line)
                            + " V: type its lead list to have them named here"));
        }
        String usedTap = pair.map(p -> tap(p.two().volts())).orElse("");
        for (Primary.Lead lead : primary.leads()) {
            String terminal = lead.volts() == 0 ? COMMON : tap(lead.volts());
            String colour = Letters.small(lead.colour());
            Spot spot = new Spot(0, terminal);
            boolean isUsed = pair.isPresent() && (lead.volts() == 0 || terminal.equals(usedTap));
            if (isUsed) {
                String to = leadsTo(wires, lead.volts() == 0);
                leads.add(new Lead(new Wire(terminal, colour, null, to), spot, false, "lead-" + terminal));
                steps.add(new Step("lead-" + terminal, colour, "", lead.words() + " to " + to));
            } else if (pair.isPresent()) {
                capped.add(spot);
                steps.add(new Step("cap-" + terminal, colour, "", "Cap " + lead.words() + " by itself: it is live"));
            }
        }
        pair.ifPresent(p -> steps.add(new Step("proof", "", "", "Before power: " + p.words())));
        for (Wire wire : wires) {
            if (wire.terminal().startsWith("SEC")) {
                leads.add(new Lead(wire, new Spot(0, wire.terminal()), false));
                steps.add(new Step(
                        "wire-" + wire.terminal(), wire.colour(), "", wire.text() + ": back on " + wire.terminal()));
            }
        }
        now.number("voltAmps").ifPresent(va -> {
            double amps = va / now.number("secondaryVolts").orElse(24.0);
            steps.add(new Step(
                    "fuse",
                    "",
                    "",
                    "Secondary fused if the old one was, at most " + Figures.fixed(1.67 * amps, 1) + " A"));
        });
        List<String> newTerminals = new ArrayList<>(terminals(now));
        leads.stream()
                .map(l -> l.at().terminal())
                .filter(t -> !newTerminals.contains(t))
                .forEach(newTerminals::add);
        capped.stream()
                .map(Spot::terminal)
                .filter(t -> !newTerminals.contains(t))
                .forEach(newTerminals::add);
        Device is = new Device(TransformerFamily.FAMILY.shortText(now), newTerminals, false);
        List<String> notes = line == null
                ? List.of()
                : primary.pairs(line, now.number("secondaryVolts").orElse(24.0)).stream()
                        .map(Primary.Pair::words)
                        .toList();
        return new Sheet(found, new Graph(List.of(is), leads, List.of(), capped), steps, notes);
    }

    private static String leadsTo(List<Wire> wires, boolean isCommon) {
        return wires.stream()
                .filter(w -> w.terminal().startsWith("PRI") && w.terminal().equals(COMMON) == isCommon)
                .map(w -> w.name().isBlank() ? w.text() : w.name())
                .findFirst()
                .orElse(isCommon ? "one leg of the line" : "the other leg of the line");
    }
}
