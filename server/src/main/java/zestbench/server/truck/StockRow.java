package zestbench.server.truck;

import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import zestbench.core.Families;
import zestbench.core.family.Family;
import zestbench.core.quantity.InputProblem;
import zestbench.server.json.CleanText;

/**
 * All that is known of a line of stock, as it is typed, imported and exported.
 *
 * @param id of this line
 * @param partNumber of the part, the same wherever it lies
 * @param cost what it was bought for
 * @param price what a customer pays
 */
public record StockRow(
        String id,
        String partNumber,
        String depot,
        String bin,
        String kind,
        String name,
        String label,
        int quantity,
        int minimum,
        double cost,
        double price) {
    /** Of a part that is no family's and only kept. */
    public static final String OTHER = "other";

    private static final Pattern ID = Pattern.compile("[\\p{L}\\p{N}][\\p{L}\\p{N}._-]*");
    private static final int MOST_PIECES = 9_999;
    private static final double MOST_MONEY = 100_000;
    private static final int LONGEST_ID = 40;
    private static final int LONGEST_BIN = 20;
    private static final int LONGEST_NAME = 80;
    private static final int LONGEST_LABEL = 200;

    public StockRow {
        text(id, "id", LONGEST_ID);
        text(partNumber, "partNumber", LONGEST_ID);
        text(depot, "depot", LONGEST_ID);
        text(bin, "bin", LONGEST_BIN);
        text(name, "name", LONGEST_NAME);
        text(kind, "kind", LONGEST_ID);
        text(label, "label", LONGEST_LABEL);
        pieces(quantity, "quantity");
        pieces(minimum, "minimum");
        money(cost, "cost");
        money(price, "price");
    }

    /** Checks what comes in; what was kept before these rules can still be read. @return this */
    StockRow checked() {
        for (String text : List.of(id, partNumber, depot, bin, kind, name, label)) {
            CleanText.checked(id, text);
        }
        InputProblem.require(ID.matcher(id).matches(), "id", id, "give letters, digits, . _ and -, such as CP-049");
        InputProblem.require(
                kind.equals(OTHER) || Families.find(kind).isPresent(), "kind", kind, "known are " + kinds());
        return this;
    }

    private static String kinds() {
        return Families.ALL.stream().map(Family::kind).collect(Collectors.joining(", ")) + ", " + OTHER;
    }

    private static void text(String text, String field, int longest) {
        InputProblem.require(
                !text.isBlank() && text.length() <= longest, field, text, "give 1 to " + longest + " characters");
    }

    private static void pieces(int count, String field) {
        InputProblem.require(count >= 0 && count <= MOST_PIECES, field, count, "give 0 to 9,999 pieces");
    }

    private static void money(double amount, String field) {
        InputProblem.require(amount >= 0 && amount <= MOST_MONEY, field, amount, "give 0 to 100,000");
    }

    StockRow counted(int count) {
        return new StockRow(id, partNumber, depot, bin, kind, name, label, count, minimum, cost, price);
    }

    /** The same part somewhere else. */
    StockRow at(String newId, String newDepot, String newBin, int count) {
        return new StockRow(newId, partNumber, newDepot, newBin, kind, name, label, count, 0, cost, price);
    }
}
