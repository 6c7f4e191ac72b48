package zestbench.core.tape;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import zestbench.core.Families;
import zestbench.core.family.Attribute;
import zestbench.core.family.Family;
import zestbench.core.family.Spec;
import zestbench.core.judgement.Judged;
import zestbench.core.judgement.Verdict;
import zestbench.core.wiring.Wire;

/** Where one part stands, as its entries add up. */
public final class PartState {
    private final Entry.PartAdded added;
    private String text = "";
    private Spec spec = Spec.EMPTY;
    private final Map<String, Line> readings = new LinkedHashMap<>();
    private final Map<String, Line> newReadings = new LinkedHashMap<>();
    private final Map<String, Line> amps = new LinkedHashMap<>();
    private final Map<Entry.Checklist, Set<String>> ticked = new LinkedHashMap<>();
    private final List<String> photos = new ArrayList<>();
    private List<Wire> wires = List.of();
    private Entry.@Nullable Chosen chosen;
    private Entry.@Nullable PartClosed closed;
    private boolean sheetOpened;

    PartState(Entry.PartAdded added) {
        this.added = added;
    }

    void take(Line line) {
        Entry entry = line.entry();
        if (entry instanceof Entry.LabelRead read) {
            if (!read.spec().equals(spec)) {
                readings.clear();
            }
            text = read.text();
            spec = read.spec();
        } else if (entry instanceof Entry.Measured measured) {
            String subject = measured.judged().subject();
            if (measured.piece() == null) {
                Line before = readings.get(subject);
                if (before == null || !MethodsApart.benchStands(before, measured)) {
                    readings.put(subject, line);
                }
            } else {
                newReadings.put(measured.piece() + " " + subject, line);
            }
        } else if (entry instanceof Entry.Chosen choice) {
            chosen = choice;
            restartHookup();
        } else if (entry instanceof Entry.PutBack) {
            chosen = null;
            restartHookup();
        } else if (entry instanceof Entry.WiresFound found) {
            wires = found.wires();
            ticked.remove(Entry.Checklist.SHEET);
        } else if (entry instanceof Entry.SheetOpened) {
            sheetOpened = true;
        } else if (entry instanceof Entry.Ticked tick) {
            Set<String> keys = ticked.computeIfAbsent(tick.list(), l -> new LinkedHashSet<>());
            if (tick.on()) {
                keys.add(tick.key());
            } else {
                keys.remove(tick.key());
            }
        } else if (entry instanceof Entry.AmpsRead read) {
            amps.put(read.place().name(), line);
        } else if (entry instanceof Entry.PhotoAdded photo) {
            photos.add(photo.photo());
        } else if (entry instanceof Entry.PartClosed end) {
            closed = end;
        } else if (entry instanceof Entry.PartReopened) {
            closed = null;
        }
    }

    private void restartHookup() {
        newReadings.clear();
        ticked.clear();
        sheetOpened = false;
    }

    public String id() {
        return added.part();
    }

    public Entry.PartAdded added() {
        return added;
    }

    public Family family() {
        return Families.named(added.kind());
    }

    public String text() {
        return text;
    }

    public Spec spec() {
        return spec;
    }

    public Map<String, Line> readings() {
        return readings;
    }

    public Map<String, Line> newReadings() {
        return newReadings;
    }

    public Map<String, Line> amps() {
        return amps;
    }

    public List<Wire> wires() {
        return wires;
    }

    public List<String> photos() {
        return photos;
    }

    public Entry.@Nullable Chosen chosen() {
        return chosen;
    }

    public Entry.@Nullable PartClosed closed() {
        return closed;
    }

    public boolean isSheetOpened() {
        return sheetOpened;
    }

    public Set<String> ticked(Entry.Checklist list) {
        return ticked.getOrDefault(list, Set.of());
    }

    /** Sections that readings are asked for; empty until the label tells them. */
    public List<String> sections() {
        return family().sections().apply(spec);
    }

    /** The worst verdict of all sections; null until one is read. */
    public @Nullable Verdict verdict() {
        Verdict worst = null;
        for (Line line : readings.values()) {
            Verdict verdict = judged(line).verdict();
            worst = worst == null ? verdict : worst.worst(verdict);
        }
        return worst;
    }

    public static Judged judged(Line line) {
        if (line.entry() instanceof Entry.Measured measured) {
            return measured.judged();
        }
        if (line.entry() instanceof Entry.AmpsRead read) {
            return read.judged();
        }
        if (line.entry() instanceof Entry.SupplyRead read) {
            return read.judged();
        }
        throw new IllegalArgumentException("line " + line.number() + " is no reading");
    }

    /** Whether everything read is good, so that nothing needs replacing. */
    public boolean isGood() {
        return isTested() && verdict() == Verdict.GOOD;
    }

    public boolean isTested() {
        List<String> sections = sections();
        return !sections.isEmpty() && readings.keySet().containsAll(sections);
    }

    /** What a family's label has to tell before a match can be decided. */
    public List<Attribute> missing() {
        return family().missing().apply(spec);
    }

    /** The steps that are done. @param sheetSteps keys of the hook-up sheet; empty where it has none yet */
    public Set<Step> filled(List<String> sheetSteps) {
        Set<Step> out = EnumSet.noneOf(Step.class);
        add(out, Step.READ, !spec.isEmpty() && missing().isEmpty());
        add(out, Step.TEST, isTested());
        add(
                out,
                Step.JUDGE,
                isTested()
                        && readings.values().stream().noneMatch(l -> judged(l).verdict() == Verdict.TOO_CLOSE));
        add(out, Step.MATCH, chosen != null);
        boolean sheetDone =
                !sheetSteps.isEmpty() && ticked(Entry.Checklist.SHEET).containsAll(sheetSteps);
        add(out, Step.HOOK_UP, chosen != null && sheetDone);
        add(out, Step.PROVE, closed != null);
        return out;
    }

    private static void add(Set<Step> steps, Step step, boolean done) {
        if (done) {
            steps.add(step);
        }
    }
}
