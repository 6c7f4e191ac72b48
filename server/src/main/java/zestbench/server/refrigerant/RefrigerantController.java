package zestbench.server.refrigerant;

import java.io.IOException;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;
import zestbench.core.proof.SaturationTable;
import zestbench.server.json.TextFile;
import zestbench.server.problem.NotHere;

/** Saturation tables over HTTP. */
@RestController
@RequestMapping("/api/refrigerants")
class RefrigerantController {
    private final Refrigerants refrigerants;

    RefrigerantController(Refrigerants refrigerants) {
        this.refrigerants = refrigerants;
    }

    /** @param isBroughtIn whether it came as CSV, and goes before one that ships */
    record RefrigerantView(
            String refrigerant,
            String source,
            int rows,
            double lowestFahrenheit,
            double highestFahrenheit,
            boolean isBroughtIn) {}

    @GetMapping
    List<RefrigerantView> all() {
        return refrigerants.all().stream().map(this::view).toList();
    }

    private RefrigerantView view(SaturationTable table) {
        List<SaturationTable.Row> rows = table.rows();
        return new RefrigerantView(
                table.refrigerant(),
                table.source(),
                rows.size(),
                rows.get(0).fahrenheit(),
                rows.get(rows.size() - 1).fahrenheit(),
                refrigerants.isBroughtIn(table.refrigerant()));
    }

    @GetMapping("/{refrigerant}.csv")
    ResponseEntity<String> csv(@PathVariable String refrigerant) {
        SaturationTable table = refrigerants.find(refrigerant);
        if (table == null) {
            throw new NotHere("There is no saturation table for " + refrigerant + ".");
        }
        return ResponseEntity.ok()
                .contentType(new MediaType("text", "csv", StandardCharsets.UTF_8))
                .body(TableCsv.write(table));
    }

    @PostMapping(consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    RefrigerantView bringIn(
            @RequestParam("refrigerant") String refrigerant,
            @RequestParam("source") String source,
            @RequestParam("file") MultipartFile file)
            throws IOException {
        String text = TextFile.read(file.getBytes());
        return view(refrigerants.bringIn(refrigerant.strip(), source.strip(), new StringReader(text)));
    }

    @DeleteMapping("/{refrigerant}")
    List<RefrigerantView> takeOut(@PathVariable String refrigerant) {
        refrigerants.takeOut(refrigerant);
        return all();
    }
}
