package zestbench.server.vision;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Settles signs that look alike by the word they stand in: O and 0, which nearly all misread signs are, are noughts between
 * figures and letters in a word; a lone I between words is a stroke; 10 or 30 behind volts may be 1Ø or 3Ø.
 */
final class Lookalikes {
    /** What hangs together without a dash or stroke. */
    private static final Pattern WORD = Pattern.compile("[A-Za-z0-9.,]+");

    private static final Pattern FIGURES = Pattern.compile("(?=.*[1-9])[0-9Oo.,]+|[Oo0]{3}");
    /** Letters and noughts alone; a nought before a unit, as 0 V, stays. */
    private static final Pattern LETTERS = Pattern.compile("(?!0[A-Z]$)(?=.*[A-NP-Z])[A-Z0]{2,}[.,]?");

    private static final Pattern STROKE = Pattern.compile("(?<=[A-Z] )I(?= [A-Z])");

    /** The sign of phases, which the models do not know, is read as a nought. */
    private static final Pattern PHASE = Pattern.compile(
            "(?<=V |VAC |VOLTS |[0-9]{3} )[13]0(?![^ ])(?! *(?:FLA|LRA|RES|RLA|A|AMPS?|MFD|HP|K?VA|K?W)\\b)");

    private static final double PERHAPS = .1;

    private Lookalikes() {}

    static List<Sign> settled(List<Sign> signs) {
        StringBuilder text = new StringBuilder();
        signs.forEach(s -> text.append(s.sign()));
        List<Sign> out = new ArrayList<>(signs);
        Matcher words = WORD.matcher(text);
        while (words.find()) {
            boolean isFigure = FIGURES.matcher(words.group()).matches();
            boolean isWord = LETTERS.matcher(words.group()).matches();
            for (int i = words.start(); i < words.end(); i++) {
                char sign = text.charAt(i);
                if (isFigure && (sign == 'O' || sign == 'o')) {
                    out.set(i, signs.get(i).as('0'));
                } else if (isWord && sign == '0') {
                    out.set(i, signs.get(i).as('O'));
                }
            }
        }
        Matcher phases = PHASE.matcher(text);
        while (phases.find()) {
            Sign nought = out.get(phases.start() + 1);
            out.set(
                    phases.start() + 1,
                    new Sign(nought.sign(), nought.sure(), "Ø", PERHAPS, nought.from(), nought.to()));
        }
        Matcher strokes = STROKE.matcher(text);
        while (strokes.find()) {
            out.set(strokes.start(), signs.get(strokes.start()).as('/'));
        }
        return out;
    }
}
