package zestbench.core.tape;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import zestbench.core.family.Look;
import zestbench.core.family.Trait;
import zestbench.core.family.Turning;
import zestbench.core.judgement.Verdict;
import zestbench.core.plate.Plates;
import zestbench.core.shop.ShopRules;
import zestbench.core.winding.PairOhms;

/** What was read and seen of one part, and what that says of it. */
public final class PartTests {
    private static final long MILLIS_PER_MINUTE = 60_000;

    private final PartState part;
    private final Map<String, Taken> readings = new LinkedHashMap<>();
    private final Map<String, Taken> newReadings = new LinkedHashMap<>();
    private final Map<String, Taken> amps = new LinkedHashMap<>();
    private final Map<String, PartEntry.Looked> looks = new LinkedHashMap<>();
    private long coolAtMillis;

    PartTests(PartState part) {
        this.part = part;
    }

    /** Readings that were judged by another label no longer stand; windings, looks and what was not judged hang on none. */
    void judgedAnew() {
        readings.values()
                .removeIf(t -> !(t.line().entry() instanceof PartEntry.WindingsRead)
                        && t.judged().verdict() != Verdict.NOT_JUDGED);
    }

    void looked(Line line, PartEntry.Looked look) {
        looks.put(look.look(), look);
        cooling(look, line.atMillis());
    }

    void amps(Line line, PartEntry.AmpsRead read) {
        boolean isTest = part.added().place().equals(read.at()) && part.chosen() == null;
        Map<String, Taken> to = isTest ? readings : amps;
        to.put(read.key(), new Taken(line, read.judged(), read.findings()));
        read.alongside().forEach(judged -> to.put(judged.subject(), new Taken(line, judged, List.of())));
    }

    /** A part that was tried hot has to cool; looked at again and cold, it need not. */
    private void cooling(PartEntry.Looked looked, long atMillis) {
        look(looked.look())
                .filter(look -> look.answers().stream().anyMatch(a -> a.coolMinutes() > 0))
                .ifPresent(look -> {
                    int minutes = look.answer(looked.seen())
                            .map(Look.Seen::coolMinutes)
                            .orElse(0);
                    coolAtMillis = minutes == 0 ? 0 : atMillis + minutes * MILLIS_PER_MINUTE;
                });
    }

    private Optional<Look> look(String key) {
        return part.family().looks(ShopRules.DEFAULT).stream()
                .filter(look -> look.key().equals(key))
                .findFirst();
    }

    /** What was seen that tells {@code what}; null where nobody looked. */
    public PartEntry.@Nullable Looked seen(Look.About what) {
        return looks.values().stream()
                .filter(looked ->
                        look(looked.look()).filter(l -> l.about() == what).isPresent())
                .findFirst()
                .orElse(null);
    }

    void measured(Line line, PartEntry.Measured measured) {
        String subject = measured.judged().subject();
        Taken taken = new Taken(line, measured.judged(), measured.findings());
        if (measured.piece() != null) {
            newReadings.put(measured.piece() + " " + subject, taken);
            return;
        }
        Taken before = readings.get(subject);
        if (before == null || !MethodsApart.benchStands(before.line(), measured)) {
            readings.put(subject, taken);
        }
    }

    /** Windings of the old part; a new one's say nothing of it. */
    void windings(Line line, PartEntry.WindingsRead read) {
        if (part.chosen() != null) {
            return;
        }
        boolean hasPairs = read.verdicts().stream().anyMatch(j -> !isToGround(j.subject()));
        if (hasPairs) {
            readings.entrySet()
                    .removeIf(e ->
                            !isToGround(e.getKey()) && e.getValue().line().entry() instanceof PartEntry.WindingsRead);
        }
        read.verdicts().forEach(judged -> readings.put(judged.subject(), new Taken(line, judged, read.findings())));
    }

    /** Judges amps whose rating became known after they were taken. */
    void judgeAmps(Plates plates) {
        for (Map<String, Taken> each : List.of(readings, amps)) {
            each.replaceAll((key, taken) -> {
                Line line = Rejudged.of(taken.line(), plates, labelAmps());
                return line == taken.line() || !(line.entry() instanceof PartEntry.AmpsRead read)
                        ? taken
                        : new Taken(taken.line(), read.judged(), read.findings());
            });
        }
    }

    /** A motor's own rating, where its label gives one; null where it does not. */
    private @Nullable Double labelAmps() {
        List<Double> amps = !part.family().turns()
                ? List.of()
                : part.spec().numbers(part.family().has(Trait.COMPRESSES) ? "ratedLoadAmps" : "fullLoadAmps");
        return amps.isEmpty() ? null : amps.get(0);
    }

    private static boolean isToGround(String subject) {
        return subject.endsWith(PairOhms.GROUND);
    }

    /** Of what is in question, by what they are of. */
    public Map<String, Taken> readings() {
        return readings;
    }

    /** Of what goes in, by piece and what they are of. */
    public Map<String, Taken> newReadings() {
        return newReadings;
    }

    /** Of the new motor as it runs. */
    public Map<String, Taken> amps() {
        return amps;
    }

    /** What was seen or felt, by its key. */
    public Map<String, PartEntry.Looked> looks() {
        return looks;
    }

    /** Keys of what was seen or felt, by the key of the look. */
    public Map<String, String> seen() {
        Map<String, String> out = new LinkedHashMap<>();
        looks.forEach((key, looked) -> out.put(key, looked.seen()));
        return out;
    }

    /** When it is cool again after it was tried; 0 where it was not. */
    public long coolAtMillis() {
        return coolAtMillis;
    }

    /** The worst verdict of all that was read and seen; null until something was. */
    public @Nullable Verdict verdict() {
        List<Verdict> all = new ArrayList<>();
        readings.values().forEach(t -> all.add(t.judged().verdict()));
        looks.values().forEach(l -> all.add(l.verdict()));
        Verdict worst = null;
        for (Verdict verdict : all) {
            worst = worst == null ? verdict : worst.worst(verdict);
        }
        return worst;
    }

    /** Whether everything read is good, so that nothing needs replacing. */
    public boolean isGood() {
        return isTested() && verdict() == Verdict.GOOD;
    }

    /** Whether everything that is asked for is read; a look that fails it ends the asking. */
    public boolean isTested() {
        List<String> asked = part.family().asked(part.spec());
        boolean isLost = looks.values().stream().anyMatch(l -> l.verdict() == Verdict.FAILED);
        return !asked.isEmpty() && (isLost || untested().isEmpty());
    }

    /** Names of the tests that are still asked for. */
    public List<String> untested() {
        Set<String> done = new LinkedHashSet<>(readings.keySet());
        done.addAll(looks.keySet());
        readings.forEach((subject, taken) -> {
            if (taken.line().entry() instanceof PartEntry.WindingsRead && !isToGround(subject)) {
                done.add(Turning.WINDINGS);
            }
        });
        return part.family().asked(part.spec()).stream()
                .filter(name -> !done.contains(name))
                .toList();
    }
}
