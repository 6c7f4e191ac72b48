package zestbench.core.label;

import java.util.List;
import java.util.function.Predicate;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import zestbench.core.value.Value;

/**
 * Codes as printed: model, serial and part numbers, with a digit in them.
 *
 * @param pattern what a whole code looks like
 * @param isOne what it has to be besides
 */
public record CodeShape(Pattern pattern, Predicate<String> isOne) implements Shape {
    /** Any code of three signs and more. */
    public static final CodeShape ANY = of(Pattern.compile("[A-Za-z0-9][A-Za-z0-9.-]{2,39}"), code -> true);

    public static CodeShape of(Pattern pattern, Predicate<String> isOne) {
        return new CodeShape(pattern, isOne);
    }

    @Override
    public @Nullable Fit fit(String path, Figure figure, @Nullable Unit unit) {
        return null;
    }

    @Override
    public boolean isCode() {
        return true;
    }

    @Override
    public @Nullable Fit printed(String path, String text) {
        boolean is = pattern.matcher(text).matches() && text.chars().anyMatch(Character::isDigit) && isOne.test(text);
        return is ? new Fit(List.of(new Told(path, Value.of(text))), 0) : null;
    }
}
