package zestbench.server.truck;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;

/** A line of stock: pieces of one part number in one bin. */
@Entity
public class StockItem {
    @Id
    private String id = "";

    private String bin = "";
    private String kind = "";
    private String name = "";
    private String label = "";

    @Lob
    private String spec = "";

    private int quantity;
    private int minimum;
    private double cost;

    protected StockItem() {}

    StockItem(
            String id,
            String bin,
            String kind,
            String name,
            String label,
            String spec,
            int quantity,
            int minimum,
            double cost) {
        this.id = id;
        this.bin = bin;
        this.kind = kind;
        this.name = name;
        this.label = label;
        this.spec = spec;
        this.quantity = quantity;
        this.minimum = minimum;
        this.cost = cost;
    }

    String id() {
        return id;
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

    double cost() {
        return cost;
    }
}
