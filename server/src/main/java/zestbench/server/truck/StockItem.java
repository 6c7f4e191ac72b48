package zestbench.server.truck;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;

/** A line of stock: pieces of one part number in one bin of one truck, or of the shop. */
@Entity
public class StockItem {
    @Id
    private String id = "";

    private String partNumber = "";
    private String depot = "";
    private String bin = "";
    private String kind = "";
    private String name = "";
    private String label = "";

    @Lob
    private String spec = "";

    private int quantity;
    private int minimum;
    private double cost;
    private double price;
    /** Counts up with each change of the line or its count. */
    private long version;

    protected StockItem() {}

    StockItem(StockRow row, String spec) {
        this.id = row.id();
        this.partNumber = row.partNumber();
        this.quantity = row.quantity();
        this.kind = row.kind();
        become(row, spec);
    }

    /** Takes over what {@code row} says of it, its count left as it is. */
    void become(StockRow row, String newSpec) {
        depot = row.depot();
        bin = row.bin();
        kind = row.kind();
        name = row.name();
        label = row.label();
        spec = newSpec;
        minimum = row.minimum();
        cost = row.cost();
        price = row.price();
        version++;
    }

    StockRow row() {
        return new StockRow(id, partNumber, depot, bin, kind, name, label, quantity, minimum, cost, price);
    }

    String id() {
        return id;
    }

    String depot() {
        return depot;
    }

    String bin() {
        return bin;
    }

    String kind() {
        return kind;
    }

    String name() {
        return name;
    }

    String label() {
        return label;
    }

    String spec() {
        return spec;
    }

    int quantity() {
        return quantity;
    }

    int minimum() {
        return minimum;
    }

    long version() {
        return version;
    }

    double price() {
        return price;
    }
}
