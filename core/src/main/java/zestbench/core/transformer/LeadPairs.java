package zestbench.core.transformer;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import zestbench.core.label.LeadColours;
import zestbench.core.label.Taking;
import zestbench.core.value.Value;

/** Leads that a label names two by two, as black and red for 208 V: the one that is in all pairs is the common. */
final class LeadPairs {
    static final String PAIR = "leads ";
    /** What is common at all, of the colours: white by custom, black on others. [practice] */
    private static final List<String> COMMONS = List.of(TransformerLabel.COMMON, "BLACK");

    private static final int WAYS_TO_WRITE = 3;
    private static final int SHORT = 3;

    /** Each pair with one that can be the common, and how labels write it. */
    static final Map<String, String[]> WRITTEN = written();

    private LeadPairs() {}

    private static Map<String, String[]> written() {
        Map<String, String[]> out = new LinkedHashMap<>();
        LeadColours.WORDS.forEach((one, words) -> LeadColours.WORDS.forEach((other, others) -> {
            boolean isKnown = out.containsKey(PAIR + other + " " + one);
            if (COMMONS.contains(one) && !one.equals(other) && !isKnown) {
                out.put(PAIR + one + " " + other, words(words, others));
            }
        }));
        return Collections.unmodifiableMap(out);
    }

    /** Either first, both in full or both short. */
    private static String[] words(String[] one, String[] other) {
        List<String> out = new ArrayList<>();
        List<String> ones = forms(one);
        List<String> others = forms(other);
        for (int i = 0; i < Math.min(ones.size(), others.size()); i++) {
            for (String between : new String[] {" ", "/", "-"}) {
                out.add(ones.get(i) + between + others.get(i));
                out.add(others.get(i) + between + ones.get(i));
            }
        }
        return out.stream().distinct().toArray(String[]::new);
    }

    /** In full, short, and as it is shortened further; a name of three letters is its own short form. */
    private static List<String> forms(String[] words) {
        String inShort = words[0].length() <= SHORT ? words[0] : words[1];
        List<String> out = new ArrayList<>(List.of(words[0], inShort));
        out.addAll(List.of(words).subList(1, Math.min(WAYS_TO_WRITE, words.length)));
        return out;
    }

    /**
     * Makes single leads of the pairs; where no lead is common to all of them, none is believed.
     *
     * @return the pair that each lead was told by
     */
    static Map<String, String> settle(Taking taking) {
        Map<String, Value> pairs = new LinkedHashMap<>();
        for (Map.Entry<String, Value> each : taking.entries()) {
            if (each.getKey().startsWith(PAIR)) {
                pairs.put(each.getKey(), each.getValue());
            }
        }
        Map<String, String> told = new LinkedHashMap<>();
        if (pairs.isEmpty()) {
            return told;
        }
        String common = common(taking, pairs.keySet());
        for (Map.Entry<String, Value> pair : pairs.entrySet()) {
            List<String> colours = colours(pair.getKey());
            taking.remove(pair.getKey());
            if (common == null) {
                taking.move(pair.getKey(), "leads");
                continue;
            }
            String lead = TransformerLabel.LEAD + colours.get(colours.get(0).equals(common) ? 1 : 0);
            told.put(lead, pair.getKey());
            taking.set(lead, pair.getValue());
            taking.set(TransformerLabel.LEAD + common, Value.of(0));
        }
        if (common == null) {
            taking.doubt("leads", "pairs of leads without one in all of them: type each lead with its volts", null);
        }
        return told;
    }

    /** Of a single pair it is the one that is so by custom, and else not told. */
    private static @Nullable String common(Taking taking, Set<String> pairs) {
        Set<String> common = new LinkedHashSet<>();
        pairs.forEach(pair -> common.addAll(colours(pair)));
        pairs.forEach(pair -> common.retainAll(colours(pair)));
        for (Map.Entry<String, Value> each : taking.entries()) {
            boolean isCommon = each.getKey().startsWith(TransformerLabel.LEAD)
                    && each.getValue() instanceof Value.Num volts
                    && volts.number() == 0;
            if (isCommon) {
                common.retainAll(Set.of(each.getKey().substring(TransformerLabel.LEAD.length())));
            }
        }
        return common.size() == 1
                ? common.iterator().next()
                : common.contains(TransformerLabel.COMMON) ? TransformerLabel.COMMON : null;
    }

    private static List<String> colours(String pair) {
        return List.of(pair.substring(PAIR.length()).split(" "));
    }
}
