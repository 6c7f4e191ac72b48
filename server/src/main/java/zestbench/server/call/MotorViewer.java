package zestbench.server.call;

import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import zestbench.core.amps.RunningAmps;
import zestbench.core.family.Proof;
import zestbench.core.family.Spec;
import zestbench.core.motor.MotorFamily;
import zestbench.core.motor.MotorLabel;
import zestbench.core.plate.RatedMotor;
import zestbench.core.plate.UnitPlaces;
import zestbench.core.quantity.Figures;
import zestbench.core.shop.ShopRules;
import zestbench.core.tape.CallState;
import zestbench.core.tape.Entry;
import zestbench.core.tape.PartState;
import zestbench.core.tape.ProofList;
import zestbench.core.transformer.Primary;
import zestbench.core.transformer.TransformerLabel;
import zestbench.server.call.CallViews.CapacitorView;
import zestbench.server.call.CallViews.JudgedView;
import zestbench.server.call.CallViews.LeadsView;
import zestbench.server.call.CallViews.LookView;
import zestbench.server.call.CallViews.SeenView;
import zestbench.server.call.CallViews.ServedView;
import zestbench.server.call.CallViews.SpeedView;
import zestbench.server.unit.Place;
import zestbench.server.unit.Unit;

/** Makes the bench's view of what is seen on a part, of a new one's leads, and of the capacitor that goes with a motor. */
@Component
class MotorViewer {
    static List<ServedView> served(PartState part, CallState state) {
        String serves = part.added().serves();
        return RatedMotor.servedBy(serves).stream()
                .map(kind -> {
                    boolean isCompressor = kind == RunningAmps.Place.COMPRESSOR;
                    String name = RatedMotor.nameOf(kind, serves);
                    RunningAmps.Rated rated =
                            RatedMotor.at(state.plates(), name).rated();
                    return new ServedView(
                            kind,
                            name,
                            isCompressor ? "RLA" : "FLA",
                            isCompressor ? rated.ratedLoad() : rated.fullLoad());
                })
                .toList();
    }

    List<SpeedView> speeds(PartState part, Proof proof) {
        if (!isMotor(part)) {
            return List.of();
        }
        Entry.Chosen chosen = part.chosen();
        List<String> names = chosen == null ? MotorFamily.taps(part.spec()) : proof.ampsAt();
        Spec label = chosen == null ? part.spec() : chosen.pieces().get(0).spec();
        List<String> taps = MotorFamily.taps(label);
        return names.stream()
                .map(name -> new SpeedView(
                        name,
                        MotorFamily.ratedAmps(label, java.util.Optional.empty(), taps.indexOf(name))
                                .map(a -> "FLA " + Figures.plain(a) + " A")
                                .orElse(""),
                        ProofList.isRunning(part, name)))
                .toList();
    }

    List<LookView> looks(PartState part, ShopRules rules) {
        return part.family().looks().apply(rules).stream()
                .map(look -> {
                    Entry.Looked seen = part.looks().get(look.key());
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

    @Nullable
    LeadsView leads(PartState part) {
        Entry.Chosen chosen = part.chosen();
        if (chosen == null || !isMotor(part)) {
            return null;
        }
        Spec label = chosen.pieces().get(0).spec();
        Entry.LeadsPrinted printed = part.leads();
        return new LeadsView(
                printed == null ? List.of() : printed.leads(),
                part.family().terminals().apply(label),
                printed == null ? "" : printed.connection(),
                label.numberGroups("volts").size() > 1);
    }

    /** Primary leads of a chosen transformer, as its label prints them. */
    List<String> primaryLeads(PartState part) {
        Entry.Chosen chosen = part.chosen();
        boolean isTransformer = part.family().kind().equals(TransformerLabel.KIND);
        return chosen == null || !isTransformer
                ? List.of()
                : Primary.of(chosen.pieces().get(0).spec()).leads().stream()
                        .map(Primary.Lead::words)
                        .toList();
    }

    /** On which two leads the line was said to be, and what that comes to. */
    @Nullable
    LookView pair(PartState part) {
        Entry.Looked pair = part.looks().get(ProofList.PAIR);
        return pair == null
                ? null
                : new LookView(
                        ProofList.PAIR, pair.words(), true, pair.verdict().name(), pair.meaning(), List.of());
    }

    @Nullable
    JudgedView sheave(PartState part) {
        Entry.SheaveSet set = part.sheave();
        return set == null ? null : JudgedView.of(0, set.judged(), set.findings());
    }

    /** The capacitor the chosen motor wants, and where it is in question or could be. */
    @Nullable
    CapacitorView capacitor(PartState part, CallState state, @Nullable Unit unit) {
        Entry.Chosen chosen = part.chosen();
        if (chosen == null || !isMotor(part)) {
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
        PartState beside = state.capacitorOf(part).orElse(null);
        Long placeId = unit == null
                ? null
                : unit.places().stream()
                        .filter(p -> p.kind().equals("capacitor")
                                && UnitPlaces.isServedBy(part.added().place(), p.serves()))
                        .map(Place::id)
                        .findFirst()
                        .orElse(null);
        return new CapacitorView(
                wanted, beside == null ? null : beside.id(), placeId, beside != null && beside.chosen() != null);
    }

    private static boolean isMotor(PartState part) {
        return Objects.equals(part.family().kind(), MotorLabel.KIND);
    }
}
