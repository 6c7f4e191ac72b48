package zestbench.core.plate;

import static zestbench.core.label.LabelField.told;

import zestbench.core.label.LabelField;
import zestbench.core.quantity.Letters;

/** How labels name a refrigerant. */
public final class RefrigerantFields {
    private static final String[] REFRIGERANTS = {
        "12|22|32|123|124|134a|290|404a|407a|407c|407f|409a|410a|417a|421a|422b|422d|427a|438a|448a",
        "449a|450a|452a|452b|454a|454b|454c|466a|500|502|507|507a|513a|600a|744|1234yf|1234ze"
    };

    private RefrigerantFields() {}

    /** One that is said to be the only one. */
    static LabelField alone() {
        LabelField field = told("refrigerantAlone");
        for (String number : LabelField.words(REFRIGERANTS)) {
            field = field.by(name(number), "r" + number + " only|only r" + number);
        }
        return field;
    }

    private static String name(String number) {
        return "R-" + (number.endsWith("yf") || number.endsWith("ze") ? number : Letters.large(number));
    }

    /** By its name, as R-410A, however it is written. */
    public static LabelField refrigerant() {
        LabelField field = told("refrigerant", "refrigerant|refrig|refrigerante|refr");
        for (String number : LabelField.words(REFRIGERANTS)) {
            String name = name(number);
            field = field.by(
                    name, "r" + number, "refrigerant " + number, "hfc-" + number, "hcfc-" + number, "refrig " + number);
            if (Character.isLetter(number.charAt(number.length() - 1)) && number.length() == 4) {
                field = field.by(name, number);
            }
        }
        return field.by("R-410A", "four ten a|r four ten a|r four ten")
                .by("R-22", "r twenty two")
                .by("R-32", "r thirty two")
                .by("R-454B", "four fifty four b");
    }
}
