package zestbench.server.json;

import tools.jackson.core.JacksonException;
import tools.jackson.databind.exc.InvalidFormatException;
import tools.jackson.databind.exc.UnrecognizedPropertyException;

/** What is wrong with JSON, without the words of the library that found it. */
public final class JsonWords {
    private JsonWords() {}

    public static String of(JacksonException broken) {
        if (broken instanceof InvalidFormatException value) {
            return "\"" + value.getValue() + "\" is no "
                    + value.getTargetType().getSimpleName().replaceAll("([a-z])([A-Z])", "$1 $2");
        }
        if (broken instanceof UnrecognizedPropertyException unknown) {
            return "there is no field " + unknown.getPropertyName() + "; known are " + unknown.getKnownPropertyIds();
        }
        String words = broken.getOriginalMessage();
        int at = words.indexOf("problem: ");
        return (at >= 0 ? words.substring(at + "problem: ".length()) : words)
                .replaceAll(" \\(set `[^)]*\\)", "")
                .replace("Cannot map `null` into type", "this is missing, or empty where there has to be a");
    }
}
