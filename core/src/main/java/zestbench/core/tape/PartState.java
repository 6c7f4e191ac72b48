package zestbench.core.tape;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import zestbench.core.Families;
import zestbench.core.family.Attribute;
import zestbench.core.family.Family;
import zestbench.core.family.HookupRequest;
import zestbench.core.family.HookupRequest.Site;
import zestbench.core.family.MatchRequest.Circuit;
import zestbench.core.family.Spec;
import zestbench.core.judgement.Demand;
import zestbench.core.judgement.Judged;
import zestbench.core.judgement.Verdict;
import zestbench.core.label.LabelRead.Doubt;
import zestbench.core.quantity.Quantity;
import zestbench.core.wiring.Sheet;
import zestbench.core.wiring.Wire;

/** Where one part stands, as its entries add up. */
public final class PartState {
    private static final int MOST_LEGS = 3;

    private final PartEntry.PartAdded added;
    private final PartTests tests = new PartTests(this);
    private String text = "";
    private Spec spec = Spec.EMPTY;
    private final Map<Entry.Checklist, Set<String>> ticked = new LinkedHashMap<>();
    private final List<String> photos = new ArrayList<>();
    private final Map<Demand, PartEntry.Overridden> overridden = new EnumMap<>(Demand.class);
    private int legs = MOST_LEGS;
    private List<Wire> wires = List.of();
    private List<Doubt> doubts = List.of();
    private PartEntry.@Nullable LeadsPrinted leads;
    private PartEntry.@Nullable SheaveSet sheave;
    private PartEntry.@Nullable Chosen chosen;
    private PartEntry.@Nullable PartClosed closed;
    private PartEntry.@Nullable Ordered ordered;
    private boolean sheetOpened;
    private long closedAtMillis;

    PartState(PartEntry.PartAdded added) {
        this.added = added;
    }

    void chosen(PartEntry.Chosen choice) {
        chosen = choice;
        restartHookup();
    }

    void putBack() {
        chosen = null;
        tests.amps().clear();
        restartHookup();
    }

    void wires(List<Wire> found) {
        wires = found;
        ticked.remove(Entry.Checklist.SHEET);
    }

    void leads(PartEntry.LeadsPrinted printed) {
        leads = printed;
        ticked.remove(Entry.Checklist.SHEET);
    }

    void openSheet() {
        sheetOpened = true;
    }

    void tick(Entry.Checklist list, String key, boolean on) {
        Set<String> keys = ticked.computeIfAbsent(list, l -> new LinkedHashSet<>());
        if (on) {
            keys.add(key);
        } else {
            keys.remove(key);
        }
    }

    void photo(String name) {
        photos.add(name);
    }

    void close(Line line, PartEntry.PartClosed end) {
        closed = end;
        closedAtMillis = line.atMillis();
    }

    void reopen() {
        closed = null;
    }

    void order(PartEntry.Ordered order) {
        ordered = order;
    }

    void endOrder() {
        ordered = null;
    }

    void goPast(PartEntry.Overridden over) {
        overridden.put(over.demand(), over);
    }

    void sheave(PartEntry.SheaveSet set) {
        sheave = set;
    }

    /** Readings that were judged by another label no longer stand; windings, looks and what was not judged hang on none. */
    void label(PartEntry.LabelRead read) {
        if (!read.spec().equals(spec)) {
            tests.judgedAnew();
        }
        text = read.text();
        spec = read.spec();
        List<Doubt> open = read.doubts();
        doubts = open == null ? List.of() : open;
    }

    /** What of its label was read with a doubt that nobody settled yet. */
    public List<Doubt> doubts() {
        return doubts;
    }

    private void restartHookup() {
        leads = null;
        tests.newReadings().clear();
        ticked.clear();
        sheetOpened = false;
    }

    public String id() {
        return added.part();
    }

    /** What was read and seen of it. */
    public PartTests tests() {
        return tests;
    }

    public PartEntry.PartAdded added() {
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

    /** Whether it may not run again. */
    public boolean isCondemned() {
        return closed != null && closed.outcome() == Entry.Outcome.CONDEMNED;
    }

    /** The new part's own leads as typed; null where they were not. */
    public PartEntry.@Nullable LeadsPrinted leads() {
        return leads;
    }

    /** The sheave that was last reckoned through; null where none was. */
    public PartEntry.@Nullable SheaveSet sheave() {
        return sheave;
    }

    /** What its sheet and proof are made from; empty until a replacement is chosen. */
    public Optional<HookupRequest> hookup(Circuit circuit, @Nullable Sheet capacitor) {
        PartEntry.Chosen choice = chosen;
        if (choice == null) {
            return Optional.empty();
        }
        PartEntry.LeadsPrinted printed = leads;
        return Optional.of(new HookupRequest(
                spec,
                choice.pieces().stream().map(Entry.Piece::spec).toList(),
                choice.assignment(),
                wires,
                new Site(
                        printed == null ? List.of() : printed.leads(),
                        printed == null ? "" : printed.connection(),
                        circuit,
                        capacitor)));
    }

    public List<Wire> wires() {
        return wires;
    }

    /** Whether a doubt is about what a match goes by, so that it is confirmed first. */
    public boolean isDeciding(Doubt doubt) {
        return family().attributes().stream().anyMatch(a -> a.name().equals(doubt.attribute()) && a.decides());
    }

    /** Wires as found; what the label prints of them until somebody looked. */
    public List<Wire> foundOrPrinted() {
        return wires.isEmpty() ? family().printed(spec) : wires;
    }

    public List<String> photos() {
        return photos;
    }

    public PartEntry.@Nullable Chosen chosen() {
        return chosen;
    }

    /** The order it waits for; null where it waits for none. */
    public PartEntry.@Nullable Ordered ordered() {
        return closed == null ? ordered : null;
    }

    public PartEntry.@Nullable PartClosed closed() {
        return closed;
    }

    /** When it was last closed; 0 where it never was. */
    public long closedAtMillis() {
        return closedAtMillis;
    }

    boolean isSheetOpened() {
        return sheetOpened;
    }

    public Set<String> ticked(Entry.Checklist list) {
        return ticked.getOrDefault(list, Set.of());
    }

    /** Takes over how many legs the circuit it is in has. */
    void isFedBy(int count) {
        legs = count;
    }

    /** Sections that readings are asked for, of the legs there are; empty until the label tells them. */
    public List<String> sections() {
        return ofLegs(family().sections(spec));
    }

    /** Terminals wires can be found on, of the legs there are. */
    public List<String> terminals() {
        return ofLegs(family().terminals(spec));
    }

    private List<String> ofLegs(List<String> names) {
        return names.stream().filter(name -> family().legOf(name) <= legs).toList();
    }

    /** Who went on past a STOP of this part, and why; null where nobody did. */
    public PartEntry.@Nullable Overridden overridden(Demand demand) {
        return overridden.get(demand);
    }

    /** What comes before it is tested on the bench, in a line; empty where it is read with the power on. [practice] */
    public String benchFirst() {
        if (!family().charged(spec).isEmpty()) {
            return "Power off, discharged, leads off";
        }
        boolean isByOhms = sections().stream().anyMatch(s -> family().quantity(s) == Quantity.OHMS);
        return isByOhms || family().turns() ? family().beforeOhms() : "";
    }

    /** Whether anyone kept what it looked like before its leads came off. */
    public boolean isFoundKept() {
        return !wires.isEmpty() || !photos.isEmpty();
    }

    public static Judged judged(Line line) {
        if (line.entry() instanceof PartEntry.Measured measured) {
            return measured.judged();
        }
        if (line.entry() instanceof PartEntry.AmpsRead read) {
            return read.judged();
        }
        if (line.entry() instanceof UnitEntry.SupplyRead read) {
            return read.judged();
        }
        throw new IllegalArgumentException("line " + line.number() + " is no reading");
    }

    /** What a family's label has to tell before a match can be decided. */
    public List<Attribute> missing() {
        return family().missing(spec);
    }

    /** The steps that are done. @param sheetSteps keys of the hook-up sheet; empty where it has none yet */
    public Set<Step> filled(List<String> sheetSteps) {
        Set<Step> out = EnumSet.noneOf(Step.class);
        add(out, Step.READ, !spec.isEmpty() && missing().isEmpty());
        add(out, Step.TEST, tests.isTested());
        add(
                out,
                Step.JUDGE,
                tests.isTested()
                        && tests.readings().values().stream()
                                .noneMatch(t -> t.judged().verdict() == Verdict.TOO_CLOSE));
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
