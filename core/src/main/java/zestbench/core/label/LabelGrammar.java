package zestbench.core.label;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import org.jspecify.annotations.Nullable;

/** What the labels of one family can say, declared: its fields, and the words that go with them. */
public final class LabelGrammar {
    /** Names of what no rating is: what stands behind them is nobody's figure. */
    private static final List<String> FOREIGN = LabelField.words(
            "torque|wt|weight|ship wt|net weight|date|date code|mfd date|mfd. date|lot|p/n|pn|part no|part number",
            "cat no|file|e file|ul file|u.l. file|patent|pat|pat no|reorder|tel|phone|made|made in|listed|iec|en",
            "din|ul|sccr|tq|wire|instruction sheet|rev|scan|model|type no|ser|serial|qa|starts per hour|case size",
            "current");

    private static final List<String> FILLERS = LabelField.words(
            "the|a|is|of|for|with|at|in|on|it|its|it's|says|use|only|no|rated|rating|max|min|type|part|ac|dc|c.a.",
            "ca|each|ea|sym|rms|company|co|inc|made|electric|mexico|usa|required|req'd|class|value|one|same|and",
            "or|to|spare|new|old|code|ip44|ip54|ip00|ip24|s1|two|x");

    private final String kind;
    private final List<LabelField> fields = new ArrayList<>();
    private final Map<String, Integer> paths = new LinkedHashMap<>();
    private final Vocabulary vocabulary = new Vocabulary();
    private final Map<String, Double> groups = new HashMap<>();
    private final Map<String, Long> marks = new HashMap<>();
    private final Map<String, Set<String>> groupsOf = new HashMap<>();
    private final Set<String> core = new HashSet<>();
    private final Set<String> telling = new HashSet<>();
    private final Set<String> onlyOne = new HashSet<>();
    private final List<LabelField> bare = new ArrayList<>();
    private Finish finish = taken -> {};
    private @Nullable ToDoubleFunction<Taking> physics;

    /** Turns what was taken into the fields of a spec, where that needs more than setting them. */
    public interface Finish {
        void finish(Taking taking);
    }

    public LabelGrammar(String kind) {
        this.kind = kind;
        FOREIGN.forEach(word -> vocabulary.add(word, new Meaning.Foreign()));
        FILLERS.forEach(word -> vocabulary.add(word, new Meaning.Filler()));
    }

    /** Declares a field. */
    public LabelGrammar field(LabelField field) {
        fields.add(field);
        marks.merge(field.group(), 1L << path(field.group() + "." + field.path()), (a, b) -> a | b);
        groupsOf.computeIfAbsent(field.path(), p -> new HashSet<>()).add(field.group());
        field.names().forEach(name -> vocabulary.add(name, new Meaning.Name(field)));
        field.choices().forEach((word, value) -> vocabulary.add(word, new Meaning.Choice(field, value)));
        if (field.shape() != null && (field.bare() < LabelField.NEVER || field.alone() < LabelField.NEVER)) {
            bare.add(field);
        }
        return this;
    }

    /** Words that say what the following is about. @param cost of taking a figure for this group where nothing is said */
    public LabelGrammar about(String group, double cost, String... words) {
        groups.put(group, cost);
        for (String word : LabelField.words(words)) {
            vocabulary.add(word, new Meaning.About(group));
        }
        return this;
    }

    /** What such a label hardly ever goes without: one of these fields. */
    public LabelGrammar hasAnyOf(String... fieldPaths) {
        core.addAll(LabelField.words(fieldPaths));
        return this;
    }

    /** Whether a reading has what such a label hardly ever goes without. */
    boolean isUsual(Set<String> taken) {
        return core.isEmpty() || core.stream().anyMatch(taken::contains);
    }

    /** A text is told to be such a label, among all kinds, only where one of these fields stands in it. */
    public LabelGrammar toldOnlyBy(String... fieldPaths) {
        telling.addAll(LabelField.words(fieldPaths));
        return this;
    }

    /** Whether a reading has what tells such a label from those of other kinds. */
    boolean isTold(Set<String> taken) {
        return telling.isEmpty() || telling.stream().anyMatch(taken::contains);
    }

    /** Where a label says two things of this, neither is taken before somebody has looked. */
    public LabelGrammar onlyOne(String path) {
        onlyOne.add(path);
        return this;
    }

    boolean isOnlyOne(String path) {
        return onlyOne.contains(path);
    }

    /** Words that say what the label is of. */
    public LabelGrammar tells(String... words) {
        for (String word : LabelField.words(words)) {
            vocabulary.add(word, new Meaning.Tells());
        }
        return this;
    }

    /** Names of what is printed on such labels and no field takes. */
    public LabelGrammar foreign(String... words) {
        for (String word : LabelField.words(words)) {
            vocabulary.add(word, new Meaning.Foreign());
        }
        return this;
    }

    /** Words that are usual on such labels and say nothing. */
    public LabelGrammar fillers(String... words) {
        for (String word : LabelField.words(words)) {
            vocabulary.add(word, new Meaning.Filler());
        }
        return this;
    }

    /** A word that joins two figures as a sign would. */
    public LabelGrammar joins(char sign, String... words) {
        for (String word : LabelField.words(words)) {
            vocabulary.add(word, new Meaning.Spoken(Meaning.Spoken.Part.JOIN, sign));
        }
        return this;
    }

    /** A word that stands for a figure. */
    public LabelGrammar says(double figure, String... words) {
        for (String word : LabelField.words(words)) {
            vocabulary.add(word, new Meaning.Spoken(Meaning.Spoken.Part.DIGIT, figure));
        }
        return this;
    }

    /** What the figures of a reading speak against it, from 0: it ranks readings and makes none. */
    public LabelGrammar physics(ToDoubleFunction<Taking> law) {
        this.physics = law;
        return this;
    }

    double against(List<Taken> taken) {
        return physics == null ? 0 : physics.applyAsDouble(new Taking(taken));
    }

    public LabelGrammar finish(Finish last) {
        this.finish = last;
        return this;
    }

    public String kind() {
        return kind;
    }

    Vocabulary vocabulary() {
        return vocabulary;
    }

    List<LabelField> bareFields() {
        return bare;
    }

    Finish finishing() {
        return finish;
    }

    double costOf(String group) {
        return groups.getOrDefault(group, 0.0);
    }

    /** Whether words say that what follows is of that group. */
    boolean isToldOf(String group) {
        return groups.containsKey(group);
    }

    /** Whether several groups have a field of that name, so that it has to be told whose it is. */
    boolean isShared(String path) {
        return groupsOf.getOrDefault(path, Set.of()).size() > 1;
    }

    /** Whether a field of that name belongs to the whole label too. */
    boolean isAtTop(String path) {
        return groupsOf.getOrDefault(path, Set.of()).contains("");
    }

    /** The marks of all paths of a group. */
    long pathsOf(String group) {
        return marks.getOrDefault(group, 0L);
    }

    /** The number of a path, by which it is marked as filled; labels are read side by side, and a shape may tell a new one. */
    synchronized int path(String path) {
        Integer known = paths.get(path);
        if (known != null) {
            return known;
        }
        if (paths.size() == Long.SIZE) {
            throw new IllegalStateException("a grammar has at most " + Long.SIZE + " paths: " + path);
        }
        paths.put(path, paths.size());
        return paths.size() - 1;
    }

    /** The fields as declared, for whoever lists the words that are known. */
    public List<LabelField> fields() {
        return List.copyOf(fields);
    }
}
