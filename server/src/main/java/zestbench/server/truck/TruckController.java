package zestbench.server.truck;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;
import zestbench.core.Families;
import zestbench.core.family.Spec;
import zestbench.core.label.LabelRead;
import zestbench.server.change.ChangesNothing;
import zestbench.server.json.TextFile;
import zestbench.server.person.People;
import zestbench.server.person.Sender;
import zestbench.server.truck.Depots.DepotView;
import zestbench.server.truck.Truck.StockView;

/** The trucks and the shop over HTTP. */
@RestController
@RequestMapping("/api/truck")
class TruckController {
    private final Truck truck;
    private final Depots depots;
    private final People people;

    TruckController(Truck truck, Depots depots, People people) {
        this.people = people;
        this.truck = truck;
        this.depots = depots;
    }

    record LabelTyped(
            @NotBlank(message = "type what the label says") @Size(max = 200, message = "give up to 200 characters")
            String text) {}

    /** What a label typed in is read as. */
    record LabelPreview(String kind, String rating, List<String> unread) {}

    /** A part taken in by its label. */
    record NewStock(
            @NotBlank(message = "type what the label says") @Size(max = 200, message = "give up to 200 characters")
            String text,

            @NotBlank(message = "say which truck") String depot,
            @NotBlank(message = "say which bin") String bin,
            @Nullable String name,
            int quantity,
            int minimum,
            double cost,
            double price) {}

    /** @param version of the line that was counted against */
    record Counted(int quantity, @Nullable Long version) {}

    record Moving(
            @NotBlank(message = "say where it goes") String depot,
            int pieces,
            @Nullable Long version) {}

    /** What is known of a line, its count aside. */
    record StockDetails(
            @NotBlank(message = "say which bin") String bin,
            @NotBlank(message = "name the part") String name,
            int minimum,
            double cost,
            double price,
            @Nullable Long version) {}

    record NewDepot(@NotNull(message = "give a name") String name, boolean isShop) {}

    /** What a file would change. @param change in words */
    record ImportLine(String id, String name, String change) {}

    record ImportView(int added, int changed, int same, List<ImportLine> lines) {}

    record Driving(@NotBlank(message = "say which truck") String depot) {}

    @GetMapping
    List<StockView> all() {
        return truck.all();
    }

    @GetMapping("/depots")
    List<DepotView> depots() {
        return depots.all();
    }

    @PostMapping("/depots")
    List<DepotView> addDepot(@Valid @RequestBody NewDepot given) {
        depots.add(given.name(), given.isShop());
        return depots.all();
    }

    /** Which truck the sender drives. */
    @PutMapping("/mine")
    DepotView drive(@Valid @RequestBody Driving given, Sender sender) {
        people.drives(sender.id(), depots.known(given.depot()));
        return depots.all().stream()
                .filter(d -> d.name().equals(given.depot()))
                .findFirst()
                .orElseThrow();
    }

    @ChangesNothing
    @PostMapping("/label")
    LabelPreview preview(@Valid @RequestBody LabelTyped given) {
        LabelRead label = truck.read(given.text());
        String kind = String.valueOf(label.kind());
        return new LabelPreview(kind, Families.named(kind).shortText(new Spec(label.fields())), label.unread());
    }

    @PostMapping
    StockView add(@Valid @RequestBody NewStock given, Sender sender) {
        String kind = String.valueOf(truck.read(given.text()).kind());
        String name = given.name() == null || given.name().isBlank()
                ? Families.named(kind).title()
                : given.name().strip();
        Function<String, StockRow> row = id -> new StockRow(
                id,
                id,
                given.depot(),
                given.bin().strip(),
                kind,
                name,
                given.text().strip(),
                given.quantity(),
                given.minimum(),
                given.cost(),
                given.price());
        return truck.view(truck.takeIn(row, kind, sender.who()));
    }

    @PutMapping("/{id}/count")
    StockView count(@PathVariable String id, @Valid @RequestBody Counted given, Sender sender) {
        truck.count(id, given.quantity(), given.version(), sender.who());
        return truck.view(id);
    }

    @PutMapping("/{id}")
    StockView details(@PathVariable String id, @Valid @RequestBody StockDetails given, Sender sender) {
        StockView known = truck.view(id);
        truck.know(
                id,
                new StockRow(
                        id,
                        known.partNumber(),
                        known.depot(),
                        given.bin().strip(),
                        known.kind(),
                        given.name().strip(),
                        known.label(),
                        known.quantity(),
                        given.minimum(),
                        given.cost(),
                        given.price()),
                given.version(),
                sender.who());
        return truck.view(id);
    }

    @PostMapping("/{id}/move")
    List<StockView> move(@PathVariable String id, @Valid @RequestBody Moving given, Sender sender) {
        truck.move(id, given.depot(), given.pieces(), given.version(), sender.who());
        return truck.all();
    }

    @GetMapping("/{id}/history")
    List<StockMove.MoveView> history(@PathVariable String id) {
        return truck.history(id);
    }

    @GetMapping("/stock.csv")
    ResponseEntity<String> csv() {
        return ResponseEntity.ok()
                .contentType(new MediaType("text", "csv", StandardCharsets.UTF_8))
                .header("Content-Disposition", "attachment; filename=\"stock.csv\"")
                .body(StockCsv.write(truck.rows()));
    }

    /** What a file would change; nothing is kept. */
    @ChangesNothing
    @PostMapping(value = "/import/preview", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    ImportView previewImport(@RequestParam("file") MultipartFile file) throws IOException {
        return changes(read(file));
    }

    /** Takes a file in: all of it or nothing. */
    @PostMapping(value = "/import", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    ImportView takeIn(@RequestParam("file") MultipartFile file, Sender sender) throws IOException {
        List<StockRow> rows = read(file);
        ImportView changes = changes(rows);
        rows.forEach(row -> truck.keep(row, sender.who(), true));
        return changes;
    }

    private List<StockRow> read(MultipartFile file) throws IOException {
        List<StockRow> rows = StockCsv.read(TextFile.read(file.getBytes()), truck::row);
        rows.forEach(row -> depots.known(row.depot()));
        return rows;
    }

    private ImportView changes(List<StockRow> rows) {
        List<ImportLine> lines = new ArrayList<>();
        int added = 0;
        int same = 0;
        for (StockRow row : rows) {
            Optional<StockRow> known = truck.row(row.id());
            if (known.isEmpty()) {
                added++;
                lines.add(new ImportLine(row.id(), row.name(), "new, " + row.quantity() + " in bin " + row.bin()));
            } else if (known.get().equals(row)) {
                same++;
            } else {
                lines.add(new ImportLine(row.id(), row.name(), difference(known.get(), row)));
            }
        }
        return new ImportView(added, rows.size() - added - same, same, lines);
    }

    private static String difference(StockRow before, StockRow after) {
        Map<String, Object> old = values(before);
        List<String> out = new ArrayList<>();
        values(after).forEach((name, value) -> {
            if (!value.equals(old.get(name))) {
                out.add(name + " " + old.get(name) + " → " + value);
            }
        });
        return String.join(", ", out);
    }

    private static Map<String, Object> values(StockRow row) {
        Map<String, Object> out = new java.util.LinkedHashMap<>();
        out.put("depot", row.depot());
        out.put("bin", row.bin());
        out.put("kind", row.kind());
        out.put("name", row.name());
        out.put("label", row.label());
        out.put("count", row.quantity());
        out.put("minimum", row.minimum());
        out.put("cost", row.cost());
        out.put("price", row.price());
        out.put("part number", row.partNumber());
        return out;
    }
}
