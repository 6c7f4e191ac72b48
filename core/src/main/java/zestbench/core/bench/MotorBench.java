package zestbench.core.bench;

import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import zestbench.core.amps.RunningAmps;
import zestbench.core.bench.PartViews.CapacitorView;
import zestbench.core.bench.PartViews.JudgedView;
import zestbench.core.bench.PartViews.LeadsView;
import zestbench.core.bench.PartViews.LookView;
import zestbench.core.bench.PartViews.SeenView;
import zestbench.core.bench.PartViews.ServedView;
import zestbench.core.bench.PartViews.SpeedView;
import zestbench.core.family.PartProof;
import zestbench.core.family.Spec;
import zestbench.core.family.Trait;
import zestbench.core.family.Turning;
import zestbench.core.plate.RatedMotor;
import zestbench.core.quantity.Figures;
import zestbench.core.shop.ShopRules;
import zestbench.core.tape.CallState;
import zestbench.core.tape.PartEntry;
import zestbench.core.tape.PartState;
import zestbench.core.tape.ProofList;

/** What the bench shows of what is seen on a part, of a new one's leads, and of the capacitor that goes with a motor. */
final class MotorBench {
    private MotorBench() {}

    static List<ServedView> served(PartState part, CallState state) {
        String serves = part.added().serves();
        return RatedMotor.servedBy(serves).stream()
                .map(kind -> {
                    boolean isCompressor = kind == RunningAmps.Place.COMPRESSOR;
                    String name = RatedMotor.nameOf(kind, serves);
                    RunningAmps.Rated rated =
                            RatedMotor.at(state.plates(), name).rated();
                    return new ServedView(kind, name, isCompressor ? "RLA" : "FLA", rated.limit(kind));
                })
                .toList();
    }

    static List<SpeedView> speeds(PartState part, PartProof proof) {
        Turning turning = part.family().turning();
        if (turning == null) {
            return List.of();
        }
        PartEntry.Chosen chosen = part.chosen();
        List<String> names = chosen == null ? turning.taps(part.spec()) : proof.ampsAt();
        Spec label = chosen == null ? part.spec() : chosen.pieces().get(0).spec();
        List<String> taps = turning.taps(label);
        String rating = part.family().has(Trait.COMPRESSES) ? "RLA " : "FLA ";
        return names.stream()
                .map(name -> new SpeedView(
                        name,
                        turning.ratedAmps(label, Optional.empty(), taps.indexOf(name))
                                .map(a -> rating + Figures.plain(a) + " A")
                                .orElse(""),
                        ProofList.isRunning(part, name)))
                .toList();
    }

    static List<LookView> looks(PartState part, ShopRules rules) {
        return part.family().looks(rules).stream()
                .map(look -> {
                    PartEntry.Looked seen = part.tests().looks().get(look.key());
                    return new LookView(
                            look.key(),
                            look.question(),
                            look.isAsked(),
                            seen == null ? null : seen.seen(),
                            seen == null ? "" : seen.meaning(),
                            look.answers().stream()
                                    .map(a -> new SeenView(a.key(), a.words()))
                                    .toList());
                })
                .toList();
    }

    static @Nullable LeadsView leads(PartState part) {
        PartEntry.Chosen chosen = part.chosen();
        if (chosen == null || !part.family().turns()) {
            return null;
        }
        Spec label = chosen.pieces().get(0).spec();
        PartEntry.LeadsPrinted printed = part.leads();
        return new LeadsView(
                printed == null ? List.of() : printed.leads(),
                part.family().terminals(label),
                printed == null ? "" : printed.connection(),
                label.numberGroups("volts").size() > 1);
    }

    /** Primary leads of a chosen transformer, as its label prints them. */
    static List<String> primaryLeads(PartState part) {
        PartEntry.Chosen chosen = part.chosen();
        return chosen == null
                ? List.of()
                : part.family().primaryLeads(chosen.pieces().get(0).spec());
    }

    /** On which two leads the line was said to be, and what that comes to. */
    static @Nullable LookView pair(PartState part) {
        PartEntry.Looked pair = part.tests().looks().get(ProofList.PAIR);
        return pair == null
                ? null
                : new LookView(
                        ProofList.PAIR, pair.words(), true, pair.verdict().name(), pair.meaning(), List.of());
    }

    static @Nullable JudgedView sheave(PartState part) {
        PartEntry.SheaveSet set = part.sheave();
        return set == null ? null : JudgedView.of(0, set.judged(), set.findings());
    }

    /** The capacitor the chosen motor wants, and whether it is in question. */
    static @Nullable CapacitorView capacitor(PartState part, CallState state) {
        PartEntry.Chosen chosen = part.chosen();
        if (chosen == null || !part.family().turns()) {
            return null;
        }
        Spec label = chosen.pieces().get(0).spec();
        if (label.number("capacitorMicrofarads").isEmpty()) {
            return null;
        }
        String wanted = Figures.plain(label.number("capacitorMicrofarads").get()) + " µF"
                + label.number("capacitorVolts")
                        .map(v -> " " + Figures.plain(v) + " V")
                        .orElse("");
        PartState beside = state.together().capacitorOf(part).orElse(null);
        return new CapacitorView(
                wanted, beside == null ? null : beside.id(), beside != null && beside.chosen() != null);
    }
}
